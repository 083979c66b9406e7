import { proposeBatches, type BatchProposal, type Candidate } from '../core/batching/propose-batches';
import { timeOf } from '../core/planner/calendars';
import { database, type Db } from '../data/database';
import { insertBatch, readBatches, splitBatchRow } from '../data/repositories/batches';
import { appendEvents } from '../data/repositories/events';
import { readPlan, type PlanRow } from '../data/repositories/plans';
import { now } from './clock';
import { batchId, loadSituation, orderIdOf, planId, replanNow, type Situation } from './planning';
import { refuse, type Result } from './result';

export interface BatchesView {
  proposals: (BatchProposal & { span: string })[];
  accepted: { id: number; formulaName: string; members: string[]; grams: number; begun: boolean }[];
}

/** What could be made together, and what already is; null without a kitchen or a plan. */
export async function loadBatches(): Promise<BatchesView | null> {
  const db = await database();
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return null;
  const { clock, library } = situation.kitchen;
  const time = (m: number) => timeOf(m, clock).toFormat('ccc HH:mm');
  const titles = new Map(situation.orders.map((o) => [o.id, o.title]));
  return {
    proposals: proposeBatches(candidatesOf(situation, plan), library).map((p) => ({
      ...p,
      span: `needed from ${time(p.members[0]!.neededAt)} to ${time(p.members.at(-1)!.neededAt)}`,
    })),
    accepted: situation.batches.flatMap((b) => {
      const component = situation.shared.components.get(batchId(b.id));
      if (!component) return [];
      return [
        {
          id: b.id,
          formulaName: component.formula.name,
          members: b.members.map((m) => titles.get(m.order) ?? 'handed over'),
          grams: component.amount.grams,
          begun: hasBegun(batchId(b.id), situation),
        },
      ];
    }),
  };
}

/** Components of planned orders of which nothing has been begun, and which are in no batch yet. */
function candidatesOf(situation: Situation, plan: PlanRow): Candidate[] {
  const start = new Map(plan.plan.steps.map((s) => [s.id, s.start]));
  const inBatch = new Set(situation.batches.flatMap((b) => b.members.map((m) => `${planId(m.order)}.${m.role}`)));
  return situation.orders.flatMap((o): Candidate[] => {
    const breakdown = situation.breakdowns.get(o.id)!;
    const own = planId(o.id);
    return breakdown.components.flatMap((component): Candidate[] => {
      const prefix = `${own}.${component.role}`;
      if (inBatch.has(prefix) || hasBegun(prefix, situation)) return [];
      const uses = breakdown.waits
        .filter((w) => w.from.startsWith(`${prefix}.`) && !w.to.startsWith(`${prefix}.`))
        .flatMap((w) => start.get(w.to) ?? []);
      if (uses.length === 0) return [];
      return [{ order: own, name: o.title, component, neededAt: Math.min(...uses), choices: o.choices }];
    });
  });
}

function hasBegun(prefix: string, situation: Situation): boolean {
  return [...situation.states.keys()].some((step) => step.startsWith(`${prefix}.`));
}

/** Makes one batch of these components. What was begun meanwhile stays apart, and is told. */
export async function acceptBatch(members: { order: string; role: string }[]): Promise<Result> {
  const db = await database();
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return refuse('There is no plan yet.');
  const free = candidatesOf(situation, plan);
  const chosen = members.flatMap((m) => free.find((c) => c.order === m.order && c.component.role === m.role) ?? []);
  if (chosen.length < 2 || chosen.length !== members.length)
    return refuse('Some of this has been begun, or is in another batch by now.');
  const [first] = chosen;
  if (chosen.some((c) => c.component.formula.id !== first!.component.formula.id))
    return refuse('These are not of one formula.');
  await db.transaction(async (tx) => {
    const rows = chosen.map((c) => ({ order: orderIdOf(c.order), role: c.component.role }));
    const id = await insertBatch(tx as Db, { formula: first!.component.formula.id, members: rows, madeAt: now() });
    await appendEvents(tx as Db, [
      { at: now(), kind: 'batch accepted', order: null, body: { batch: id, members: rows } },
    ]);
  });
  await replanNow(`${first!.component.formula.name} is made in one batch`);
  return { ok: true };
}

/** Splits a batch of which nothing has been begun: each order makes its own again. */
export async function splitBatch(id: number): Promise<Result> {
  const db = await database();
  const situation = await loadSituation(db);
  const batch = (await readBatches(db)).find((b) => b.id === id);
  if (!situation || !batch) return refuse('This batch is not there any more.');
  if (hasBegun(batchId(id), situation)) return refuse('It has been begun: it stays one batch.');
  await db.transaction(async (tx) => {
    await splitBatchRow(tx as Db, id);
    await appendEvents(tx as Db, [{ at: now(), kind: 'batch split', order: null, body: { batch: id } }]);
  });
  await replanNow('a batch was split');
  return { ok: true };
}
