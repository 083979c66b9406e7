import { COST_OF_LATE_MINUTE } from '../../planning-format/plan';
import { costOfChoices, costOfGap } from '../table/cost';
import { FACT, FREE, type Group } from '../model/step-model';
import { nextEarlier, nextLater } from './slot';
import type { Timetable } from '../table/timetable';
import type { Timing } from '../timing/timing';
import type { Windows } from '../table/start-windows';

/**
 * The timing of one group by itself: the starts of the steps that exist, in the order of `existing`, then the ends of those whose length is
 * open; and what is added to their cost.
 */
export interface GroupTiming {
  timing: Timing;
  existing: number[];
  constant: number;
}

/**
 * What a group costs as a function of its starts, on the routes as they are, with none of its orders left out: linear but for wishes, which
 * are convex, as long as the waits are obeyed and no hand-over is before its pickup. Facts stay where they are.
 */
export function groupTiming(table: Timetable, group: Group, windows: Windows): GroupTiming {
  const { model, lengths } = table;
  const existing = group.steps.filter((s) => table.exists(s));
  const place = new Map(existing.map((s, i) => [s, i]));
  const timing: Timing = {
    low: existing.map((s) => windows.low[s]!),
    high: existing.map((s) => windows.high[s]!),
    slope: existing.map(() => 0),
    arcs: [],
  };
  const ends = new Map<number, number>();
  existing.forEach((s, i) => {
    const [least, most] = [lengths.least[s]!, lengths.most[s]!];
    if (least === most) return;
    const end = timing.low.length;
    ends.set(s, end);
    timing.low.push(timing.low[i]! + least);
    timing.high.push(timing.high[i]! + most);
    timing.slope.push(0);
    timing.arcs.push({ from: i, to: end, least }, { from: end, to: i, least: -most });
  });
  let constant = costOfChoices(table, group);
  for (const i of group.waits) {
    const w = model.waits[i]!;
    if (!table.waitExists(w)) continue;
    // The gap is reckoned from the start of the step before it and its minutes, or, where those are open, from its end.
    const end = ends.get(w.from);
    const [from, to] = [end ?? place.get(w.from)!, place.get(w.to)!];
    const minutes = end === undefined ? lengths.least[w.from]! : 0;
    if (w.past) {
      constant += costOfGap(w, timing.low[to]! - timing.low[from]! - minutes);
      continue;
    }
    timing.arcs.push({ from, to, least: minutes + w.min });
    if (w.wish) timing.arcs.push({ from, to, least: minutes + w.wish.least, price: w.wish.cost });
    if (w.max < Infinity) timing.arcs.push({ from: to, to: from, least: -minutes - w.max });
    timing.slope[to]! += w.ageing;
    timing.slope[from]! -= w.ageing;
    constant -= w.ageing * (minutes + w.min);
  }
  for (const o of group.orders) {
    const { collect, pickup, weight } = model.problem.orders[o]!;
    const step = model.stepIndex.get(collect)!;
    const i = place.get(step)!;
    const minute = COST_OF_LATE_MINUTE * weight;
    if (model.steps[step]!.fixed === FACT) {
      constant += minute * Math.max(0, timing.low[i]! - pickup);
      continue;
    }
    timing.low[i] = Math.max(timing.low[i]!, pickup);
    timing.slope[i]! += minute;
    constant -= minute * pickup;
  }
  return { timing, existing, constant };
}

/** The nearest starts that hands, shifts, things and ovens do not forbid outright, each step by itself; ends may lie anywhere. */
export function calendarOf(table: Timetable, existing: number[]): (i: number, start: number) => [number, number] {
  return (i, start) => {
    const s = existing[i];
    if (s === undefined) return [start, start];
    if (table.model.steps[s]!.fixed !== FREE) return [start, start];
    return [nextEarlier(table, s, start), nextLater(table, s, start)];
  };
}
