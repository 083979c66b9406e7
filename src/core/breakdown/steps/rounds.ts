import type { Formula } from '../../formula/formula';
import { chosen, type Choices } from '../../formula/schools';
import { bakesOfOneMix, bakingRounds } from '../../shape/batter';
import { mouldKind, mouldUse } from '../../kitchen/mould-kind';
import { formName, type Form } from '../../shape/form';
import type { Component } from '../amounts/component';
import type { Kitchen } from '../kitchen';
import { mixLimits } from '../mix-limits';
import { slotsPerTin } from './oven-slots';

/** What is worked at once: tins that bake together, or one bowl of what goes into no tin. */
export interface Round {
  tier: number;
  /** Which of the component's loads it is a part of. */
  load: number;
  /** Null where nothing is filled into tins. */
  form: Form | null;
  tins: number;
  grams: number;
  /** The mould that bakes it, as a kind of equipment. */
  kind: string | null;
  /** The mix that fills it. */
  mix: number;
  /** What is in the oven with it: rounds of one number bake together. */
  bake: number;
}

/** Does the kitchen bake one tin after another, in the same tin? */
export const inOneTin = (choices: Choices): boolean => chosen('bake', choices) === 'rounds';

/**
 * Rounds of tins. Loads that need more tins than the kitchen owns, or than its largest oven takes, or that are baked tin by tin by choice, bake
 * one after the other; how many rounds one mix can serve is told by how long the batter stands and by what the bowl holds. Each mix weighs what
 * its own tins take. Loads that bake in one round each share bowls and ovens as far as those hold them. What is filled into no tins is one round
 * for each bowl; none where one bowl is enough.
 */
export function roundsOf(component: Component, kitchen: Kitchen, choices: Choices): Round[] {
  const { formula, amount } = component;
  const bowl = mixLimits(formula, kitchen).most;
  if (amount.loads.length === 0) return bowlsOf(amount.grams, bowl);
  const oven = formula.steps.find((s) => s.work === 'oven');
  const { slots = 1, bySize = false } = oven?.oven ?? {};
  const slotsOfTin = (form: Form | null) => slotsPerTin(slots, bySize, form, kitchen.slot);
  const oneByOne = inOneTin(choices);
  const rounds: Round[] = [];
  let mix = 0;
  amount.loads.forEach((load, at) => {
    const ovenTakes = Math.max(1, Math.floor(kitchen.ovenSlots / slotsOfTin(load.form)));
    const mould = kitchen.moulds.find((m) => formName(m.form) === formName(load.form) && m.owned > 0);
    const inTheBowl = Math.max(1, Math.floor(bowl / Math.max(1, load.gramsEach) + 1e-9));
    const owned = Math.min(mould?.owned ?? load.tins, ovenTakes, inTheBowl);
    const atOnce = oneByOne ? 1 : Math.max(1, owned);
    // What is short decides how long the next round waits: the tins, until they are free again, or only the oven.
    const inTheSameTins = oneByOne || atOnce === mould?.owned;
    const each = inTheSameTins ? tinMinutes(formula) : (oven?.minutes.likely ?? 1);
    const plan = bakingRounds(load.tins, atOnce, each, formula.stands ?? 0);
    const perMix = Math.ceil(plan.rounds / plan.mixes);
    let served = 0;
    let inMix = 0;
    for (let i = 0; i < plan.rounds; i++) {
      const tins = Math.floor(load.tins / plan.rounds) + (i < load.tins % plan.rounds ? 1 : 0);
      const grams = tins * load.gramsEach;
      if (served === perMix || (served > 0 && inMix + grams > bowl + 1e-6)) {
        mix++;
        served = 0;
        inMix = 0;
      }
      rounds.push({
        tier: load.tier,
        load: at,
        form: load.form,
        tins,
        grams,
        // What the kitchen has not is asked for by its own name.
        kind: mould?.kind ?? mouldKind({ use: mouldUse(load.form, formula.batter === 'sheet'), form: load.form }),
        mix,
        bake: rounds.length,
      });
      served++;
      inMix += grams;
    }
    mix++;
  });
  if (rounds.length > amount.loads.length) return rounds;
  const bakes = bakesOfOneMix(oven?.minutes.likely ?? 1, formula.stands ?? 0);
  return packed(
    rounds,
    { bowl, bakes, slots: oven ? kitchen.ovenSlots : Infinity },
    (r) => r.tins * slotsOfTin(r.form),
  );
}

/** Minutes from the oven's door until a tin is free again, if all goes as is likely: the bake, what it rests, and taking it out. At least 1. */
function tinMinutes({ steps, waits }: Formula): number {
  const baked = steps.findIndex((s) => s.work === 'oven');
  const free = steps.findIndex((s) => s.key === steps.find((t) => t.tinsUntil)?.tinsUntil);
  const out = steps.slice(Math.max(0, baked), free + 1);
  const between = waits.filter((w) => out.some((s) => s.key === w.from) && out.some((s) => s.key === w.to));
  const worked = out.reduce((sum, s) => sum + s.minutes.likely, 0);
  return Math.max(1, worked + between.reduce((sum, w) => sum + w.min, 0));
}

/**
 * Rounds in their order, each into the bowl and into the oven of the one before it while those hold both. Where the oven is full, the next load of
 * it is filled from the same bowl as long as the batter stands, and from a bowl of its own after that.
 */
function packed(
  rounds: Round[],
  most: { bowl: number; bakes: number; slots: number },
  slotsOf: (round: Round) => number,
): Round[] {
  let [mix, bake] = [-1, -1];
  let [inMix, inOven, bakesOfMix] = [Infinity, Infinity, 0];
  return rounds.map((r) => {
    const slots = slotsOf(r);
    const ovenIsFull = inOven + slots > most.slots;
    if (inMix + r.grams > most.bowl + 1e-6 || (ovenIsFull && bakesOfMix === most.bakes)) {
      mix++;
      [inMix, inOven, bakesOfMix] = [0, Infinity, 0];
    }
    if (inOven + slots > most.slots) {
      bake++;
      bakesOfMix++;
      inOven = 0;
    }
    inMix += r.grams;
    inOven += slots;
    return { ...r, mix, bake };
  });
}

function bowlsOf(grams: number, bowl: number): Round[] {
  const bowls = Math.ceil(grams / bowl - 1e-9);
  if (bowls < 2) return [];
  return Array.from({ length: bowls }, (_, mix): Round => ({
    ...{ tier: 0, load: 0, form: null, tins: 0, grams: grams / bowls, kind: null, mix, bake: mix },
  }));
}
