import type { Design } from '../../design/design';
import type { DesignProblem } from '../../design/design-problem';
import { volume } from '../../shape/form';
import { say } from '../../words/say';
import type { Stratum, Tier } from './stratum';

/** ml of one of a piece as it is built, without its coats. */
const bodyMl = (t: Tier): number => volume(t.form, t.body);
const all = (tiers: readonly Tier[]) => tiers.reduce((sum, t) => sum + (t.count ?? 1) * bodyMl(t), 0);

/** Pieces that are cut from the same ones, with those: places in the design. */
function groupOf(at: number, { pieces }: Design): { sources: number[]; made: number[] } {
  const key = pieces[at]!.key;
  const made = pieces.flatMap((p, i) => (p.madeOf?.pieces.includes(key) ? [i] : []));
  const keys = new Set(made.flatMap((i) => pieces[i]!.madeOf!.pieces));
  return { sources: pieces.flatMap((p, i) => (keys.has(p.key) ? [i] : [])), made };
}

/** Pieces as the cake shows them: those that are cut up for others are not seen. */
export const shownTiers = (tiers: readonly Tier[]): Tier[] => tiers.filter((t) => !t.within);

/** What is seen of a piece that is cut open: of one that was cut from others what lies in those, again and again up to its height. */
export function strataSeen(tier: Tier, tiers: readonly Tier[]): Stratum[] {
  const source = tier.cutFrom?.[0] === undefined ? undefined : tiers[tier.cutFrom[0]];
  if (!source || source.body <= 0) return tier.strata;
  const times = tier.form.form === 'roll' ? 1 : Math.ceil(tier.body / source.body - 1e-6);
  return Array.from({ length: times }, (_, i) =>
    source.strata.map((s) => ({ ...s, from: s.from + i * source.body })),
  ).flat();
}

/**
 * What share of a piece is cut away where others are made of it: what those have not of the volume of all that they are made of. 0 for a piece that
 * stays whole. Example: two squares and a loaf of 8.2 l become a house of 7.3 l: 11 % are cut away.
 */
export function cutAwayShare(at: number, design: Design, tiers: readonly Tier[]): number {
  if (!tiers[at]!.within) return 0;
  const { sources, made } = groupOf(at, design);
  const whole = all(sources.map((i) => tiers[i]!));
  return whole > 0 ? Math.max(0, 1 - all(made.map((i) => tiers[i]!)) / whole) : 0;
}

/** The pieces that one is cut from, and its share of all that is made of them. */
export function cutFrom(at: number, design: Design, tiers: readonly Tier[]): { share: number; sources: number[] } {
  const from = design.pieces[at]!.madeOf?.pieces[0];
  const source = design.pieces.findIndex((p) => p.key === from);
  const { sources, made } = groupOf(source, design);
  const taken = all(made.map((i) => tiers[i]!));
  return { share: taken > 0 ? all([tiers[at]!]) / taken : 0, sources };
}

/** Less than this share of what is cut may be missing: a joint is filled with cream, and a body is never measured that exactly. */
const FILLED = 0.03;

/** What is to be cut from pieces that are too small for it: where it stands, and how much there is and would be needed. */
export function cutFromTooLittle(design: Design, tiers: readonly Tier[]): DesignProblem[] {
  return design.pieces.flatMap((piece, at): DesignProblem[] => {
    const source = design.pieces.findIndex((p) => p.key === piece.madeOf?.pieces[0]);
    if (source < 0) return [];
    const { sources, made } = groupOf(source, design);
    // Of several that are cut from the same it is said once.
    if (made[0] !== at) return [];
    const [needed, there] = [all(made.map((i) => tiers[i]!)), all(sources.map((i) => tiers[i]!))];
    if (needed <= there * (1 + FILLED)) return [];
    const message = say`It takes ${litres(needed)} l, and what it is cut from has ${litres(there)} l: choose larger pieces, or more of them.`;
    return [{ path: `pieces.${at}.madeOf`, message }];
  });
}

const litres = (ml: number): string => (ml / 1000).toFixed(1);
