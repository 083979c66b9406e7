import { say } from '../../core/words/say';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import { slug } from '../../core/exchange/slug';
import { kitchenIdOf, type KitchenId } from '../../core/ids/ids';
import { readingIn, type NewKitchenForm } from '../../core/input/new-kitchen-input';
import { figuresCodec } from '../../core/stored/kitchen-figures';
import { DateTime } from 'luxon';
import { database } from '../../data/database';
import type { Db } from '../../data/db';
import { appendEvents } from '../../data/repositories/events';
import { insertKitchen, readKitchens } from '../../data/repositories/kitchens';
import { now } from '../shared/clock';
import { refuse, type Result } from '../shared/result';

/** Addresses of the demo, which may come beside every kitchen. */
const TAKEN = ['demo'];

/** As many as one database keeps: nobody runs so many bakeries, and each can be filled. */
const MOST_KITCHENS = 50;

/** Why there can be no more kitchens; null where there can. */
export const tooMany = (known: readonly unknown[]): string | null =>
  known.length < MOST_KITCHENS
    ? null
    : say`There are ${MOST_KITCHENS} kitchens here already, and no more are kept. Start another Zest Ladder with a folder of its own (ZEST_DATA).`;

/** Makes an empty kitchen: nobody works there yet, and nothing is in it. Minute 0 of its plans is the midnight before today. */
export async function makeKitchen(form: NewKitchenForm): Promise<Result<{ kitchen: KitchenId }>> {
  const rows = await database();
  const known = await readKitchens(rows);
  const many = tooMany(known);
  if (many) return refuse(many);
  if (known.some((k) => k.name.localeCompare(form.name, 'en', { sensitivity: 'base' }) === 0))
    return refuse(say`There is a kitchen of this name already.`, {
      name: say`There is a kitchen of this name already.`,
    });
  const kitchen = freeId(form.name, [...TAKEN, ...known.map((k) => k.id)]);
  const at = now();
  const origin = DateTime.fromJSDate(at, { zone: form.zone }).startOf('day').minus({ days: 1 }).toJSDate();
  return rows.transaction(async (tx): Promise<Result<{ kitchen: KitchenId }>> => {
    const made = await insertKitchen(tx as Db, {
      ...{ id: kitchen, name: form.name, zone: form.zone, origin, createdAt: at, reading: readingIn(form), setUp: [] },
      figures: figuresCodec.write({ coefficients: startingCoefficients, choices: {} }),
    });
    if (!made) return refuse(say`Somebody has just made a kitchen of this name.`);
    const db = { kitchen, rows: tx as Db, now };
    await appendEvents(db, [{ at, kind: 'kitchen made', order: null, body: { name: form.name } }]);
    return { ok: true, kitchen };
  });
}

/** An id that no kitchen has, from the name. */
export function freeId(name: string, taken: readonly string[]): KitchenId {
  const stem = slug(name).slice(0, 40).replace(/-$/, '') || 'kitchen';
  for (let n = 1; ; n++) {
    const id = kitchenIdOf(n === 1 ? stem : `${stem}-${n}`)!;
    if (!taken.includes(id)) return id;
  }
}
