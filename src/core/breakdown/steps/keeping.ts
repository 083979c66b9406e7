import { say } from '../../words/say';
import { routeId, stageStepId, waitId, type OrderId, type StepId } from '../../ids/ids';
import type { Keeping } from '../../formula/formula';
import type { Wait } from '../../planning-format/problem';
import type { Component } from '../amounts/component';
import type { Work } from '../../design/work';
import type { CakeStep } from './cake-step';
import { grams } from './words';

/** A step that takes a component, on one choice of a route or always. */
export interface Taker {
  to: StepId;
  when?: Wait['when'];
}

/** The stages of a cake that take a component, in their order. */
export function stagesTaking(order: OrderId, role: string, { stages }: Work): Taker[] {
  return stages
    .filter((s) => s.takes.includes(role))
    .map((stage) => ({
      to: stageStepId(order, stage.key),
      ...(stage.when && { when: { ...stage.when, route: routeId(order, stage.when.route) } }),
    }));
}

/**
 * From the finished component to each step that takes it, a stage of the cake or a step of another part; its place is kept until the last of them.
 * What is beaten up again before use passes by that step, which is the cake's own even where several share a batch: out of the cold in time,
 * beaten, and used while it stands.
 */
export function keepingOf(
  order: OrderId,
  component: Component,
  takers: readonly Taker[],
  ends: StepId[],
): { steps: CakeStep[]; waits: Wait[] } {
  const { keeping } = component.formula;
  const { tempering } = keeping;
  const on = ({ when }: Taker) => (when ? { when } : {});
  if (!tempering || takers.length === 0)
    return {
      steps: [],
      waits: ends.flatMap((from) =>
        takers.map((taker, i) => {
          const final = i === takers.length - 1;
          const { to } = taker;
          return {
            id: waitId(from, to),
            ...{ from, to, min: keeping.min, max: keeping.max },
            place: final ? keeping.place : null,
            units: final && keeping.place ? keeping.units : 0,
            ageing: final ? keeping.ageing : 0,
            ...wishOf(keeping),
            why: keeping.why,
            ...on(taker),
          };
        }),
      ),
    };
  const beating = beatingStep(order, component, tempering);
  const { min, max, place, ageing, why } = keeping;
  const units = place ? keeping.units : 0;
  return {
    steps: [beating],
    waits: [
      ...ends.map((from) => ({
        id: waitId(from, beating.id),
        ...{ from, to: beating.id, min, max, place, units, ageing, why },
        ...wishOf(keeping),
      })),
      ...takers.map((taker) => ({
        id: waitId(beating.id, taker.to),
        ...{
          from: beating.id,
          to: taker.to,
          min: 0,
          max: tempering.stands,
          place: null,
          units: 0,
          ageing: BEATEN_AGES,
        },
        why: say`beaten, and not cold again`,
        ...on(taker),
      })),
    ],
  };
}

/** What a minute costs by which something is used before it is at its best, beside what it ages meanwhile. */
const NOT_YET_GOOD = 0.02;

/** What is better later wishes for as long as that, within what it keeps. */
function wishOf({ betterAfter, min, max, ageing }: Keeping): Pick<Wait, 'wish'> {
  const least = Math.min(betterAfter ?? 0, max);
  return least > min ? { wish: { least, cost: ageing + NOT_YET_GOOD } } : {};
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What is beaten up is best used soon: cost of each minute. */
const BEATEN_AGES = 0.005;

function beatingStep(
  order: OrderId,
  { role, label, formula, amount }: Component,
  { outOfCold, minutes }: NonNullable<Component['formula']['keeping']['tempering']>,
): CakeStep {
  const last = formula.steps.findLast((s) => s.work === 'hands');
  const named = label.charAt(0).toLowerCase() + label.slice(1);
  return {
    id: stageStepId(order, `beat-${role}`),
    name: say`Beat up ${named}`,
    order,
    role,
    work: 'hands',
    minutes,
    people: { count: 1, skill: last?.skill ?? null },
    uses: last?.uses ?? [],
    oven: null,
    earliest: null,
    how: say`${capital(formula.keeping.why)}. Where it has stood in the cold: cut up, on the bench until it gives, then beaten until it is one again.`,
    sign: say`smooth, one colour, no cold lumps`,
    caution: null,
    grams: amount.grams,
    amount: grams(amount.grams),
    check: null,
    reminders: [],
    preparations: [{ kind: 'take out', text: say`Take ${named} out of the cold, if it is there`, before: outOfCold }],
  };
}
