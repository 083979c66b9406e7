import { topArea, type Form } from './form';

export interface PortionSettings {
  /** cm² of a portion of a cake 100 mm high, by how it is eaten. */
  partyArea: number;
  dessertArea: number;
  /** mm of a slice of a roll. */
  sliceWidth: number;
}

export type PortionKind = 'party' | 'dessert';

/**
 * Portions of one tier: ⌊top area ÷ portion area⌋ for each 100 mm of height; a roll is cut into slices.
 * Example: round 240 mm, 100 mm high, party portions of 40 cm²: ⌊452.4 ÷ 40⌋ = 11.
 */
export function portions(form: Form, height: number, kind: PortionKind, settings: PortionSettings): number {
  if (form.form === 'roll') return Math.floor(form.length / settings.sliceWidth);
  const area = kind === 'party' ? settings.partyArea : settings.dessertArea;
  return Math.floor((Math.floor(topArea(form) / 100 / area) * height) / 100);
}
