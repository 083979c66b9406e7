import { applyBatches } from '../batching/apply-batches';
import { breakDown } from '../breakdown/break-down';
import type { Breakdown } from '../breakdown/breakdown';
import { withFormerIds } from '../breakdown/former-ids';
import type { Design } from '../design/design';
import { designIn } from '../design/design-in';
import type { Formula } from '../formula/formula';
import { batchId, orderId, orderNumberOf } from '../ids/ids';
import { answersOf, sameAnswers, type BreakdownFigures, type KeptBreakdown } from './kept-work';
import type { AcceptedBatch, BreakableOrder, OpenOrder, PlanningKitchen, Situation } from './situation';

/** Breaks all orders of a situation down, with its batches in the place of their members' own steps. */
export function breakDownAll(
  orders: OpenOrder[],
  { batches, kitchen }: { batches: AcceptedBatch[]; kitchen: PlanningKitchen },
): Pick<Situation, 'breakdowns' | 'shared'> {
  const batchable = new Map(
    orders.map((o) => [orderId(o.id), { name: o.title, breakdown: breakDownOrder(o, kitchen), choices: o.choices }]),
  );
  const list = batches.map((b) => ({
    id: batchId(b.id),
    members: b.members.map((m) => ({ order: orderId(m.order), role: m.role })),
  }));
  const kept = new Map(batches.flatMap((b) => (b.kept ? [[batchId(b.id), b.kept.work] as const] : [])));
  const applied = applyBatches(batchable, list, kitchen.library, kept);
  return {
    breakdowns: new Map([...applied.breakdowns].map(([id, b]) => [orderNumberOf(id), b])),
    shared: applied.shared,
  };
}

/** The situation with one order more, or with another version of one that is there. */
export function withOrder<S extends Situation>(situation: S, draft: S['orders'][number]): S {
  const before = situation.orders.find((o) => o.id === draft.id);
  const kept = draft.kept ?? before?.kept ?? null;
  const orders = [...situation.orders.filter((o) => o !== before), { ...draft, kept }];
  return { ...situation, ...breakDownAll(orders, situation), orders };
}

const known = new WeakMap<PlanningKitchen, WeakMap<BreakableOrder, Breakdown>>();

/**
 * An order’s breakdown: as it is kept since its first step was told, where its answers are still those; else made by the versions of the
 * formulas that it was planned with. The same row of the same kitchen is broken down only once.
 */
export function breakDownOrder(order: BreakableOrder, kitchen: PlanningKitchen): Breakdown {
  const ofKitchen = known.get(kitchen) ?? new WeakMap<BreakableOrder, Breakdown>();
  known.set(kitchen, ofKitchen);
  const breakdown = ofKitchen.get(order) ?? breakDownAnew(order, kitchen);
  ofKitchen.set(order, breakdown);
  return breakdown;
}

function breakDownAnew(order: BreakableOrder, kitchen: PlanningKitchen): Breakdown {
  const { kept } = order;
  if (!kept) return breakDownBy(order, kitchen, kitchen.library);
  return sameAnswers(kept.answers, answersOf(order))
    ? kept.breakdown
    : breakDownBegun(order, kept, kitchen, kept.figures);
}

/** Breaks an order that has been begun down anew, with ids of the kind that it was begun with. */
export function breakDownBegun(
  order: BreakableOrder,
  { formerIds, breakdown: before }: Pick<KeptBreakdown, 'formerIds' | 'breakdown'>,
  kitchen: PlanningKitchen,
  figures: BreakdownFigures,
): Breakdown {
  const breakdown = breakDownBy(order, kitchen, figures);
  return formerIds ? withFormerIds(breakdown, new Set(before.steps.map((s) => s.id))) : breakdown;
}

/** Breaks an order down by these figures, whatever of it is kept. Throws if its build or a formula of it is not there. */
function breakDownBy(order: BreakableOrder, kitchen: PlanningKitchen, figures: BreakdownFigures): Breakdown {
  const design = designOfOrder(order, kitchen);
  if (!design) throw new Error(`There is no build “${order.build}”.`);
  const { inscription = '', without, swaps, overrides, fromStore = [], choices } = order;
  return breakDown(
    { id: orderId(order.id), design, inscription, without, swaps, overrides, fromStore, choices },
    { ...kitchen.library, ...figuresOf(figures), formulas: formulasAt(order.versions, kitchen) },
  );
}

/** The design of an order: its own, or its build in its tiers where it was taken before it had one; null where that is not there. */
export function designOfOrder(
  { design, build, tiers }: Pick<BreakableOrder, 'design' | 'build' | 'tiers'>,
  kitchen: Pick<PlanningKitchen, 'builds'>,
): Design | null {
  const from = kitchen.builds.get(build);
  return design ?? (from ? designIn(from, tiers) : null);
}

/** What is kept of a kitchen with an order that has been begun. */
export const figuresOf = ({
  coefficients,
  choices,
  moulds,
  ovenSlots,
  slot,
  mixes,
}: BreakdownFigures): BreakdownFigures => ({
  ...{ coefficients, choices, moulds, ovenSlots },
  ...(slot && { slot }),
  ...(mixes && { mixes }),
});

/** Formulas at an older version than the kitchen's newest, of those that are named with one. */
export const olderAt = (
  versions: Record<string, number>,
  { olderFormulas }: Pick<PlanningKitchen, 'olderFormulas'>,
): Formula[] => Object.entries(versions).flatMap(([id, version]) => olderFormulas.get(`${id}@${version}`) ?? []);

/** The kitchen's formulas, those named at the versions named. */
function formulasAt(versions: Record<string, number>, kitchen: PlanningKitchen): ReadonlyMap<string, Formula> {
  const kept = olderAt(versions, kitchen);
  if (kept.length === 0) return kitchen.library.formulas;
  return new Map([...kitchen.library.formulas, ...kept.map((f) => [f.id, f] as const)]);
}
