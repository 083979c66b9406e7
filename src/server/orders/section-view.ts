import { say } from '../../core/words/say';
import { counted } from '../../core/measure/counted';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { cakeGrams, portionedGrams } from '../../core/breakdown/amounts/weight';
import type { Breakdown } from '../../core/breakdown/breakdown';
import type { Kitchen } from '../../core/breakdown/kitchen';
import { putOn, type PutOn } from '../../core/compose/put-on';
import type { Design } from '../../core/design/design';
import { shownTiers, strataSeen } from '../../core/breakdown/strata/cut-away';
import type { Coat, Stratum, Tier } from '../../core/breakdown/strata/stratum';
import { span, type Form } from '../../core/shape/form';
import { drumGrams } from '../../core/shape/stand';
import { checkPortions } from '../../core/shape/portions';
import { alikeStacks } from '../../core/shape/stacks';

/** The colour that a formula has in a section, where somebody has chosen one. */
interface Coloured {
  colour?: string;
}

/** A tier cut open, in mm, for a drawing to scale. */
export interface TierSection {
  form: Form;
  width: number;
  body: number;
  height: number;
  strata: (Pick<Stratum, 'kind' | 'from' | 'thickness' | 'inset' | 'until'> & Coloured)[];
  coats: (Pick<Coat, 'kind' | 'thickness' | 'side' | 'beside'> & Coloured)[];
  put: PutOn[];
}

/** The cake cut open. Cakes that stand side by side and are alike are drawn once, with their number. */
export interface SectionView {
  stacks: { tiers: TierSection[]; count: number; name: string }[];
  summary: string;
  /** What about its portions is not plausible. */
  note: string | null;
}

export function sectionOf(
  breakdown: Breakdown,
  design: Design,
  { coefficients: { portions, stand }, blocks }: Pick<Kitchen, 'coefficients' | 'blocks'>,
): SectionView {
  const kind = design.portion;
  const put = putOn(design, breakdown, blocks);
  const { cake, components } = breakdown;
  const grams = cakeGrams(components);
  const colours = new Map(components.map((c) => [c.role, c.formula.colour]));
  const colourOf = (role: string): Coloured => {
    const colour = colours.get(role);
    return colour === undefined ? {} : { colour };
  };
  const shown = shownTiers(cake.tiers);
  const stacks = alikeStacks(shown, (t) => t.form).map((s) => ({
    ...s,
    count: s.count * (s.tiers[0]!.count ?? 1),
    tiers: s.tiers.map((t) => tierSection(t, strataSeen(t, cake.tiers), put[cake.tiers.indexOf(t)] ?? [], colourOf)),
  }));
  const heights = [...new Set(shown.map((t) => say`${Math.round(t.height)} mm`))].join(', ');
  const board = drumGrams(
    shown.flatMap((t) => Array.from({ length: t.count ?? 1 }, () => t.form)),
    stand,
  );
  const check = checkPortions(portionedGrams(components), cake.portions, kind, portions);
  const each = check ? say`, ${Math.round(check.grams)} g each` : '';
  return {
    stacks,
    summary: say`${cakeName(shown.flatMap((t) => Array.from({ length: t.count ?? 1 }, () => t.form)))} · ${heights} high · gives ${counted(cake.portions, 'portion')}${each} · ${kilos(grams)} kg, and ${kilos(board)} kg of board`,
    note:
      check && !check.plausible ? say`A ${kind} portion usually weighs ${check.band.low}–${check.band.high} g.` : null,
  };
}

const kilos = (g: number) => (g / 1000).toFixed(1);

function tierSection(
  { form, body, height, coats }: Tier,
  strata: readonly Stratum[],
  put: PutOn[],
  colourOf: (role: string) => Coloured,
): TierSection {
  return {
    ...{ form, width: acrossOf(form), body, height },
    strata: strata.map(({ role, kind, from, thickness, inset, until }) => ({
      ...{ kind, from, thickness, inset, ...colourOf(role) },
      ...(until === undefined ? {} : { until }),
    })),
    coats: coats.map(({ role, kind, thickness, side, beside }) => ({
      ...{ kind, thickness, side, ...colourOf(role) },
      ...(beside && { beside }),
    })),
    put,
  };
}

/** How wide a piece is where it is cut open: a roll across, a house under its gable. mm. */
const acrossOf = (form: Form): number =>
  form.form === 'roll' ? form.diameter : form.form === 'house' ? form.width : span(form);
