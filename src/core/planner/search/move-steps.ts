import { FREE, type Group } from '../model/step-model';
import type { Aim } from './aim';
import { polish } from './polish';
import type { Random } from '../model/random';
import { placeInBestMode } from '../placing/place-in-best-mode';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { currentWindows, narrow, narrowFrom, openWindows } from '../placing/windows';

/** At most so many steps leave together. */
const MOST_STEPS = 8;
/** Share of the steps that go back to where an earlier plan had them, if they can. */
const HOMEWARD = 0.6;
/** Work of others within this many minutes may make room. */
const NEAR = 150;

/**
 * Takes a few steps that hang together, and perhaps work of others that is in their way, out of the plan, and puts them
 * back in another order, early or late each as it likes. Returns false, with steps out of place for the caller to put
 * back, where one found none.
 */
export function moveSteps(
  table: Timetable,
  chosen: number[],
  groups: Group[],
  prefer: Preference,
  random: Random,
  { costOf, home }: Aim,
): boolean {
  const { model } = table;
  const { outer, now } = table;
  for (const s of chosen) table.remove(s);
  for (const group of groups) {
    openWindows(table, group, outer);
    for (const o of group.orders) {
      // A hand-over that was on time stays there: it is the one thing that no age can pay for.
      const { collect, pickup } = model.problem.orders[o]!;
      outer.low[model.stepIndex.get(collect)!] = Math.max(pickup, outer.low[model.stepIndex.get(collect)!]!);
    }
    if (!narrow(table, group, outer, (s) => model.steps[s]!.fixed !== FREE)) return false;
  }
  const waiting = new Set(chosen);
  const lateShare = random();
  const renew = () => groups.every((group) => currentWindows(table, group, outer, now));
  if (!renew()) return false;
  while (waiting.size > 0) {
    const late = lateShare < 0.4 || (lateShare < 0.7 && random() < 0.5);
    let next = -1;
    let best = Infinity;
    for (const s of waiting) {
      const rank = (late ? -now.high[s]! : now.low[s]!) + 60 * random();
      if (rank < best) {
        best = rank;
        next = s;
      }
    }
    const at = home !== null && random() < HOMEWARD ? home(next) : null;
    if (at !== null && placeAt(table, next, at, prefer, renew)) {
      if (!narrowFrom(table, now, next)) return false;
      waiting.delete(next);
      continue;
    }
    const slot =
      now.low[next]! <= now.high[next]!
        ? placeInBestMode(table, next, now, renew, { direction: late ? 'latest' : 'earliest', prefer })
        : { start: null };
    if (slot.start === null || !narrowFrom(table, now, next)) return false;
    waiting.delete(next);
  }
  for (const group of groups) polish(table, group, prefer, costOf);
  return true;
}

/** Places a step at a start, in the way that is preferred, if its window then holds that start; else it stays open in which way it is done. */
function placeAt(table: Timetable, step: number, start: number, prefer: Preference, renew: () => boolean): boolean {
  const { now, lengths } = table;
  const isOpen = lengths.isOpen(step);
  if (isOpen) lengths.choose(step, prefer.mode?.(step) ?? 0);
  // As long as the way is open, a window holds what any of them allows.
  const holds = (!isOpen || renew()) && start >= now.low[step]! && start <= now.high[step]!;
  if (holds && table.place(step, start, prefer)) return true;
  if (!isOpen) return false;
  lengths.open(step);
  renew();
  return false;
}

/** Steps to take out: some that hang together, and with luck some of others that use the same hands or things near them. */
export function stepsToMove(table: Timetable, group: Group, random: Random): number[] {
  const { model } = table;
  const free = group.steps.filter(
    (s) => table.placed[s] && model.steps[s]!.fixed === FREE && model.steps[s]!.work !== 'collect',
  );
  if (free.length === 0) return [];
  const chosen = new Set<number>([free[Math.floor(random() * free.length)]!]);
  const size = 1 + Math.floor(random() * MOST_STEPS);
  for (let tries = 0; chosen.size < size && tries < 3 * size; tries++) {
    const list = [...chosen];
    const from = list[Math.floor(random() * list.length)]!;
    const next = random() < 0.65 ? linked(table, from, random) : rival(table, from, random);
    if (next >= 0) chosen.add(next);
  }
  return [...chosen];
}

function linked(table: Timetable, step: number, random: Random): number {
  const { waitsIn, waitsOut } = table.model.steps[step]!;
  const all = [...waitsIn, ...waitsOut];
  if (all.length === 0) return -1;
  const w = table.model.waits[all[Math.floor(random() * all.length)]!]!;
  return movable(table, w.from === step ? w.to : w.from);
}

/** A step that uses the same hands or things close by in time. */
function rival(table: Timetable, step: number, random: Random): number {
  const { steps } = table.model;
  const found: number[] = [];
  for (let s = 0; s < steps.length; s++) {
    if (s === step || !table.placed[s] || Math.abs(table.start[s]! - table.start[step]!) > NEAR) continue;
    const shares =
      table.crew[s]!.some((p) => table.crew[step]!.includes(p)) ||
      table.stepItems[s]!.some((i) => table.stepItems[step]!.includes(i));
    if (shares && movable(table, s) >= 0) found.push(s);
  }
  return found.length === 0 ? -1 : found[Math.floor(random() * found.length)]!;
}

function movable(table: Timetable, step: number): number {
  const s = table.model.steps[step]!;
  return table.placed[step] && s.fixed === FREE && s.work !== 'collect' ? step : -1;
}
