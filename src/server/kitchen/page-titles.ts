import { say } from '../../core/words/say';
import { readKitchen } from '../../data/repositories/kitchen';
import { readOrder } from '../../data/repositories/orders';
import type { KitchenDb } from '../../data/kitchen-db';
import { isRowId } from '../shared/row-id';

/** What a page is called in its tab and in the list of places that were visited: by the name of what it shows, so that two can be told apart. */
export async function orderTitle(db: KitchenDb, id: number): Promise<string> {
  return (isRowId(id) ? (await readOrder(db, id))?.title : undefined) ?? say`Order`;
}

export async function formulaTitle(db: KitchenDb, id: string): Promise<string> {
  return (await readKitchen(db))?.formulas.find((f) => f.id === id)?.name ?? say`Formula`;
}

export async function benchTitle(db: KitchenDb, person: string): Promise<string> {
  const name = (await readKitchen(db))?.people.find((p) => p.id === person)?.name;
  return name === undefined ? say`Bench` : say`Bench of ${name}`;
}
