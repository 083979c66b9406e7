import { costOf, type LeftOut, type Plan, type PlannedStep } from '../planning-format/plan';
import { lowerBound } from './bounds/bound';
import { groupAgeing, groupLateness } from './table/cost';
import { sum } from './model/random';
import { FACT } from './model/step-model';
import { costOfChoice } from '../planning-format/problem';
import type { Timetable } from './table/timetable';
import { whyLeftOut } from './left-out';

/** Writes a finished timetable as a plan, with its score. `problem` is the problem file's digest or null. */
export function writePlan(table: Timetable, problem: string | null, seconds: number): Plan {
  const { model } = table;
  const steps: PlannedStep[] = [];
  model.problem.steps.forEach((s, i) => {
    if (!table.placed[i] || !table.exists(i)) return;
    steps.push({
      id: s.id,
      start: table.start[i]!,
      end: table.end(i),
      people: s.placed ? s.placed.people : table.crew[i]!.map((p) => model.problem.people[p]!.id),
      equipment: s.placed ? s.placed.equipment : table.stepItems[i]!.map((e) => model.problem.equipment[e]!.id),
    });
  });
  const item = (index: number) => model.problem.equipment[index]!.id;
  const unplaced: LeftOut[] = model.problem.orders.flatMap((o, i) => (table.leftOut[i] ? [whyLeftOut(model, i)] : []));
  const lateness = sum(model.groups.map((g) => groupLateness(table, g)));
  const taken = model.problem.routes.map((r, i) => r.choices[table.choice[i]!]!);
  const chosen = sum(model.problem.routes.map((r, i) => costOfChoice(r, taken[i]!)));
  const ageing = sum(model.groups.map((g) => groupAgeing(table, g))) + chosen;
  const cost = costOf(unplaced.length, lateness, ageing);
  return {
    format: 'zest-ladder/plan',
    version: 1,
    problem,
    status: unplaced.length > 0 ? 'partial' : lateness > 0 ? 'late' : 'complete',
    routes: Object.fromEntries(model.problem.routes.map((r, i) => [r.id, taken[i]!])),
    steps,
    waits: model.problem.waits.flatMap((w, i) =>
      table.storage.waitItem[i]! >= 0 ? [{ id: w.id, equipment: item(table.storage.waitItem[i]!) }] : [],
    ),
    holds: model.problem.holds.flatMap((h, i) =>
      table.storage.holdItem[i]! >= 0 ? [{ id: h.id, equipment: item(table.storage.holdItem[i]!) }] : [],
    ),
    unplaced,
    score: { unplaced: unplaced.length, lateness, ageing, ovenChanges: ovenChanges(table), cost },
    // Rounded down, so that a bound that is met is not above the cost by the last bit of a sum.
    bound: { cost: Math.floor(lowerBound(model) * 1e6) / 1e6 },
    seconds,
  };
}

/** Pairs of neighbouring loads in one oven at different temperatures. */
function ovenChanges(table: Timetable): number {
  const loads = new Map<number, { start: number; end: number; celsius: number }[]>();
  const { model } = table;
  model.steps.forEach((s, i) => {
    // What happened has heated its oven, also where its order is left out.
    const fact = s.fixed === FACT ? model.problem.steps[i]!.placed! : null;
    if (!fact && !table.placed[i]) return;
    const [start, end] = fact ? [fact.start, fact.end] : [table.start[i]!, table.end(i)];
    if (end === start) return;
    table.lengths.modeOf(i).needs.forEach((need, k) => {
      if (need.celsius === null) return;
      const oven = fact ? model.itemIndex.get(fact.equipment[k]!)! : table.stepItems[i]![k]!;
      const list = loads.get(oven) ?? [];
      list.push({ start, end, celsius: need.celsius });
      loads.set(oven, list);
    });
  });
  let changes = 0;
  for (const list of loads.values()) {
    list.sort((a, b) => a.start - b.start || a.end - b.end);
    for (let i = 1; i < list.length; i++) if (list[i]!.celsius !== list[i - 1]!.celsius) changes += 1;
  }
  return changes;
}
