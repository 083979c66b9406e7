import { groupAgeing, groupCost } from './cost';
import { insertGroup } from './insert-group';
import { pickupsOf, type Group } from './model';
import { combinations, planGroup, takeRoutes, type Taste } from './plan-group';
import { polish } from './polish';
import { shuffle, type Random } from './random';
import type { Preference, Timetable } from './timetable';

/** Shares of the groups that are planted forwards from some hour, or with one step brought forward; how long before the pickup. */
const FORWARD = 0.1;
const BROUGHT_FORWARD = 0.6;
const MOST_AHEAD = 3 * 1440;
/** A step is brought forward by this at most from where it stood. */
const MOST_FORWARD = 720;

/** Plants a group as early as it can be from a drawn hour on, with its hand-overs on time; polishing makes it young again. */
function plantForward(table: Timetable, group: Group, taste: Taste, random: Random): boolean {
  for (const o of group.orders) table.leftOut[o] = 0;
  const routes = taste.routes(group);
  const choices = routes[Math.floor(random() * routes.length)]!;
  if (!takeRoutes(table, group, choices, taste.prefer)) return false;
  const pickups = pickupsOf(table.model, group);
  const from = Math.min(...pickups.values()) - Math.floor(random() * MOST_AHEAD);
  return insertGroup(table, group, {
    direction: 'earliest',
    prefer: taste.prefer,
    noise: taste.noise,
    low: (s) => pickups.get(s) ?? from,
    high: (s) => pickups.get(s) ?? Infinity,
  }).ok;
}

/**
 * Plants a group as late as it can be, but for one step that must begin before a drawn time: what leads up to it goes with it,
 * and what follows stays fresh. So a long wait comes to lie where it costs little, such as over a night after the last coat.
 */
function plantWithCut(table: Timetable, group: Group, taste: Taste, random: Random): boolean {
  const { model } = table;
  for (const o of group.orders) table.leftOut[o] = 0;
  const routes = taste.routes(group);
  const choices = routes[Math.floor(random() * routes.length)]!;
  if (!takeRoutes(table, group, choices, taste.prefer)) return false;
  const free = group.steps.filter((s) => table.exists(s) && model.steps[s]!.work !== 'collect');
  const cut = free[Math.floor(random() * free.length)];
  if (cut === undefined) return false;
  const pickups = pickupsOf(model, group);
  const until =
    random() < 0.5
      ? table.start[cut]! - 1 - Math.floor(random() * MOST_FORWARD)
      : Math.min(...pickups.values()) - Math.floor(random() * MOST_AHEAD);
  return insertGroup(table, group, {
    direction: 'latest',
    prefer: taste.prefer,
    noise: taste.noise,
    low: (s) => pickups.get(s) ?? -Infinity,
    high: (s) => pickups.get(s) ?? (s === cut ? until : Infinity),
  }).ok;
}

/**
 * Takes whole groups out, so that each can take another's place, and plans them in another order. Gives up as soon as they
 * are late by more than `most` costs: polishing makes parts younger, but nobody earlier.
 */
export function replant(table: Timetable, chosen: Group[], plain: Preference, random: Random, most: number): boolean {
  const taste = noisyTaste(table, plain, random);
  for (const g of chosen) table.removeGroup(g);
  const plant = (g: Group) => {
    const way = random();
    if (way < FORWARD ? plantForward(table, g, taste, random) : false) return true;
    if (way >= FORWARD && way < FORWARD + BROUGHT_FORWARD && plantWithCut(table, g, taste, random)) return true;
    return planGroup(table, g, taste);
  };
  // The one in the centre first, as often as not: the others make room for it.
  const [centre, ...others] = chosen;
  const sequence = random() < 0.5 ? [centre!, ...shuffle(others, random)] : shuffle(chosen, random);
  let late = 0;
  for (const g of sequence) {
    if (!plant(g)) return false;
    late += groupCost(table, g) - groupAgeing(table, g);
    if (late > most) return false;
  }
  for (const g of chosen) polish(table, g, plain);
  return true;
}

/** A taste with some chance in it, so that hands and things are tried that would not be taken first. */
export function noisyPreference(plain: Preference, random: Random): Preference {
  const people = random() < 0.5 ? 0 : 6;
  return {
    person: (step, p) => plain.person(step, p) + people * random(),
    item: (step, i) => (random() < 0.1 ? random() * i : plain.item(step, i)),
  };
}

function noisyTaste(table: Timetable, plain: Preference, random: Random): Taste {
  const spread = random() < 0.4 ? 0 : 10 ** (random() * 3);
  return {
    prefer: noisyPreference(plain, random),
    noise: () => spread * random(),
    probes: random() < 0.2 ? 4 : 1,
    routes: (group) => {
      if (group.routes.length === 0) return [[]];
      const now = group.routes.map((r) => table.choice[r]!);
      if (random() < 0.6) return [now];
      const all = combinations(table, group);
      return [all[Math.floor(random() * all.length)]!];
    },
  };
}
