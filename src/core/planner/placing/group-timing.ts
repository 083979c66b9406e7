import { COST_OF_LATE_MINUTE } from '../../planning-format/plan';
import { costOfChoices, costOfGap } from '../table/cost';
import { FACT, FREE, type Group } from '../model/step-model';
import { nextEarlier, nextLater } from './slot';
import type { Timetable } from '../table/timetable';
import type { Timing } from '../timing/timing';
import type { Windows } from '../table/start-windows';

/** The timing of one group by itself: the steps that exist, in the order of `existing`, and what is added to their cost. */
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
  const { model } = table;
  const existing = group.steps.filter((s) => table.exists(s));
  const place = new Map(existing.map((s, i) => [s, i]));
  const timing: Timing = {
    low: existing.map((s) => windows.low[s]!),
    high: existing.map((s) => windows.high[s]!),
    slope: existing.map(() => 0),
    arcs: [],
  };
  let constant = costOfChoices(table, group);
  for (const i of group.waits) {
    const w = model.waits[i]!;
    if (!table.waitExists(w)) continue;
    const [from, to, minutes] = [place.get(w.from)!, place.get(w.to)!, model.steps[w.from]!.minutes];
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

/** The nearest starts that hands, shifts, things and ovens do not forbid outright, each step by itself. */
export function calendarOf(table: Timetable, existing: number[]): (i: number, start: number) => [number, number] {
  return (i, start) => {
    const s = existing[i]!;
    if (table.model.steps[s]!.fixed !== FREE) return [start, start];
    return [nextEarlier(table, s, start), nextLater(table, s, start)];
  };
}
