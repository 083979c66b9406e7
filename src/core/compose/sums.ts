import { breakDown } from '../breakdown/break-down';
import { componentsOf } from '../breakdown/amounts/components';
import { cutFromTooLittle } from '../breakdown/strata/cut-away';
import { cakeGrams } from '../breakdown/amounts/weight';
import type { CakeDraft } from '../breakdown/cake-order';
import type { Kitchen } from '../breakdown/kitchen';
import type { DesignProblem } from '../design/design-problem';
import { cannotBeMade } from '../design/problems';
import { wrongOrders, type WrongOrder } from '../design/order-of-work';
import type { Design } from '../design/design';
import type { Allergen } from '../formula/formula';
import { orderId } from '../ids/ids';
import { formName } from '../shape/form';
import { stacksOf } from '../shape/stacks';
import { PORTION_KINDS, type PortionKind } from '../shape/portions';
import { drawnPieces, type DrawnPiece } from './drawn';
import { leastTime } from './least-time';

/** What a part of a cake comes to. */
export interface PartSum {
  role: string;
  label: string;
  formula: string;
  grams: number;
  /** What it would be, where somebody has set it by hand. */
  usual: number | null;
  because: string;
  colour: string | null;
  /** What of it goes where: "crumb coat 204 g". */
  uses: { use: string; grams: number }[];
  allergens: Allergen[];
}

/** All that a design comes to, without asking when. mm, g, minutes. */
export interface Sums {
  pieces: DrawnPiece[];
  height: number;
  portions: Record<PortionKind, number>;
  grams: number;
  parts: PartSum[];
  allergens: { allergen: Allergen; from: string[] }[];
  /** Minutes of hands, and from the first of them to the hand-over. */
  hands: number;
  least: number;
  /** Tins that are filled, and how many of them there are. */
  tins: { name: string; tins: number; owned: number }[];
  cautions: string[];
  problems: DesignProblem[];
  wrongOrders: WrongOrder[];
}

type Answers = Omit<Extract<CakeDraft, { design: Design }>, 'design'>;

/** What a design comes to in a kitchen; where it cannot be made as it is, only what is wrong with it. */
export function sumsOf(design: Design, answers: Answers, kitchen: Kitchen): Sums | Pick<Sums, 'problems'> {
  const problems = cannotBeMade(design, kitchen);
  let breakdown;
  try {
    breakdown = breakDown({ id: orderId(0), ...answers, design }, kitchen);
  } catch (error) {
    if (problems.length > 0) return { problems };
    throw error;
  }
  const { cake, components, steps, allergens } = breakdown;
  const pieces = drawnPieces(design, breakdown, kitchen.blocks, answers.inscription);
  const portions = Object.fromEntries(
    PORTION_KINDS.map((portion) => [
      portion,
      portion === design.portion
        ? cake.portions
        : componentsOf({ ...answers, design: { ...design, portion } }, kitchen).cake.portions,
    ]),
  ) as Record<PortionKind, number>;
  const filled = new Map<string, number>();
  for (const { form, tins } of components.flatMap((c) => c.amount.loads))
    filled.set(formName(form), (filled.get(formName(form)) ?? 0) + tins);
  return {
    ...{ pieces, portions, allergens },
    problems: [...problems, ...cutFromTooLittle(design, cake.tiers)],
    height: standing(pieces),
    grams: cakeGrams(components),
    parts: components.map((c) => ({
      ...{ role: c.role, label: c.label, formula: c.formula.id, grams: c.amount.grams, because: c.amount.because },
      usual: c.amount.computed,
      colour: c.formula.colour ?? null,
      uses: c.amount.portions.map(({ use, grams }) => ({ use, grams })),
      allergens: c.allergens.map((a) => a.allergen),
    })),
    hands: steps.reduce((sum, s) => sum + (s.people ? s.minutes.likely * s.people.count : 0), 0),
    least: leastTime(breakdown),
    tins: [...filled].map(([name, tins]) => ({
      ...{ name, tins },
      owned: kitchen.moulds.filter((m) => formName(m.form) === name).reduce((sum, m) => sum + m.owned, 0),
    })),
    cautions: [...new Set(steps.flatMap((s) => s.caution ?? []))],
    wrongOrders: wrongOrders(design, kitchen.blocks),
  };
}

/** How high what stands on one another is: of what stands side by side the highest. mm. */
const standing = (pieces: readonly DrawnPiece[]): number =>
  stacksOf(pieces, (p) => p.form).reduce(
    (highest, stack) =>
      Math.max(
        highest,
        stack.reduce((sum, p) => sum + p.height, 0),
      ),
    0,
  );
