import { say } from '../../core/words/say';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { grams } from '../../core/breakdown/steps/words';
import { formName } from '../../core/shape/form';

/** What goes into one piece of a cake: each part with its uses. */
export interface TierParts {
  name: string;
  parts: { label: string; uses: { use: string; amount: string }[] }[];
}

/** The parts of a cake by its pieces, from the bottom up, and what is for the cake as a whole; none of a cake of one piece. */
export function tierPartsOf({ cake, components }: Breakdown): TierParts[] {
  if (cake.tiers.length < 2) return [];
  const portions = components.flatMap((c) =>
    c.amount.portions
      .filter((p) => !p.lost && !p.leftOver && p.into === undefined)
      .map((p) => ({ label: c.label, ...p })),
  );
  const listed = (own: { label: string; use: string; grams: number }[]): TierParts['parts'] =>
    [...new Set(own.map((p) => p.label))].map((label) => ({
      label,
      uses: own.filter((p) => p.label === label).map((p) => ({ use: p.use, amount: grams(p.grams) })),
    }));
  const tiers = cake.tiers.map((t, tier) => ({
    name: t.within ? say`${times(t.count)}${formName(t.form)}, cut to shape` : `${times(t.count)}${formName(t.form)}`,
    parts: listed(
      portions.flatMap((p) => {
        const own = p.tiers?.find((x) => x.tier === tier);
        if (!own || own.grams < 0.5) return [];
        // "27 pieces" of three tiers are nine of each.
        const here = Math.round(((p.count ?? 0) * own.grams) / p.grams);
        const use = p.count === undefined ? p.use : p.use.replace(`${p.count}`, `${here}`);
        return [{ label: p.label, use, grams: own.grams }];
      }),
    ),
  }));
  const whole = listed(portions.filter((p) => !p.tiers));
  return [...tiers, ...(whole.length > 0 ? [{ name: say`For the whole cake`, parts: whole }] : [])];
}

const times = (count = 1) => (count > 1 ? `${count} × ` : '');
