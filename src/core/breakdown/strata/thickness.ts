import type { Work } from '../../design/work';

/** mm of each use that is not told as a thickness, by the place of the use. */
export type Thicknesses = ReadonlyMap<number, number>;

/** mm of what is measured by a use: as it is told, by the kitchen's figure, or as its share of the batch comes to. */
export function thicknessOf(use: number, work: Work, usual: number, mm: Thicknesses): number {
  const { rule } = work.uses[use]!;
  const said = 'thickness' in rule ? rule.thickness : 'amount' in rule ? rule.amount : undefined;
  if (said === 'usual') return usual;
  if (typeof said === 'object' && 'mm' in said) return said.mm;
  return mm.get(use) ?? usual;
}
