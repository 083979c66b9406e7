import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { namesOf } from '../situation/names';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { proposeBatches, type BatchProposal, type Candidate } from '../../core/batching/propose-batches';
import { timeOf } from '../../core/time/clock';
import { insertBatch, splitBatchRow } from '../../data/repositories/batches';
import { appendEvents } from '../../data/repositories/events';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { clashProblem } from '../../core/order/cake-clashes';
import { type Kept, refuse, type Result } from '../shared/result';
import { batchId, orderNumberOf, orderId, isOf, partId, type BatchId, type PartId } from '../../core/ids/ids';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { type Situation } from '../situation/situation';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { loadSituation } from '../situation/load-situation';

export interface BatchesView {
  proposals: (BatchProposal & { span: string })[];
  accepted: { id: number; formulaName: string; members: string[]; grams: number; begun: boolean }[];
}

/** What could be made together, and what already is. */
export function batchesView(situation: Situation, plan: PlanRow): BatchesView {
  const { clock, library } = situation.kitchen;
  const time = (m: number) => timeOf(m, clock).toFormat('ccc HH:mm');
  const names = namesOf(situation);
  // Members are named in the order in which their orders are everywhere else.
  const position = (order: number) => situation.orders.findIndex((o) => o.id === order);
  return {
    proposals: proposeBatches(candidatesOf(situation, plan), library).map((p) => ({
      ...p,
      span: say`needed from ${time(p.members[0]!.neededAt)} to ${time(p.members.at(-1)!.neededAt)}`,
    })),
    accepted: situation.batches.flatMap((b) => {
      const component = situation.shared.components.get(batchId(b.id));
      if (!component) return [];
      return [
        {
          id: b.id,
          formulaName: component.formula.name,
          members: [...b.members]
            .sort((x, y) => position(x.order) - position(y.order))
            .map((m) => names.order(orderId(m.order)) ?? 'handed over'),
          grams: component.amount.grams,
          begun: hasBegun(batchId(b.id), situation),
        },
      ];
    }),
  };
}

/** Components of planned orders of which nothing has been begun, and which are in no batch yet. */
function candidatesOf(situation: Situation, plan: PlanRow): Candidate[] {
  const reading = readingOf(plan);
  const inBatch = new Set(situation.batches.flatMap((b) => b.members.map((m) => partId(orderId(m.order), m.role))));
  return situation.orders.flatMap((o): Candidate[] => {
    const breakdown = situation.breakdowns.get(o.id)!;
    const own = orderId(o.id);
    return breakdown.components.flatMap((component): Candidate[] => {
      const part = partId(own, component.role);
      if (inBatch.has(part) || hasBegun(part, situation)) return [];
      const uses = breakdown.waits
        .filter((w) => isOf(w.from, part) && !isOf(w.to, part))
        .flatMap((w) => reading.planned(w.to)?.start ?? []);
      if (uses.length === 0) return [];
      return [{ order: own, name: o.title, component, neededAt: Math.min(...uses), choices: o.choices }];
    });
  });
}

function hasBegun(owner: BatchId | PartId, situation: Situation): boolean {
  return [...situation.states.keys()].some((step) => isOf(step, owner));
}

/** Makes one batch of these components. What was begun meanwhile stays apart, and is told. */
export async function acceptBatch(db: KitchenDb, members: { order: string; role: string }[]): Promise<Kept> {
  const kept = await commit(db, async (tx): Promise<Result<{ formula: string }>> => {
    const situation = await loadSituation(tx);
    const plan = await readPlan(tx);
    if (!situation || !plan) return refuse(say`There is no plan yet.`);
    if (new Set(members.map((m) => `${m.order}.${m.role}`)).size < members.length)
      return refuse(say`A component is named twice.`);
    const free = candidatesOf(situation, plan);
    const chosen = members.flatMap((m) => free.find((c) => c.order === m.order && c.component.role === m.role) ?? []);
    if (chosen.length < 2 || chosen.length !== members.length)
      return refuse(say`Some of this has been begun, or is in another batch by now.`);
    const { formula } = chosen[0]!.component;
    if (chosen.some((c) => c.component.formula.id !== formula.id)) return refuse(say`These are not of one formula.`);
    const rows = chosen.map((c) => ({ order: orderNumberOf(c.order), role: c.component.role }));
    const made = { id: 0, formula: formula.id, members: rows, split: false, madeAt: db.now() };
    const batches = [...situation.batches, made];
    const clash = clashProblem(situation, {
      ...{ orders: situation.orders, batches },
      ...breakDownAll(situation.orders, { ...situation, batches }),
    });
    if (clash) return refuse(clash);
    const id = await insertBatch(tx, made);
    await appendEvents(tx, [{ at: db.now(), kind: 'batch accepted', order: null, body: { batch: id, members: rows } }]);
    return { ok: true, formula: formula.name };
  });
  return kept.ok ? { ok: true, planned: await planned(db, say`${kept.formula} is made in one batch`) } : kept;
}

/** Splits a batch of which nothing has been begun: each order makes its own again. */
export async function splitBatch(db: KitchenDb, id: number): Promise<Kept> {
  const kept = await commit(db, async (tx): Promise<Result> => {
    const situation = await loadSituation(tx);
    if (!situation?.batches.some((b) => b.id === id)) return refuse(say`This batch is not there any more.`);
    if (hasBegun(batchId(id), situation)) return refuse(say`It has been begun: it stays one batch.`);
    await splitBatchRow(tx, id);
    await appendEvents(tx, [{ at: db.now(), kind: 'batch split', order: null, body: { batch: id } }]);
    return { ok: true };
  });
  return kept.ok ? { ok: true, planned: await planned(db, say`a batch was split`) } : kept;
}
