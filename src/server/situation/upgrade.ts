import type { Db } from '../../data/db';
import type { KitchenDb } from '../../data/kitchen-db';
import { readKitchens, readUpgrades, writeUpgrades } from '../../data/repositories/kitchens';
import { commit } from '../shared/commit';
import { log } from '../shared/log';
import { openKitchen } from '../shared/open-kitchen';
import type { Result } from '../shared/result';
import { keepFromBefore } from './keep-work';
import { loadSituation } from './load-situation';

/** What of earlier versions is brought up by the program, since tables alone cannot: in the order in which it came. */
const UPGRADES: readonly ((tx: KitchenDb) => Promise<void>)[] = [
  // Work that was begun before work was kept.
  async (tx) => {
    const situation = await loadSituation(tx);
    const kept = situation ? await keepFromBefore(tx, situation) : 0;
    log.info({ kitchen: tx.kitchen, kept }, 'the work of what was begun is kept from now on');
  },
];

/** Brings every kitchen of the database up to today, each once. One that cannot be read does not keep the others from being served. */
export async function upgradeKitchens(rows: Db): Promise<void> {
  for (const { id } of await readKitchens(rows)) {
    const db = await openKitchen(id);
    if (!db) continue;
    try {
      await upgrade(db);
    } catch (error) {
      log.error({ err: error, kitchen: id }, 'this kitchen cannot be brought up to this version');
    }
  }
}

async function upgrade(db: KitchenDb): Promise<void> {
  if ((await readUpgrades(db)) >= UPGRADES.length) return;
  await commit(
    db,
    async (tx): Promise<Result> => {
      for (const step of UPGRADES.slice(await readUpgrades(tx))) await step(tx);
      await writeUpgrades(tx, UPGRADES.length);
      return { ok: true };
    },
    { part: true },
  );
}
