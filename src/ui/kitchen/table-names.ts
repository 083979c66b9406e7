import { say } from '@/core/words/say';
import type { TableName } from '@/server/tables/tables';

/** What each table is called, and what can be done with it. */
export const TABLES: Record<TableName, { name: string; about: string }> = {
  people: { name: say`People`, about: say`Who they are, what they can do, their usual week.` },
  tins: { name: say`Tins`, about: say`Tins, rings, frames and sheets in plain words.` },
  ingredients: { name: say`Ingredients`, about: say`What they are, allergens, packs and prices, stock.` },
  formulas: { name: say`Formulas`, about: say`Lines and steps of every formula.` },
  orders: { name: say`Orders`, about: say`All orders out; new ones in.` },
  log: {
    name: say`Bench log`,
    about: say`What was told at the bench; how long steps took can come in from elsewhere.`,
  },
};

/** Tables that can be edited where they stand. */
export const EDITED: readonly TableName[] = ['people', 'tins', 'ingredients'];
