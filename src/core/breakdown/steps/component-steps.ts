import { say } from '../../words/say';
import {
  FIRST,
  keyOf,
  partId,
  partStepId,
  tinHoldId,
  waitId,
  type BatchId,
  type Place,
  type OrderId,
  type StepId,
} from '../../ids/ids';
import type { FormulaStep, FormulaWait, Reminder } from '../../formula/formula';
import { belongs, type Choices } from '../../formula/schools';
import { formName } from '../../shape/form';
import { OVEN, type Hold, type Wait } from '../../planning-format/problem';
import type { CakeStep } from './cake-step';
import type { Kitchen } from '../kitchen';
import type { Component } from '../amounts/component';
import { counted } from '../../measure/counted';
import { preparationsOf } from './preparations';
import { slotsPerTin } from './oven-slots';
import { inOneTin, roundsOf, type Round } from './rounds';
import { grams } from './words';

export interface ComponentParts {
  steps: CakeStep[];
  waits: Wait[];
  holds: Hold[];
  /** Ids of the steps after which the component is finished. */
  ends: StepId[];
}

/**
 * Steps of one component: its formula's, once for the batch, or once for each mix and round of tins. They belong to
 * `owner`; `order` is null where a batch serves several.
 */
export function componentSteps(
  owner: OrderId | BatchId,
  order: OrderId | null,
  component: Component,
  kitchen: Kitchen,
  choices: Choices,
): ComponentParts {
  const { formula, role } = component;
  const steps = withTins(
    formula.steps.filter((s) => belongs(s.when, choices)),
    component.amount.loads.length > 0,
  );
  const rounds = roundsOf(component, kitchen, choices);
  const baked = steps.findIndex((s) => s.work === 'oven');
  const broken: CakeStep[] = [];
  /** Which rounds each step of a key serves. */
  const serves = new Map<string, { id: StepId; rounds: Round[] }[]>();
  steps.forEach((s, at) => {
    const groups = groupsOf(s, baked >= 0 && at >= baked, rounds);
    const places = placesOf(groups.map((own) => own[0]?.tier ?? 0));
    const made = groups.map((own, i) => ({
      id: partStepId(partId(owner, role), s.key, groups.length > 1 ? places[i]! : FIRST),
      rounds: own,
    }));
    serves.set(s.key, made);
    for (const m of made) broken.push(cakeStep(m.id, order, component, s, m.rounds, made.length, kitchen));
  });

  const waits = formula.waits.flatMap((w): Wait[] =>
    pairs(serves.get(w.from) ?? [], serves.get(w.to) ?? []).map(([from, to]) => ({
      id: waitId(from.id, to.id),
      from: from.id,
      to: to.id,
      min: w.min,
      // A later round of the same mix may stand as long as the batter can.
      max: later(from.rounds, to.rounds) ? Math.max(w.max ?? 0, formula.stands ?? 0) : w.max,
      ...placeOf(
        w,
        broken.find((s) => s.id === from.id),
      ),
      ageing: w.ageing ?? 0.01,
      ...(w.attended && { attended: true }),
      why: w.why,
    })),
  );

  const roundPlaces = placesOf(rounds.map((r) => r.tier));
  const holds = steps.flatMap((s): Hold[] =>
    !s.tinsUntil
      ? []
      : rounds.flatMap((round, i): Hold[] => {
          const { kind } = round;
          if (kind === null) return [];
          const of = (key: string) => serves.get(key)?.find((x) => x.rounds.includes(round))?.id;
          const first = rounds.find((r) => r.mix === round.mix && r.load === round.load) === round;
          // The tins of a later round are free until it goes into the oven.
          const from = first || baked < 0 ? of(s.key) : of(steps[baked]!.key);
          const until = of(s.tinsUntil!);
          if (from === undefined || until === undefined) return [];
          return [{ id: tinHoldId(until, kind, roundPlaces[i]!), kind, units: round.tins, from, until }];
        }),
  );

  if (inOneTin(choices) && baked >= 0) waits.push(...sameTinWaits(rounds, steps, steps[baked]!, serves));

  const keys = new Set(steps.map((s) => s.key));
  const last = steps.filter((s) => !formula.waits.some((w) => w.from === s.key && keys.has(w.to)));
  return { steps: broken, waits, holds, ends: last.flatMap((s) => serves.get(s.key)!.map((x) => x.id)) };
}

/** The steps of a part that take another one which goes into it: of each mix and round those that its formula names, else the first for hands. */
export function stepsTaking(role: string, into: Component, { steps }: Pick<ComponentParts, 'steps'>): { to: StepId }[] {
  const first = into.formula.steps.find((s) => s.work === 'hands') ?? into.formula.steps[0];
  const keys = new Set((into.takes ?? []).filter((t) => t.role === role).map((t) => t.step ?? first?.key));
  const named = steps.filter((s) => keys.has(keyOf(s.id)));
  // A step of a school that is not followed here takes nothing: then the first does.
  return (named.length > 0 ? named : steps.slice(0, 1)).map((s) => ({ to: s.id }));
}

/**
 * What is baked in tins holds them, though its formula does not say so: from the last step for hands before the oven to the first one after it.
 */
function withTins(steps: FormulaStep[], inTins: boolean): FormulaStep[] {
  const baked = steps.findIndex((s) => s.work === 'oven');
  if (!inTins || baked < 0 || steps.some((s) => s.tinsUntil)) return steps;
  const filled = steps.slice(0, baked).findLast((s) => s.work === 'hands') ?? steps[baked]!;
  const emptied = steps.slice(baked + 1).find((s) => s.work === 'hands') ?? steps[baked]!;
  return steps.map((s) => (s === filled ? { ...s, tinsUntil: emptied.key } : s));
}

/** Where a wait is: on a shelf, on the bench, or in the closed oven that its step was baked in. */
function placeOf(
  { place, ovenOff }: FormulaWait,
  from: CakeStep | undefined,
): Pick<Wait, 'place' | 'units' | 'sameItemAs' | 'heat'> {
  if (ovenOff && from?.oven) return { place: OVEN, units: from.oven.units, sameItemAs: from.id, heat: 'off' };
  return { place: ovenOff ? null : place, units: place && !ovenOff ? 1 : 0 };
}

/** One tin after another: the next round goes in once the tin of the one before it has been emptied. */
function sameTinWaits(
  rounds: Round[],
  steps: FormulaStep[],
  oven: FormulaStep,
  serves: ReadonlyMap<string, { id: StepId; rounds: Round[] }[]>,
): Wait[] {
  const emptied = steps.find((s) => s.tinsUntil)?.tinsUntil ?? oven.key;
  const of = (key: string, round: Round) => serves.get(key)?.find((x) => x.rounds.includes(round))?.id;
  return rounds.flatMap((round, i): Wait[] => {
    const before = rounds[i - 1];
    if (!before || before.load !== round.load || round.kind === null) return [];
    const [from, to] = [of(emptied, before), of(oven.key, round)];
    if (from === undefined || to === undefined || from === to) return [];
    return [
      {
        ...{ id: waitId(from, to), from, to, min: 0, max: null, place: null, units: 0, ageing: 0 },
        why: say`the same tin again`,
      },
    ];
  });
}

/** Of things in the order of their tiers: which tier, counted from the first of them, and which within it. */
function placesOf(tiers: number[]): Place[] {
  const ranks = [...new Set(tiers)];
  return tiers.map((tier, i) => ({
    tier: ranks.indexOf(tier),
    nth: tiers.slice(0, i).filter((t) => t === tier).length,
  }));
}

/**
 * Before the oven a step is done once for each mix; in the oven and after it, for each load of the oven; or for each round, where the formula says so.
 */
function groupsOf(s: FormulaStep, baking: boolean, rounds: Round[]): Round[][] {
  if (rounds.length < 2) return [rounds];
  if (s.each === 'load') return rounds.map((r) => [r]);
  const served = (r: Round) => (baking ? r.bake : r.mix);
  return [...new Set(rounds.map(served))].map((one) => rounds.filter((r) => served(r) === one));
}

function cakeStep(
  id: StepId,
  order: OrderId | null,
  component: Component,
  s: FormulaStep,
  rounds: Round[],
  parts: number,
  kitchen: Kitchen,
): CakeStep {
  const tins = rounds.reduce((sum, l) => sum + l.tins, 0);
  const { amount } = component;
  const share = rounds.length > 0 ? rounds.reduce((sum, l) => sum + l.grams, 0) : amount.grams / parts;
  const pieces = (amount.pieces ?? 0) * (amount.grams === 0 ? 0 : share / amount.grams);
  const { perKilo = 0, perPiece = 0, perTin = 0 } = s.minutes;
  const extra = Math.round(perKilo * (share / 1000) + perPiece * pieces + perTin * tins);
  return {
    id,
    name: s.name,
    order,
    role: component.role,
    work: s.work,
    minutes: { low: s.minutes.low + extra, likely: s.minutes.likely + extra, high: s.minutes.high + extra },
    people: s.work === 'hands' ? { count: 1, skill: s.skill ?? null } : null,
    uses: s.uses ?? [],
    oven: s.oven ? { celsius: s.oven.celsius, units: slotsOf(s.oven, rounds, kitchen) } : null,
    earliest: null,
    how: s.how,
    sign: s.sign ?? null,
    caution: s.caution ?? null,
    grams: share,
    amount: amountText(component, rounds, share, pieces),
    check: s.check ?? null,
    reminders: (s.reminders ?? []).map((r) => inMinutes(r, s.minutes.likely + extra)),
    preparations: preparationsOf(component.formula, s, rounds, kitchen.ingredients, kitchen.coefficients),
  };
}

/** A reminder after a share of the step, said in minutes after its start. */
function inMinutes({ share, ...reminder }: Reminder, minutes: number): Reminder {
  return share === undefined ? reminder : { ...reminder, after: Math.round(share * minutes) };
}

/** Deck slots that all tins of the rounds take together; without tins as many as the step says. */
function slotsOf({ slots, bySize }: NonNullable<FormulaStep['oven']>, rounds: Round[], kitchen: Kitchen): number {
  if (rounds.every((r) => r.tins === 0)) return slots;
  return rounds.reduce((sum, r) => sum + r.tins * slotsPerTin(slots, bySize ?? false, r.form, kitchen.slot), 0);
}

function amountText(component: Component, rounds: Round[], share: number, pieces: number): string {
  if (component.amount.pieces !== null) return `${counted(Math.round(pieces), 'piece')}, ${grams(share)}`;
  const filled = rounds.flatMap((r) =>
    r.form === null
      ? []
      : r.form.form === 'rectangle'
        ? say`${r.tins} × ${grams(r.grams / r.tins)} on sheets ${formName(r.form)}`
        : say`${r.tins} × ${grams(r.grams / r.tins)} into ${formName(r.form)}`,
  );
  return filled.length === 0 ? grams(share) : filled.join(', ');
}

/** Does `to` serve only later rounds of the mix that `from` makes, which wait until others have been baked? */
function later(from: Round[], to: Round[]): boolean {
  return from.length > to.length && to.length > 0 && Math.min(...to.map((r) => r.bake)) > from[0]!.bake;
}

/** What serves a common round belongs together; what serves none, with everything. */
function pairs<T extends { rounds: Round[] }>(from: T[], to: T[]): [T, T][] {
  return from.flatMap((f) =>
    to
      .filter((t) => f.rounds.length === 0 || t.rounds.length === 0 || t.rounds.some((r) => f.rounds.includes(r)))
      .map((t): [T, T] => [f, t]),
  );
}
