import type { Breaches } from './breaches';
import type { GivenStep, ListedStep } from './documents';
import type { Gap } from './gaps';
import type { Reading } from './reading';

/** Something keeps units of one item busy. */
export interface Use {
  start: number;
  end: number;
  units: number;
  /** Temperature of a load in an oven; null for everything else. */
  celsius: number | null;
  what: string;
  /** It happened: only what is free can be at fault. */
  fact: boolean;
}

/** What keeps each item busy, by item; complains of items that are missing, of the wrong kind, or not there. */
export function usesOf(reading: Reading, gaps: Gap[], breaches: Breaches): Map<string, Use[]> {
  const uses = new Map<string, Use[]>(reading.problem.equipment.map((e) => [e.id, []]));
  const add = (item: string, kind: string, use: Use) => {
    const known = reading.equipment.get(item);
    if (!known) return breaches.say(5, `${use.what} names ${item}, which is not there`);
    if (known.kind !== kind) breaches.say(5, `${use.what} needs a ${kind}, and ${item} is a ${known.kind}`);
    if (use.end > use.start) uses.get(item)!.push(use);
  };
  const addStep = (step: GivenStep, { start, end, equipment }: ListedStep, fact: boolean) => {
    const what = `step ${step.id}`;
    const needs: { kind: string; units: number; celsius: number | null }[] = step.uses.map((u) => ({
      ...u,
      celsius: null,
    }));
    if (step.oven) {
      const choice = reading.ovenChoice(step, { equipment });
      if (step.oven.choices && !choice && !fact) breaches.say(5, `${what} may not be baked in ${equipment.at(-1)}`);
      needs.push({ kind: 'oven', units: step.oven.units, celsius: choice?.celsius ?? step.oven.celsius });
    }
    if (equipment.length !== needs.length)
      return breaches.say(5, `${what} names ${equipment.length} items, and needs ${needs.length}`);
    needs.forEach(({ kind, units, celsius }, i) =>
      add(equipment[i]!, kind, { start, end, units, celsius, what, fact }),
    );
  };
  for (const [id, p] of reading.at) {
    const step = reading.steps.get(id);
    if (step && reading.exists(step)) addStep(step, p, reading.isFact(id));
  }
  for (const { step, stands } of reading.unlistedFacts()) addStep(step, stands, true);

  const waits = listed(reading.plan.waits, 'wait', breaches);
  for (const { wait, start, end, fact } of gaps) {
    if (!wait.place) continue;
    const item = waits.get(wait.id);
    waits.delete(wait.id);
    const what = `wait ${wait.id}`;
    if (item === undefined) {
      breaches.say(5, `${what} has no place`);
      continue;
    }
    add(item, wait.place, { start, end, units: wait.units, celsius: null, what, fact });
    if (wait.sameItemAs && reading.at.get(wait.sameItemAs)?.equipment.includes(item) === false)
      breaches.say(5, `${what} does not lie in what ${wait.sameItemAs} uses`);
  }
  const holds = listed(reading.plan.holds, 'hold', breaches);
  for (const hold of reading.problem.holds) {
    const [from, until] = [reading.at.get(hold.from), reading.at.get(hold.until)];
    if (!from || !until || !reading.taken(hold)) continue;
    const item = holds.get(hold.id);
    holds.delete(hold.id);
    const fact = reading.isFact(hold.from) && reading.isFact(hold.until);
    const what = `hold ${hold.id}`;
    if (item === undefined) breaches.say(5, `${what} has no item`);
    else add(item, hold.kind, { start: from.start, end: until.end, units: hold.units, celsius: null, what, fact });
  }
  for (const id of waits.keys()) breaches.say(5, `wait ${id} is listed, and has no place in this plan`);
  for (const id of holds.keys()) breaches.say(5, `hold ${id} is listed, and does not exist in this plan`);
  return uses;
}

function listed(list: { id: string; equipment: string }[], what: string, breaches: Breaches): Map<string, string> {
  const items = new Map<string, string>();
  for (const { id, equipment } of list) {
    if (items.has(id)) breaches.say(5, `${what} ${id} is listed twice`);
    items.set(id, equipment);
  }
  return items;
}

/** Rule 5: units add up to no more than there are, at every minute, and nothing is used while it is closed. */
export function checkCapacity(uses: Map<string, Use[]>, reading: Reading, breaches: Breaches): void {
  for (const [item, list] of uses) {
    const { units, closed } = reading.equipment.get(item)!;
    // The sum can only rise where something begins.
    for (const minute of new Set(list.map((u) => u.start))) {
      const then = list.filter((u) => u.start <= minute && minute < u.end);
      const sum = then.reduce((n, u) => n + u.units, 0);
      if (sum > units && then.some((u) => !u.fact))
        breaches.say(5, `${item} has ${units} units, and ${sum} are used at minute ${minute}`);
    }
    for (const [a, b] of closed ?? [])
      for (const u of list)
        if (!u.fact && u.start < b && a < u.end) breaches.say(5, `${item} is closed during ${u.what}`);
  }
}
