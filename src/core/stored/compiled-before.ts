import { IN_THE_BOWL } from '../breakdown/amounts/amount';
import { topArea, type Form } from '../shape/form';
import { figuresFromBefore } from './kitchen-figures';

type Body = Record<string, unknown>;
type Part = Body & {
  role: string;
  formula: { purpose: string };
  amount: { portions: { use: string }[]; loads: unknown[] };
};
type CakeBefore = Body & {
  tiers: { form: Form; height: number }[];
  layers: number;
  layerHeight: number;
  fillingThickness: number;
  finish: number;
};

const LOST = [IN_THE_BOWL, 'run-off that is lost'];
const COATS = ['frosting', 'cover', 'glaze'];

/** What was lost was known by its name alone, and what was weighed raw by its tins. */
function withLosses(part: Part): Part {
  const { amount, formula } = part;
  const raw = amount.loads.length > 0 || formula.purpose === 'panels';
  return {
    ...part,
    amount: {
      ...amount,
      portions: amount.portions.map((p) => (LOST.some((l) => p.use.endsWith(l)) ? { ...p, lost: true } : p)),
      ...(raw ? { raw: true } : {}),
    },
  };
}

const untold = (steps: unknown): unknown => (steps as Body[]).map((s) => ({ ...s, grams: null }));

/** The geometry of a cake was its layers, one thickness of filling and one of finish: they become strata to draw. */
function withStrata(cake: CakeBefore, parts: Part[]): Body {
  const { fillingThickness: gap, finish, ...rest } = cake;
  const role = (purposes: string[]) => parts.find((p) => purposes.includes(p.formula.purpose))?.role ?? '';
  const coated = parts.some((p) => COATS.includes(p.formula.purpose)) && finish > 0;
  const tiers = cake.tiers.map(({ form, height }) => {
    const at = (kind: string, from: number, thickness: number, of: string) => ({
      ...{ role: of, rule: 0, kind, from, thickness, inset: 0 },
      ml: (topArea(form) * thickness) / 1000,
    });
    const strata = Array.from({ length: cake.layers }, (_, i) => {
      const from = i * (cake.layerHeight + gap);
      const layer = at('layer', from, cake.layerHeight, role(['layers']));
      const above =
        i < cake.layers - 1 ? [at('filling', from + cake.layerHeight, gap, role(['filling', 'fruit']))] : [];
      return [layer, ...above];
    }).flat();
    const body = coated ? height - finish : height;
    const coat = { role: role(COATS), rule: 0, kind: 'final coat', thickness: finish, side: body };
    return { form, body, height, strata, coats: coated ? [{ ...coat, ml: (topArea(form) * finish) / 1000 }] : [] };
  });
  return { ...rest, tiers };
}

/** An order’s kept work of the first version. Its amounts stay what they were. */
export function orderWithStrata(v1: Body): Body {
  const { breakdown, figures } = v1 as { breakdown: Body; figures: Body };
  const components = (breakdown.components as Part[]).map(withLosses);
  return {
    ...v1,
    figures: { ...figures, coefficients: figuresFromBefore(figures.coefficients as Body) },
    breakdown: {
      ...breakdown,
      cake: withStrata(breakdown.cake as CakeBefore, components),
      components,
      steps: untold(breakdown.steps),
    },
  };
}

/** A batch’s kept work of the first version. */
export function batchWithStrata(v1: Body): Body {
  const { work } = v1 as { work: Body };
  return { ...v1, work: { ...work, component: withLosses(work.component as Part), steps: untold(work.steps) } };
}
