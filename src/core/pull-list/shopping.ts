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
  lines: ShoppingLine[];
}

const MADE_HERE = say`Made in the house`;
const ELSEWHERE = 'Elsewhere';

/** What the weigh-outs take in all, by supplier, against what is in the house. Eggs are bought whole, by the ledger. */
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
      needed.set(l.ingredient, (needed.get(l.ingredient) ?? 0) + l.grams);
    }
  const lines = [...needed].map(([id, grams]) => line(id, grams, ingredients, stock, null));
  const whole = [...ingredients.values()].find((i) => i.egg === 'whole');
  if (eggs.crack > 0 && whole)
    lines.push(line(whole.id, eggs.crack * eggs.eggWeight, ingredients, stock, counted(eggs.crack, 'egg')));
  const groups = new Map<string, ShoppingLine[]>();
  for (const l of lines) {
    const supplier = ingredients.get(l.ingredient)?.supplier ?? ELSEWHERE;
    groups.set(supplier, [...(groups.get(supplier) ?? []), l]);
  }
  return [...groups]
    .map(([supplier, list]) => ({ supplier, lines: list.sort((a, b) => a.name.localeCompare(b.name, 'en')) }))
    .sort((a, b) => a.supplier.localeCompare(b.supplier, 'en'));
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
    buy: Math.max(0, needed - inHouse),
    note,
  };
}
