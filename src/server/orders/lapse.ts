import { say } from '../../core/words/say';
import { database } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { readCompiledVersions } from '../../data/repositories/compiled';
import { appendEvents } from '../../data/repositories/events';
import { readKitchens } from '../../data/repositories/kitchens';
import { readOverdueEnquiries, updateOrder } from '../../data/repositories/orders';
import { orderId } from '../../core/ids/ids';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { log } from '../shared/log';
import { openKitchen } from '../shared/open-kitchen';
import type { Result } from '../shared/result';
import { forgetOldPictures } from './pictures';

/** How often it is looked whether an enquiry has lapsed. ms. */
const EVERY = 60_000;

/**
 * Enquiries that nobody took up in time lose their place, and the others are planned anew. What has been begun is being made, whatever was said of
 * it: it stays until somebody decides. Answers with their names.
 */
export async function lapseEnquiries(db: KitchenDb): Promise<string[]> {
  const due = async (at: KitchenDb) => {
    const over = await readOverdueEnquiries(at, db.now());
    const begun = await readCompiledVersions(
      at,
      over.map((o) => orderId(o.id)),
    );
    return over.filter((o) => !begun.has(orderId(o.id)));
  };
  if ((await due(db)).length === 0) return [];
  const kept = await commit(
    db,
    async (tx): Promise<Result<{ titles: string[] }>> => {
      const over = await due(tx);
      for (const o of over) {
        await updateOrder(tx, o.id, o.version, { state: 'lapsed', handedOverAt: db.now() });
        await appendEvents(tx, [{ at: db.now(), kind: 'lapsed', order: o.id, body: {} }]);
      }
      return { ok: true, titles: over.map((o) => o.title) };
    },
    { part: true },
  );
  if (!kept.ok || kept.titles.length === 0) return [];
  await planned(db, say`${kept.titles.join(', ')} lapsed`);
  return kept.titles;
}

/** Looks after what goes by itself in every kitchen, enquiries and pictures of no order, as long as the server runs. */
export function lapseInTime(): void {
  const look = async () => {
    for (const { id } of await readKitchens(await database())) {
      const db = await openKitchen(id);
      if (!db) continue;
      const titles = await lapseEnquiries(db);
      await forgetOldPictures(db);
      if (titles.length > 0) log.info({ kitchen: id, titles }, 'enquiries lapsed');
    }
  };
  const run = () => void look().catch((error: unknown) => log.error({ err: error }, 'enquiries'));
  run();
  setInterval(run, EVERY).unref();
}
