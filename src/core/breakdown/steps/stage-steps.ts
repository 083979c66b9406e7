import { say } from '../../words/say';
import type { Hold, Wait } from '../../planning-format/problem';
import { formName, sideArea, topArea } from '../../shape/form';
import { HAND_OVER, handOverId, ringHoldId, routeId, stageStepId, stageWaitId, type OrderId } from '../../ids/ids';
import type { CakeStep } from './cake-step';
import type { Kitchen } from '../kitchen';
import { type Build } from '../build';
import type { Cake } from '../amounts/cake';
import type { Component } from '../amounts/component';
import { stageName } from './stage-name';
import { grams } from './words';

/** The work on the cake as a whole, from the first assembly to the hand-over; `says`: something is written on it. */
export function stageSteps(
  order: OrderId,
  build: Build,
  cake: Cake,
  components: Component[],
  kitchen: Kitchen,
  says: boolean,
): { steps: CakeStep[]; waits: Wait[]; holds: Hold[] } {
  const tiers = cake.tiers.length;
  const when = (w?: { route: string; choice: string }) =>
    w ? { when: { route: routeId(order, w.route), choice: w.choice } } : {};
  const steps: CakeStep[] = build.stages.map((s) => {
    const taken = components.filter((c) => s.takes.includes(c.role));
    const { perTier = 0, perPortion = 0, perPiece = 0, perArea = 0 } = s.minutes;
    const extra = Math.round(
      perTier * (tiers - 1) +
        perPortion * cake.portions +
        perPiece * taken.reduce((sum, c) => sum + (c.amount.pieces ?? 0), 0) +
        (perArea * cake.tiers.reduce((sum, t) => sum + topArea(t.form) + sideArea(t.form, t.body), 0)) / 10_000,
    );
    return {
      id: stageStepId(order, s.key),
      name: stageName(s, build, components, { tiers, says }),
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
      amount: taken.length > 0 ? taken.map((c) => `${c.label} ${grams(c.amount.grams)}`).join(' · ') : null,
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

  const waits: Wait[] = build.waits.map((w) => {
    const handsOver = w.to === HAND_OVER;
    return {
      id: stageWaitId(order, w.from, w.to, w.when?.choice ?? null),
      from: stageStepId(order, w.from),
      to: stageStepId(order, w.to),
      min: handsOver ? Math.max(w.min, kitchen.coefficients.readyBefore) : w.min,
      max: w.max,
      place: w.place,
      units: w.place ? w.units * tiers : 0,
      ageing: w.ageing ?? 0.01,
      why: w.why,
      ...when(w.when),
    };
  });

  const holds: Hold[] = [];
  if (build.ringHold) {
    for (const [kind, units] of ringsNeeded(cake, kitchen))
      holds.push({
        id: ringHoldId(order, kind),
        kind,
        units,
        from: stageStepId(order, build.ringHold.from),
        until: stageStepId(order, build.ringHold.until),
      });
  }
  return { steps, waits, holds };
}

function ringsNeeded(cake: Cake, kitchen: Kitchen): Map<string, number> {
  const needed = new Map<string, number>();
  for (const t of cake.tiers) {
    const ring = kitchen.moulds.find((m) => m.use === 'ring' && formName(m.form) === formName(t.form));
    if (ring) needed.set(ring.kind, (needed.get(ring.kind) ?? 0) + 1);
  }
  return needed;
}
