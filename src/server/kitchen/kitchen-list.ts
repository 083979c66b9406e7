import { timeOf, minuteOf } from '../../core/time/clock';
import { database } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { readKitchens } from '../../data/repositories/kitchens';
import { readOpenOrders } from '../../data/repositories/orders';
import { openKitchen } from '../shared/open-kitchen';
import { loadKitchen } from '../situation/load-kitchen';

/** One of the kitchens, to choose from. */
export interface KitchenLine {
  id: string;
  name: string;
  /** What its clock shows. */
  time: string;
  people: number;
  openOrders: number;
}

/** All kitchens of this database, the oldest first. */
export async function loadKitchens(): Promise<KitchenLine[]> {
  const lines: KitchenLine[] = [];
  for (const { id } of await readKitchens(await database())) {
    const db = await openKitchen(id);
    const kitchen = db && (await loadKitchen(db));
    if (!db || !kitchen) continue;
    lines.push({
      ...{ id, name: kitchen.rows.kitchen.name, people: kitchen.team.length },
      time: timeOf(minuteOf(db.now(), kitchen.clock), kitchen.clock).toFormat('cccc d LLLL, HH:mm'),
      openOrders: (await readOpenOrders(db)).length,
    });
  }
  return lines;
}

/** The kitchen to begin in: the one that was used last, or the oldest; null while there is none. */
export async function homeKitchen(last: string | undefined): Promise<string | null> {
  const kitchens = await readKitchens(await database());
  return (kitchens.find((k) => k.id === last) ?? kitchens[0])?.id ?? null;
}

export async function kitchenName(db: KitchenDb): Promise<string> {
  return (await loadKitchen(db))?.rows.kitchen.name ?? db.kitchen;
}
