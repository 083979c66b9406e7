import { boughtGrams } from '../formula/scale';
import { say } from '../words/say';
import { counted } from '../measure/counted';
import type { Ingredient } from '../formula/formula';
import type { EggBalance } from './egg-balance';
import type { WeighOut } from './weigh-out';

interface ShoppingLine {
  ingredient: string;
  name: string;
  /** g. */
  needed: number;
  stock: number;
  buy: number;
  /** "17 eggs". */
  note: string | null;
}

export interface SupplierGroup {
  supplier: string;
  /** When the first of what is to be bought is weighed out, in minutes; null where the house only wants more of it. */
  neededAt: number | null;
  lines: ShoppingLine[];
}

const MADE_HERE = say`Made in the house`;
const ELSEWHERE = 'Elsewhere';

/**
 * What the weigh-outs take in all, by supplier, against what is in the house, of which the least that the kitchen wants to have stays there; and
 * whatever has fallen below that. Eggs are bought whole, by the ledger.
 */
export function shoppingList(
  weighOuts: WeighOut[],
  eggs: EggBalance,
  ingredients: ReadonlyMap<string, Ingredient>,
  stock: ReadonlyMap<string, number>,
): SupplierGroup[] {
  const needed = new Map<string, number>();
  for (const { lines } of weighOuts)
    for (const l of lines) {
      const known = ingredients.get(l.ingredient);
      if (known?.egg || known?.leftOver || known?.supplier === MADE_HERE) continue;
      needed.set(l.ingredient, (needed.get(l.ingredient) ?? 0) + boughtGrams(l));
    }
  const lines = [...needed].map(([id, grams]) => line(id, grams, ingredients, stock, null));
  const whole = [...ingredients.values()].find((i) => i.egg === 'whole');
  if (eggs.crack > 0 && whole)
    lines.push(line(whole.id, eggs.crack * eggs.eggWeight, ingredients, stock, counted(eggs.crack, 'egg')));
  for (const i of ingredients.values())
    if (i.leastStock && !i.egg && !needed.has(i.id) && (stock.get(i.id) ?? 0) < i.leastStock)
      lines.push(line(i.id, 0, ingredients, stock, say`below the least of it`));
  const groups = new Map<string, ShoppingLine[]>();
  for (const l of lines) {
    const supplier = ingredients.get(l.ingredient)?.supplier ?? ELSEWHERE;
    groups.set(supplier, [...(groups.get(supplier) ?? []), l]);
  }
  return [...groups]
    .map(([supplier, list]) => ({
      ...{ supplier, neededAt: firstUse(list, weighOuts) },
      lines: list.sort((a, b) => a.name.localeCompare(b.name, 'en')),
    }))
    .sort((a, b) => a.supplier.localeCompare(b.supplier, 'en'));
}

/** When the first of what must be bought is weighed out. */
function firstUse(lines: readonly ShoppingLine[], weighOuts: readonly WeighOut[]): number | null {
  const bought = new Set(lines.filter((l) => l.buy > 0 && l.needed > 0).map((l) => l.ingredient));
  const uses = weighOuts.filter((w) => w.lines.some((l) => bought.has(l.ingredient))).map((w) => w.at);
  return uses.length > 0 ? Math.min(...uses) : null;
}

function line(
  id: string,
  needed: number,
  ingredients: ReadonlyMap<string, Ingredient>,
  stock: ReadonlyMap<string, number>,
  note: string | null,
): ShoppingLine {
  const inHouse = stock.get(id) ?? 0;
  return {
    ingredient: id,
    name: ingredients.get(id)?.name ?? id,
    needed,
    stock: inHouse,
    buy: Math.max(0, needed + (ingredients.get(id)?.leastStock ?? 0) - inHouse),
    note,
  };
}
