import { say } from '../../words/say';
import { isPortionedByWeight, portions, portionsByWeight } from '../../shape/portions';
import { span, type Form } from '../../shape/form';
import { alikeStacks } from '../../shape/stacks';
import type { Work } from '../../design/work';
import type { Coefficients } from '../figures/coefficients';
import { cutAwayShare, cutFrom } from '../strata/cut-away';
import { layOut } from '../strata/lay-out';
import type { Tier } from '../strata/stratum';
import type { Thicknesses } from '../strata/thickness';

/** The cake that an order asks for, in its geometry. mm. */
export interface Cake {
  /** From the bottom up; what cannot stand on the one before it stands beside it. */
  tiers: Tier[];
  portions: number;
  /** Layers of its first piece, and how high the lowest of them is as it goes into the cake: what was trimmed off is gone. */
  layers: number;
  layerHeight: number;
}

/**
 * Height = layers × layer height + (layers − 1) × filling + coat on top, mm. Trimming takes its share off each layer;
 * a layer that was cooled upside down keeps its height.
 * Example: 4 layers of 25 mm, trimmed by 8 %, 3 fillings of 6 mm, 5 mm on top: 4 × 23 + 18 + 5 = 115.
 */
export function cakeHeight(layers: number, layerHeight: number, filling: number, finish: number, trimmed = 0): number {
  return layers * layerHeight * (1 - trimmed) + (layers - 1) * filling + finish;
}

/** The cake of a design; `densities` are g/ml of its parts by role. */
export function cakeOf(
  work: Work,
  densities: ReadonlyMap<string, number>,
  figures: Coefficients,
  thicknesses: Thicknesses,
): Cake {
  const tiers = layOut(work, figures, thicknesses);
  const layers = tiers.map((t) => t.strata.filter((s) => s.kind === 'layer')).find((own) => own.length > 0) ?? [];
  return {
    tiers,
    portions: tiers.reduce((sum, t, i) => sum + (t.count ?? 1) * portionsOf(tiers, i, work, densities, figures), 0),
    layers: layers.length,
    layerHeight: layers[0]?.thickness ?? 0,
  };
}

/** What one of a piece gives: slices where it is sold so, else by its top and height; a dome by what it weighs. */
function portionsOf(
  tiers: readonly Tier[],
  at: number,
  { design }: Work,
  densities: ReadonlyMap<string, number>,
  { portions: settings }: Coefficients,
): number {
  const tier = tiers[at]!;
  if (tier.within || tier.dummy) return 0;
  const { slices, madeOf, count = 1 } = design.pieces[at]!;
  if (slices) return Math.max(0, Math.floor((span(tier.form) - 2 * slices.trim) / slices.width + 1e-9));
  if (!isPortionedByWeight(tier.form)) return portions(tier.form, tier.height, design.portion, settings);
  const weigh = (laid: readonly { role: string; ml: number }[]) =>
    laid.reduce((sum, s) => sum + s.ml * (densities.get(s.role) ?? 0), 0);
  const cut = madeOf ? cutFrom(at, design, tiers) : { share: 0, sources: [] };
  const taken = cut.sources.reduce(
    (sum, i) => sum + (tiers[i]!.count ?? 1) * weigh(tiers[i]!.strata) * (1 - cutAwayShare(i, design, tiers)),
    0,
  );
  const grams = weigh([...tier.strata, ...tier.coats]) + taken * cut.share;
  // Of small ones by the dozen each is for somebody.
  return Math.max(count > 1 ? 1 : 0, portionsByWeight(grams, design.portion, settings));
}

/** "2 tiers: round 24 cm, round 15 cm"; "3 × round 20 cm"; "2 tiers: round 24 cm, round 15 cm + 2 × square 25 cm to cut" */
export function cakeName(tiers: readonly Form[]): string {
  const [shown, ...beside] = alikeStacks(tiers, (f) => f);
  if (!shown) return '';
  const times = (count: number, form: string) => (count > 1 ? `${count} × ${form}` : form);
  const name =
    shown.tiers.length > 1 ? say`${shown.tiers.length} tiers: ${shown.name}` : times(shown.count, shown.name);
  const cut = beside.map((s) => times(s.count, s.name));
  return cut.length > 0 ? say`${name} + ${cut.join(' + ')} to cut` : name;
}
