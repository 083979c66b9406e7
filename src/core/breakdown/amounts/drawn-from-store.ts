import { scaleToYield } from '../../formula/scale';
import { say } from '../../words/say';
import type { Work } from '../../design/work';
import type { Amount, Load, Portion } from './amount';
import type { Cake } from './cake';
import type { Component } from './component';
import { layersNeeded } from './layers-needed';
import { joinAllergens } from './left-overs';
import type { StoreDraw } from './store-draw';
import { storedAs } from './stored-as';

/** Less than this share of a part left to be made is nothing. */
const NOTHING = 1e-6;

/**
 * Components with what an order takes from the store in the place of what need not be made. Where that is not all of a part, the rest is made, and
 * what is taken stands beside it as a part of its own, which the same stages take.
 */
export function drawnFromStore(
  components: readonly Component[],
  draws: readonly StoreDraw[],
  cake: Cake,
  work: Work,
): { components: Component[]; work: Work } {
  if (draws.length === 0) return { components: [...components], work };
  let { stages } = work;
  const all = components.flatMap((c) => {
    const own = draws.filter((d) => d.role === c.role && d.formula === c.formula.id);
    if (own.length === 0) return [c];
    const divided = divide(c, own, cake);
    if (!divided.made) return [divided.taken];
    const { role } = divided.taken;
    stages = stages.map((s) => (s.takes.includes(c.role) ? { ...s, takes: [...s.takes, role] } : s));
    return [divided.made, divided.taken];
  });
  return { components: all, work: { ...work, stages } };
}

/** The role of what is taken from the store beside what is made. */
export const besides = (role: string): string => `${role}-store`;

/** What of a component is made and what is taken; without a cake it is in no tins. */
export function divide(
  c: Component,
  draws: readonly StoreDraw[],
  cake: Cake | null,
): { made: Component | null; taken: Component } {
  const { amount, formula } = c;
  const rest = cake && amount.loads.length > 0 ? loadsLeft(amount.loads, draws, cake, c.role) : null;
  const left = rest ? share(rest, amount.loads) : 1 - shareDrawn(c, draws);
  const covered = rest ? layersCovered(draws, cake!, c.role) : 1 - Math.max(0, left);
  const whole = left <= NOTHING;
  const role = whole ? c.role : besides(c.role);
  const taken: Component = {
    ...{ role, label: c.label, optional: c.optional, lines: [] },
    formula: storedAs(formula, c.label, draws),
    amount: takenAmount(c, whole ? 1 : covered, draws),
    allergens: joinAllergens([
      c.allergens,
      ...draws.map((d) => d.allergens.map((allergen) => ({ allergen, from: [say`from the store`] }))),
    ]),
  };
  if (whole) return { made: null, taken };
  const scaled = madeAmount(amount, left, 1 - covered, rest);
  return {
    made: { ...c, amount: scaled, lines: scaleToYield(scaled.raw ? { ...formula, loss: 0 } : formula, scaled.grams) },
    taken,
  };
}

/** Tins that are baked all the same: of each piece of the cake as many as its layers ask for that are not taken. */
function loadsLeft(loads: readonly Load[], draws: readonly StoreDraw[], cake: Cake, role: string): Load[] {
  const needed = layersNeeded(cake, role);
  return loads
    .map((l) => {
      const own = needed.filter((n) => n.tier === l.tier).reduce((sum, n) => sum + n.count, 0);
      const drawn = draws.filter((d) => (d.tier ?? 0) === l.tier).reduce((sum, d) => sum + d.amount, 0);
      const left = own === 0 ? 1 : Math.max(0, 1 - drawn / own);
      return { ...l, tins: Math.ceil(l.tins * left - 1e-9) };
    })
    .filter((l) => l.tins > 0);
}

const share = (some: readonly Load[], all: readonly Load[]): number => gramsOf(some) / gramsOf(all);
const gramsOf = (loads: readonly Load[]): number => loads.reduce((sum, l) => sum + l.tins * l.gramsEach, 0);

function layersCovered(draws: readonly StoreDraw[], cake: Cake, role: string): number {
  const needed = layersNeeded(cake, role).reduce((sum, n) => sum + n.count, 0);
  return needed === 0 ? 0 : Math.min(1, draws.reduce((sum, d) => sum + d.amount, 0) / needed);
}

/** Share of what is counted or weighed that is taken. */
function shareDrawn({ amount, formula }: Component, draws: readonly StoreDraw[]): number {
  const drawn = draws.reduce((sum, d) => sum + d.amount, 0);
  const all = formula.inStore?.by === 'piece' ? (amount.pieces ?? 0) : amount.grams;
  return all === 0 ? 1 : Math.min(1, drawn / all);
}

/** What is taken: of its portions those that are in the cake, as they are used. */
function takenAmount({ amount, formula }: Component, covered: number, draws: readonly StoreDraw[]): Amount {
  const baked = amount.raw ? 1 - formula.loss : 1;
  const portions = amount.portions
    .filter((p) => amount.loads.length === 0 || (!p.leftOver && !p.lost))
    .map((p) => times(p, covered * baked));
  return {
    ...{ grams: portions.reduce((sum, p) => sum + p.grams, 0), portions, loads: [], computed: null },
    pieces: formula.inStore?.by === 'piece' ? draws.reduce((sum, d) => sum + d.amount, 0) : null,
    because: say`${amount.because}; taken from the store`,
  };
}

/** What is made besides: what the tins give more than is asked for is left over. */
function madeAmount(amount: Amount, left: number, wanted: number, loads: Load[] | null): Amount {
  const grams = loads ? gramsOf(loads) : amount.grams * left;
  const portions = amount.portions.map((p) => times(p, loads && !p.leftOver && !p.lost ? wanted : left));
  const over = grams - portions.reduce((sum, p) => sum + p.grams, 0);
  return {
    ...amount,
    grams,
    portions: over > 1e-6 ? [...portions, { use: say`baked and not needed`, grams: over, leftOver: 'rest' }] : portions,
    pieces: amount.pieces === null ? null : Math.round(amount.pieces * left),
    loads: loads ?? amount.loads,
    because: say`${amount.because}; the rest is taken from the store`,
  };
}

const times = (p: Portion, factor: number): Portion => ({
  ...p,
  grams: p.grams * factor,
  ...(p.tiers && { tiers: p.tiers.map((t) => ({ ...t, grams: t.grams * factor })) }),
  ...(p.count !== undefined && { count: Math.round(p.count * factor) }),
});
