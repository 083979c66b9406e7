import { groupAgeing, groupCost } from '../table/cost';
import type { Aim } from './aim';
import { placeSteps } from '../placing/place-steps';
import { pickupsOf } from '../model/model';
import type { Model } from '../model/model';
import type { Group } from '../model/step-model';
import { placeGroup, type PlacingPolicy } from '../placing/place-group';
import { takeRoutes } from '../placing/fixed-steps';
import { combinations } from '../placing/routes';
import { placeCheapest } from '../placing/place-cheapest';
import { COST_OF_LEAVING_OUT } from '../../planning-format/plan';
import { polish } from './polish';
import { shuffle, sum, type Random } from '../model/random';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';

/**
 * Shares of the groups that are placed where they cost least, with one step brought forward, or forwards from some hour; the
 * others go as late as they can.
 */
const BEST = 0.4;
const BROUGHT_FORWARD = 0.35;
const FORWARD = 0.1;
/** Shares of the groups that go as near as they can to where an earlier plan had them, and of those whose ends alone are placed anew. */
const NEAR = 0.15;
const TAIL = 0.5;
/** Share of the steps that are done in a way drawn by chance, where there are several. */
const OTHER_MODE = 0.3;
/** How long before the pickup that hour is, or a step that is brought forward has to begin, at most. Minutes. */
const MOST_AHEAD = 3 * 1440;
/** A step is brought forward by this at most from where it was. */
const MOST_FORWARD = 720;

/** Has all orders of a group made, on one of the routes that the policy offers. False where what is fixed does not fit. */
function takeDrawnRoutes(table: Timetable, group: Group, policy: PlacingPolicy, random: Random): boolean {
  for (const o of group.orders) table.leftOut[o] = 0;
  const routes = policy.routes(group);
  return takeRoutes(table, group, routes[Math.floor(random() * routes.length)]!, policy.prefer);
}

/**
 * Places a group as early as it can be from a drawn hour on, with its hand-overs on time, and so leaves room to others that
 * would be late; polishing makes it young again where nobody needs that.
 */
function placeForward(table: Timetable, group: Group, policy: PlacingPolicy, random: Random): boolean {
  if (!takeDrawnRoutes(table, group, policy, random)) return false;
  const pickups = pickupsOf(table.model, group);
  const from = Math.min(...pickups.values()) - Math.floor(random() * MOST_AHEAD);
  return placeSteps(table, group, {
    direction: 'earliest',
    prefer: policy.prefer,
    noise: policy.noise,
    low: (s) => pickups.get(s) ?? from,
    high: (s) => pickups.get(s) ?? Infinity,
  }).ok;
}

/**
 * Places a group as late as it can be, but for one step that must begin before a drawn time: what leads up to it goes with it,
 * and what follows stays fresh. So a long wait comes to lie where it costs little, such as over a night after the last coat.
 */
function placeWithCut(table: Timetable, group: Group, policy: PlacingPolicy, random: Random): boolean {
  const { model } = table;
  if (!takeDrawnRoutes(table, group, policy, random)) return false;
  const free = group.steps.filter((s) => table.exists(s) && model.steps[s]!.work !== 'collect');
  const cut = free[Math.floor(random() * free.length)];
  if (cut === undefined) return false;
  const pickups = pickupsOf(model, group);
  const until =
    random() < 0.5
      ? table.start[cut]! - 1 - Math.floor(random() * MOST_FORWARD)
      : Math.min(...pickups.values()) - Math.floor(random() * MOST_AHEAD);
  return placeSteps(table, group, {
    direction: 'latest',
    prefer: policy.prefer,
    noise: policy.noise,
    low: (s) => pickups.get(s) ?? -Infinity,
    high: (s) => pickups.get(s) ?? (s === cut ? until : Infinity),
  }).ok;
}

/** What a group costs at the least, whatever the others do. */
export type Least = Map<Group, number>;

/**
 * Takes whole groups out, so that each can take another's place, and plans them in another order. Gives up as soon as they
 * are sure to cost more than `most`: by their lateness (polishing makes parts younger, but nobody earlier), or by the least that
 * one of them costs beside the others.
 */
export function placeAgain(
  table: Timetable,
  chosen: Group[],
  plain: Preference,
  random: Random,
  most: number,
  least: Least,
  { costOf, placeNear, placeTail }: Aim,
): boolean {
  const policy = randomPolicy(table, plain, random);
  for (const g of chosen) table.removeGroup(g);
  // The one in the centre first, as often as not: the others make room for it.
  const [centre, ...others] = chosen;
  const sequence = random() < 0.5 ? [centre!, ...shuffle(others, random)] : shuffle(chosen, random);
  let sure = sum(chosen.map((g) => least.get(g)!));
  for (const g of sequence) {
    const own = least.get(g)!;
    // Around an earlier plan: near to it, or its head as it was and its end anew.
    const way = placeNear === null ? 1 : random();
    const kept = way < NEAR ? placeNear!(table, g) : way < NEAR + TAIL && placeTail!(table, g, random);
    if (!kept && !placeOne(table, g, policy, random, most - sure + own)) return false;
    sure += Math.max(0, groupCost(table, g) - groupAgeing(table, g) - own);
    if (sure > most + 1e-6) return false;
  }
  for (const g of chosen) polish(table, g, plain, costOf);
  return true;
}

/** Places one group, in one of the ways by chance. False where it has no place, or surely none that costs `limit` at most. */
function placeOne(table: Timetable, group: Group, policy: PlacingPolicy, random: Random, limit: number): boolean {
  const way = random();
  if (way < BEST) {
    const placed = takeDrawnRoutes(table, group, policy, random)
      ? placeCheapest(table, group, policy.prefer, limit + 1e-6)
      : 'unknown';
    if (placed === 'placed') return true;
    if (placed === 'impossible' && limit < COST_OF_LEAVING_OUT) return false;
  } else if (way < BEST + BROUGHT_FORWARD) {
    if (placeWithCut(table, group, policy, random)) return true;
  } else if (way < BEST + BROUGHT_FORWARD + FORWARD && placeForward(table, group, policy, random)) return true;
  return placeGroup(table, group, policy);
}

/** A policy with some chance in it, so that hands and things are tried that would not be taken first. */
export function noisyPreference(model: Model, plain: Preference, random: Random): Preference {
  const people = random() < 0.5 ? 0 : 6;
  return {
    person: (step, p) => plain.person(step, p) + people * random(),
    item: (step, i) => (random() < 0.1 ? random() * i : plain.item(step, i)),
    mode: (step) =>
      random() < OTHER_MODE ? Math.floor(random() * model.steps[step]!.modes.length) : (plain.mode?.(step) ?? 0),
  };
}

function randomPolicy(table: Timetable, plain: Preference, random: Random): PlacingPolicy {
  const spread = random() < 0.4 ? 0 : 10 ** (random() * 3);
  return {
    prefer: noisyPreference(table.model, plain, random),
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
