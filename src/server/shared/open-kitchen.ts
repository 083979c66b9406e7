import { kitchenIdOf } from '../../core/ids/ids';
import { database } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { readKitchenName, readKitchens, type KitchenName } from '../../data/repositories/kitchens';
import { now } from './clock';

/** The kitchen of this id, to be read and written; null where there is none. */
export async function openKitchen(id: string | null): Promise<KitchenDb | null> {
  const known = id === null ? null : kitchenIdOf(id);
  const rows = await database();
  const kitchen = known && (await readKitchenName(rows, known));
  return kitchen && { kitchen: kitchen.id, rows, now: clockOfKitchen(kitchen) };
}

/** The one kitchen of the database; null where there is none, or more than one. */
export async function onlyKitchen(): Promise<KitchenDb | null> {
  const [first, ...others] = await readKitchens(await database());
  return first && others.length === 0 ? openKitchen(first.id) : null;
}

/** What a kitchen's own clock shows; without one it goes by the server's. */
function clockOfKitchen({ clock }: KitchenName): () => Date {
  if (!clock) return now;
  const ahead = Date.parse(clock.shows) - Date.parse(clock.at);
  return () => new Date(now().getTime() + ahead);
}
