import { say } from '../../core/words/say';
import { counted } from '../../core/measure/counted';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { cakeGrams, portionedGrams } from '../../core/breakdown/amounts/weight';
import type { Breakdown } from '../../core/breakdown/breakdown';
import type { Coefficients } from '../../core/breakdown/figures/coefficients';
import type { Coat, Stratum } from '../../core/breakdown/strata/stratum';
import { span, type Form } from '../../core/shape/form';
import { drumGrams } from '../../core/shape/stand';
import { checkPortions, type PortionKind } from '../../core/shape/portions';
import { alikeStacks } from '../../core/shape/stacks';

/** A tier cut open, in mm, for a drawing to scale. */
export interface TierSection {
  form: Form;
  width: number;
  body: number;
  height: number;
  strata: Pick<Stratum, 'kind' | 'from' | 'thickness' | 'inset' | 'until'>[];
  coats: Pick<Coat, 'kind' | 'thickness' | 'side'>[];
}

/** The cake cut open. Cakes that stand side by side and are alike are drawn once, with their number. */
export interface SectionView {
  stacks: { tiers: TierSection[]; count: number; name: string }[];
  summary: string;
  /** What about its portions is not plausible. */
  note: string | null;
}

export function sectionOf(breakdown: Breakdown, kind: PortionKind, { portions, stand }: Coefficients): SectionView {
  const { cake, components } = breakdown;
  const grams = cakeGrams(components);
  const stacks = alikeStacks(cake.tiers, (t) => t.form).map((s) => ({ ...s, tiers: s.tiers.map(tierSection) }));
  const heights = [...new Set(cake.tiers.map((t) => say`${Math.round(t.height)} mm`))].join(', ');
  const board = drumGrams(
    cake.tiers.map((t) => t.form),
    stand,
  );
  const check = checkPortions(portionedGrams(components), cake.portions, kind, portions);
  const each = check ? say`, ${Math.round(check.grams)} g each` : '';
  return {
    stacks,
    summary: say`${cakeName(cake.tiers.map((t) => t.form))} · ${heights} high · gives ${counted(cake.portions, 'portion')}${each} · ${kilos(grams)} kg, and ${kilos(board)} kg of board`,
    note:
      check && !check.plausible ? say`A ${kind} portion usually weighs ${check.band.low}–${check.band.high} g.` : null,
  };
}

const kilos = (g: number) => (g / 1000).toFixed(1);

function tierSection({ form, body, height, strata, coats }: Breakdown['cake']['tiers'][number]): TierSection {
  return {
    ...{ form, width: form.form === 'roll' ? form.diameter : span(form), body, height },
    strata: strata.map(({ kind, from, thickness, inset, until }) => ({
      ...{ kind, from, thickness, inset },
      ...(until === undefined ? {} : { until }),
    })),
    coats: coats.map(({ kind, thickness, side }) => ({ kind, thickness, side })),
  };
}
