import type { Plan } from '../../planning-format/plan';
import { placeEarliest } from '../placing/place-earliest';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import { planOnTable } from '../replanning/plan-on-table';
import type { Timetable } from '../table/timetable';
import { whyHere, type Reason } from '../../plan-reading/why-here';

/** Why a step cannot begin earlier than it does, if all is done as early as it can be. */
type Because =
  | { kind: 'wait'; wait: Wait; after: Step; at: number }
  /** Everybody who could do it is on something else, or not there: until when. */
  | { kind: 'hands'; people: { person: string; on: Step | null; until: number }[] }
  /** Every item that it could use is taken. */
  | { kind: 'equipment'; item: string; by: Step; until: number }
  | { kind: 'earliest'; at: number }
  /** It is done or under way: a fact. */
  | { kind: 'fact' }
  /** Nothing that is known by itself: several things together. */
  | { kind: 'together' };

/** One link of the chain that fixes an order's time. */
export interface Link {
  step: Step;
  start: number;
  because: Because;
  /** What keeps the other order's step, which is in the way, where it is. */
  held: Reason[];
}

/** More links than anybody reads. */
const MOST_LINKS = 12;

/**
 * The chain of facts that fixes how early an order can leave: from its hand-over back, each step with what it waits for, and
 * where that is another cake's work, why that stays where it is. Of an order that the plan has late it is the chain of the time that the plan
 * has, where an early placing by itself would come to another one: what is said is what is planned. Null for an order that finds no place.
 */
export function explainOrder(problem: Problem, plan: Plan, id: string): Link[] | null {
  const { model, table, policy } = planOnTable(problem, plan);
  const order = model.orderIndex.get(id);
  const group = model.groups.find((g) => order !== undefined && g.orders.includes(order));
  if (order === undefined || !group) return null;
  const { collect: out, pickup } = problem.orders[order]!;
  const collect = model.stepIndex.get(out)!;
  const late = table.placed[collect] === 1 && table.start[collect]! > pickup;
  // Beside an order that stands in the plan nothing of others is held by anything but it.
  const planned = late ? chainFrom(collect, table, null) : null;
  table.removeGroup(group);
  for (const o of group.orders) table.leftOut[o] = 0;
  const placed = placeEarliest(table, group, order, policy) !== null;
  const earliest = placed ? chainFrom(collect, table, plan) : null;
  return planned && earliest?.[0]!.start !== planned[0]!.start ? planned : earliest;
}

/**
 * Of each of some orders the step that decides when it leaves: going back from its hand-over, as the plan has it, its first step that waits for
 * hands or for a thing, else its last step for hands. None for an order that the plan leaves out. Quicker than to explain each: nothing is
 * placed anew.
 */
export function decidingSteps(problem: Problem, plan: Plan, orders: readonly string[]): Map<string, string> {
  const found = new Map<string, string>();
  if (orders.length === 0) return found;
  const { model, table } = planOnTable(problem, plan);
  for (const id of orders) {
    const order = model.orderIndex.get(id);
    const collect = order === undefined ? undefined : model.stepIndex.get(problem.orders[order]!.collect);
    if (collect === undefined || !table.placed[collect]) continue;
    const own = chainFrom(collect, table, null).filter((l) => l.step.work === 'hands');
    const waits = own.find((l) => l.because.kind === 'hands' || l.because.kind === 'equipment');
    const step = (waits ?? own[0])?.step.id ?? lastForHands(table, id);
    if (step !== null) found.set(id, step);
  }
  return found;
}

function lastForHands({ model, placed, start }: Timetable, order: string): string | null {
  let last: number | null = null;
  model.problem.steps.forEach((s, i) => {
    if (s.order !== order || s.work !== 'hands' || !placed[i]) return;
    if (last === null || start[i]! > start[last]!) last = i;
  });
  return last === null ? null : model.problem.steps[last]!.id;
}

/** The chain from a step back, as the table has it; with a plan also why what is in the way stays there. */
function chainFrom(last: number, table: Timetable, plan: Plan | null): Link[] {
  const { problem } = table.model;
  const links: Link[] = [];
  for (let step = last; links.length < MOST_LINKS;) {
    const because = becauseOf(table, step);
    const known = problem.steps[step]!;
    links.push({
      step: known,
      start: table.start[step]!,
      because,
      held: plan ? heldBy(problem, plan, known, because) : [],
    });
    const next = nextOf(table, step, because);
    if (next === null) break;
    step = next;
  }
  return links;
}

function becauseOf(table: Timetable, step: number): Because {
  const { model } = table;
  const { problem } = model;
  const s = model.steps[step]!;
  const start = table.start[step]!;
  if (s.fixed > 0) return { kind: 'fact' };
  for (const i of s.waitsIn) {
    const w = model.waits[i]!;
    if (!table.waitExists(w) || !table.placed[w.from] || start - table.end(w.from) > w.min) continue;
    return { kind: 'wait', wait: problem.waits[i]!, after: problem.steps[w.from]!, at: table.end(w.from) };
  }
  if (start <= s.earliest) return { kind: 'earliest', at: s.earliest };
  const [from, to] = [start - 1, start - 1 + table.lengths.least[step]!];
  if (s.crew > 0) {
    const busy = s.candidates.filter((p) => table.crew[step]!.includes(p) || !table.people[p]!.free(from, to));
    const people = busy.flatMap((p) => {
      const on = workOf(table, p, from, to, step);
      if (on === null && table.crew[step]!.includes(p) && onShift(table, p, from)) return [];
      const until = on === null ? backAt(table, p, from) : table.end(on);
      return [{ person: problem.people[p]!.id, on: on === null ? null : problem.steps[on]!, until }];
    });
    if (people.length > 0 && s.candidates.length - people.length < s.crew) return { kind: 'hands', people };
  }
  for (let k = 0; k < s.needs.length; k++) {
    const item = table.stepItems[step]![k]!;
    for (let other = 0; other < model.steps.length; other++) {
      if (other === step || !table.placed[other] || !table.stepItems[other]!.includes(item)) continue;
      if (table.start[other]! < to && table.end(other) > from - MOST_CHANGEOVER && table.end(other) <= start)
        return {
          kind: 'equipment',
          item: problem.equipment[item]!.id,
          by: problem.steps[other]!,
          until: table.end(other),
        };
    }
    const off = model.waits.findIndex(
      (w, i) => w.offset > 0 && table.storage.waitItem[i] === item + w.offset && table.start[w.to]! === start,
    );
    if (off >= 0)
      return {
        kind: 'equipment',
        item: problem.equipment[item]!.id,
        by: problem.steps[model.waits[off]!.from]!,
        until: start,
      };
  }
  return { kind: 'together' };
}

/** An oven's change of temperature lasts no longer than this. Minutes. */
const MOST_CHANGEOVER = 30;

function workOf(table: Timetable, person: number, from: number, to: number, except: number): number | null {
  for (let s = 0; s < table.model.steps.length; s++)
    if (
      s !== except &&
      table.placed[s] &&
      table.crew[s]!.includes(person) &&
      table.start[s]! < to &&
      table.end(s) > from
    )
      return s;
  return null;
}

/** When a shift of somebody begins again; Infinity if none does. */
function backAt(table: Timetable, person: number, from: number): number {
  return table.model.problem.people[person]!.shifts.find(([start]) => start > from)?.[0] ?? Infinity;
}

const onShift = (table: Timetable, person: number, minute: number) =>
  table.model.problem.people[person]!.shifts.some(([a, b]) => minute >= a && minute < b);

/** Why what is in the way is not later. */
function heldBy(problem: Problem, plan: Plan, own: Step, because: Because): Reason[] {
  const blocker =
    because.kind === 'hands' ? because.people.find((p) => p.on)?.on : because.kind === 'equipment' ? because.by : null;
  if (!blocker || blocker.order === own.order) return [];
  return whyHere(problem, plan, blocker.id)?.notLater ?? [];
}

/** The step of the same group that the chain goes on with: one that is over by then. */
function nextOf(table: Timetable, step: number, because: Because): number | null {
  const { model } = table;
  const blocker =
    because.kind === 'wait'
      ? because.after
      : because.kind === 'hands'
        ? (because.people.find((p) => p.on && p.until <= table.start[step]!)?.on ?? null)
        : because.kind === 'equipment'
          ? because.by
          : null;
  if (!blocker) return null;
  const next = model.stepIndex.get(blocker.id)!;
  return model.groupOf[next] === model.groupOf[step] ? next : null;
}
