import { groupCost, type GroupCost } from '../table/cost';
import { FREE, type Group, type WaitModel } from '../model/step-model';
import { placeStep, type Direction } from '../placing/slot';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { roomOf } from '../placing/windows';

/** Passes over a group before it is left as it is. */
const MOST_PASSES = 3;

/**
 * Moves single steps of a group where that makes its parts younger: a step whose waits before it age faster than those
 * after it goes as early as it can or as a wish asks, the others as late. The order in which the group was built put every step as late as
 * it could go, which is right for the last wait and wrong where an earlier one costs more. Returns what the group costs.
 */
export function polish(table: Timetable, group: Group, prefer: Preference, costOf: GroupCost = groupCost): number {
  const { model } = table;
  const byStart = group.steps
    .filter((s) => table.placed[s] && model.steps[s]!.fixed === FREE && model.steps[s]!.work !== 'collect')
    .sort((a, b) => table.start[a]! - table.start[b]!);
  let cost = costOf(table, group);
  for (let pass = 0, moved = true; moved && pass < MOST_PASSES; pass++) {
    moved = false;
    for (const s of byStart) {
      const start = table.start[s]!;
      const by = gainAt(table, s, start, -1) > 1e-9 ? -1 : gainAt(table, s, start, 1) > 1e-9 ? 1 : 0;
      if (by === 0) continue;
      const direction: Direction = by < 0 ? 'earliest' : 'latest';
      const [first, last] = roomOf(table, s);
      const turn = turnOf(table, s, by, by < 0 ? first : last);
      const [low, high] = by < 0 ? [turn, start - 1] : [start + 1, turn];
      if (low > high) continue;
      const before = table.recordStep(s);
      table.takeOut(s);
      const slot = placeStep(table, s, low, high, direction, prefer);
      const after = slot.start === null ? Infinity : costOf(table, group);
      if (after < cost - 1e-9) {
        cost = after;
        moved = true;
        continue;
      }
      if (table.placed[s]) table.takeOut(s);
      table.restoreStep(s, before);
    }
  }
  return cost;
}

/** What a minute earlier (−1) or later (1) than a start would save, by the waits before and after a step. */
function gainAt(table: Timetable, step: number, start: number, by: -1 | 1): number {
  const { waits, steps } = table.model;
  const { waitsIn, waitsOut } = steps[step]!;
  const minutes = table.lengths.least[step]!;
  let gain = 0;
  // A gap that grows costs its age, and falls less short of a wish; one that shrinks the other way round.
  const add = ({ min, ageing, wish }: WaitModel, gap: number, grows: boolean) => {
    if (grows) gain += (wish && gap < wish.least ? wish.cost : 0) - ageing;
    else gain += (gap > min ? ageing : 0) - (wish && gap <= wish.least ? wish.cost : 0);
  };
  for (const i of waitsIn) {
    const w = waits[i]!;
    if (table.waitExists(w) && table.placed[w.from]) add(w, start - table.end(w.from), by > 0);
  }
  for (const i of waitsOut) {
    const w = waits[i]!;
    if (table.waitExists(w) && table.placed[w.to]) add(w, table.start[w.to]! - start - minutes, by < 0);
  }
  return gain;
}

/** The start up to which it pays to move a step that way: where a wish is just granted, or broken; or the end of its room. */
function turnOf(table: Timetable, step: number, by: -1 | 1, end: number): number {
  const { waits, steps } = table.model;
  const { waitsIn, waitsOut } = steps[step]!;
  const minutes = table.lengths.least[step]!;
  const now = table.start[step]!;
  const turns: number[] = [];
  for (const i of waitsIn) {
    const w = waits[i]!;
    if (w.wish && table.waitExists(w) && table.placed[w.from]) turns.push(table.end(w.from) + w.wish.least);
  }
  for (const i of waitsOut) {
    const w = waits[i]!;
    if (w.wish && table.waitExists(w) && table.placed[w.to]) turns.push(table.start[w.to]! - w.wish.least - minutes);
  }
  return (
    turns
      .filter((at) => by * (at - now) > 0 && by * (end - at) >= 0)
      .sort((a, b) => by * (a - b))
      .find((at) => gainAt(table, step, at, by) <= 0) ?? end
  );
}
