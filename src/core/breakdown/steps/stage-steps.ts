import { say } from '../../words/say';
import type { Hold, Wait } from '../../planning-format/problem';
import { formName, sideArea, topArea } from '../../shape/form';
import { formBox } from '../../shape/form-box';
import { HAND_OVER, handOverId, ringHoldId, routeId, stageStepId, stageWaitId, type OrderId } from '../../ids/ids';
import type { CakeStep } from './cake-step';
import type { Kitchen } from '../kitchen';
import type { Stage, Work } from '../../design/work';
import { sumOf, times } from '../amounts/amount-context';
import type { Cake } from '../amounts/cake';
import type { Component } from '../amounts/component';
import type { Tier } from '../strata/stratum';
import { stageName } from './stage-name';
import { grams } from './words';

/** The work on the cake as a whole, from the first assembly to the hand-over; `says`: something is written on it. */
export function stageSteps(
  order: OrderId,
  work: Work,
  cake: Cake,
  components: Component[],
  kitchen: Kitchen,
  says: boolean,
): { steps: CakeStep[]; waits: Wait[]; holds: Hold[] } {
  const { parts } = work.design;
  const tiersOf = (pieces: readonly number[]) => pieces.map((p) => cake.tiers[p]!);
  const when = (w?: { route: string; choice: string }) =>
    w ? { when: { route: routeId(order, w.route), choice: w.choice } } : {};
  const steps: CakeStep[] = work.stages.map((s) => {
    const tiers = roomOf(tiersOf(s.pieces));
    const taken = components.filter((c) => s.takes.includes(c.role));
    const { perTier = 0, perPortion = 0, perPiece = 0, perArea = 0 } = s.minutes;
    const extra = Math.round(
      perTier * Math.max(0, tiers - 1) +
        perPortion * cake.portions +
        perPiece * taken.reduce((sum, c) => sum + (c.amount.pieces ?? 0), 0) +
        (perArea * sumOf(tiersOf(s.pieces), (form, t) => topArea(form) + sideArea(form, t.body))) / 10_000,
    );
    return {
      id: stageStepId(order, s.key),
      name: stageName(s, parts, components, { tiers: s.pieces.length, says }),
      order,
      role: null,
      work: 'hands',
      minutes: { low: s.minutes.low + extra, likely: s.minutes.likely + extra, high: s.minutes.high + extra },
      people: { count: s.people ?? 1, skill: s.skill },
      uses: s.uses ?? [],
      oven: null,
      earliest: null,
      how: s.how,
      sign: s.sign ?? null,
      caution: s.caution ?? null,
      grams: null,
      amount: taken.length > 0 ? taken.map((c) => portionText(c, s)).join(' · ') : null,
      check: s.check ?? null,
      reminders: s.reminders ?? [],
      preparations: [],
      ...when(s.when),
    };
  });
  const collect = handOverId(order);
  steps.push({
    id: collect,
    name: say`Hand over`,
    order,
    role: null,
    work: 'collect',
    minutes: { low: 0, likely: 0, high: 0 },
    people: null,
    uses: [],
    oven: null,
    earliest: null,
    how: say`Check the name, the inscription and the box. Say how to keep it, move it and cut it.`,
    sign: null,
    caution: say`Carry flat, with two people for tiers; a cool car.`,
    grams: null,
    amount: null,
    check: null,
    reminders: [],
    preparations: [],
  });

  const waits: Wait[] = work.waits.map((w) => {
    const handsOver = w.to === HAND_OVER;
    return {
      id: stageWaitId(order, w.from, w.to, w.when?.choice ?? null),
      from: stageStepId(order, w.from),
      to: stageStepId(order, w.to),
      min: handsOver ? Math.max(w.min, kitchen.coefficients.readyBefore) : w.min,
      max: w.max,
      place: w.place,
      units: w.place ? Math.ceil(w.units * roomOf(tiersOf(w.pieces)) - 1e-9) : 0,
      ageing: w.ageing ?? 0.01,
      why: w.why,
      ...when(w.when),
    };
  });

  const holds = work.holds.flatMap(({ from, until, pieces }, i) =>
    [...ringsNeeded(tiersOf(pieces), kitchen)].map(([kind, units]): Hold => ({
      id: i === 0 ? ringHoldId(order, kind) : `${ringHoldId(order, kind)}#${from}`,
      ...{ kind, units, from: stageStepId(order, from), until: stageStepId(order, until) },
    })),
  );
  return { steps, waits, holds };
}

/** A cake of this size, mm across, has its shelf to itself, and is worked on by itself. */
const BY_ITSELF = 200;

/** How many cakes some pieces are for shelves and hands: each is one, but small ones by the dozen stand close and go quickly. */
function roomOf(tiers: readonly Tier[]): number {
  return tiers.reduce((sum, t) => {
    const [length, width] = formBox(t.form);
    return sum + (t.count === undefined ? 1 : t.count * Math.min(1, (length * width) / BY_ITSELF ** 2));
  }, 0);
}

/** What of a part goes in at a stage: "Buttercream 360 g". What was divided by hand into something else is told as a whole. */
function portionText({ label, amount }: Component, { key }: Stage): string {
  const here = amount.portions.filter((p) => p.stage === key);
  const told = amount.portions.some((p) => p.stage !== undefined);
  if (!told && !amount.raw) return `${label} ${grams(amount.grams)}`;
  // What was weighed raw weighs less by now, and is counted in layers.
  return here.length === 0 || amount.raw ? label : `${label} ${grams(here.reduce((sum, p) => sum + p.grams, 0))}`;
}

function ringsNeeded(tiers: readonly Tier[], kitchen: Kitchen): Map<string, number> {
  const needed = new Map<string, number>();
  for (const t of tiers) {
    const ring = kitchen.moulds.find((m) => m.use === 'ring' && formName(m.form) === formName(t.form));
    if (ring) needed.set(ring.kind, (needed.get(ring.kind) ?? 0) + times(t));
  }
  return needed;
}
