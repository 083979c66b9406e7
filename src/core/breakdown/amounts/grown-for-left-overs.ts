import { say } from '../../words/say';
import type { DesignPart } from '../../design/design';
import { scaleToYield } from '../../formula/scale';
import type { Ingredient } from '../../formula/formula';
import type { Amount, Portion } from './amount';
import type { Component } from './component';
import { isFromStore } from './stored-as';
import { feedLeftOvers } from './left-overs';

/** For less than this share of what is needed nobody bakes a layer more: it comes from the box. */
const ENOUGH = 0.2;

/**
 * Where a part is made of what another leaves over, and that is too little, the other's batch grows: of what is baked in tins by whole layers, of
 * all else by what is short.
 */
export function grownForLeftOvers(
  components: readonly Component[],
  parts: readonly DesignPart[],
  ingredients: ReadonlyMap<string, Ingredient>,
): Component[] {
  let grown = [...components];
  for (const { role, drawsOn } of parts) {
    if (drawsOn === undefined) continue;
    const { drawn } = feedLeftOvers(grown, ingredients);
    const short = drawn.filter((d) => d.role === role && d.short > ENOUGH * d.needed);
    const by = grown.find((c) => c.role === role);
    for (const { short: grams, ingredient } of short) {
      const kind = ingredients.get(ingredient)?.leftOver;
      grown = grown.map((c) =>
        c.role === drawsOn && kind && by && !isFromStore(c.formula) ? { ...c, ...growth(c, grams, kind, by.label) } : c,
      );
    }
  }
  return grown;
}

function growth(
  { amount, formula }: Component,
  short: number,
  kind: NonNullable<Portion['leftOver']>,
  label: string,
): Pick<Component, 'amount' | 'lines'> {
  const raw = amount.raw ? short / (1 - formula.loss) : short;
  const least = amount.loads.reduce(
    (a, l) => (a === null || l.gramsEach < a.gramsEach ? l : a),
    amount.loads[0] ?? null,
  );
  const tins = least ? Math.ceil(raw / least.gramsEach - 1e-9) : 0;
  const grams = least ? tins * least.gramsEach : raw;
  const use = least ? say`baked for ${label.toLowerCase()}` : say`made for ${label.toLowerCase()}`;
  const grown: Amount = {
    ...amount,
    grams: amount.grams + grams,
    portions: [...amount.portions, { use, grams, leftOver: kind }],
    loads: least ? [...amount.loads, { ...least, tins }] : amount.loads,
    because: say`${amount.because}; ${Math.round(grams)} g more, ${use}`,
  };
  return {
    amount: grown,
    lines: scaleToYield(grown.raw ? { ...formula, loss: 0 } : formula, grown.grams),
  };
}
