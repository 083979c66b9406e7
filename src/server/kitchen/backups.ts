import { mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { DateTime } from 'luxon';
import { say } from '../../core/words/say';
import { database } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { readKitchens } from '../../data/repositories/kitchens';
import { log } from '../shared/log';
import { openKitchen } from '../shared/open-kitchen';
import { readSettings } from '../shared/settings';
import { exportKitchen } from './kitchen-file';

/** So many are kept of each kitchen; the oldest goes first. */
const KEPT = 14;
/** Each night from this hour on. */
const HOUR = 2;
/** It is looked whether one is due so often, and for the first time so long after the start. ms. */
const EVERY = 30 * 60_000;
const FIRST = 2 * 60_000;

/** Where backups are written; null where they are switched off. */
const backupFolder = (): string | null => readSettings(process.env).settings.backups;

const nameOf = ({ kitchen }: Pick<KitchenDb, 'kitchen'>, date: string) => `${kitchen}@${date}.zip`;

/** Days of which there is a backup of a kitchen, the newest first. */
function daysOf({ kitchen }: Pick<KitchenDb, 'kitchen'>, folder: string): string[] {
  const own = new RegExp(`^${kitchen}@(\\d{4}-\\d{2}-\\d{2})\\.zip$`);
  try {
    return readdirSync(folder)
      .flatMap((file) => own.exec(file)?.[1] ?? [])
      .sort()
      .reverse();
  } catch {
    return [];
  }
}

/** Writes a kitchen into the folder of backups where there is none of today yet; whole, or not at all. The oldest beyond fourteen go. */
export async function backUp(db: KitchenDb, folder: string): Promise<boolean> {
  const now = DateTime.fromJSDate(db.now());
  const today = now.toISODate()!;
  if (now.hour < HOUR || daysOf(db, folder).includes(today)) return false;
  const { content } = await exportKitchen(db, {});
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, nameOf(db, today));
  // Names, orders and telephone numbers: for nobody else of this machine.
  writeFileSync(`${file}.part`, content, { mode: 0o600 });
  renameSync(`${file}.part`, file);
  for (const old of daysOf(db, folder).slice(KEPT)) rmSync(path.join(folder, nameOf(db, old)), { force: true });
  return true;
}

/** Backs every kitchen up each night, as long as the server runs. What fails is tried again at the next look. */
export function backUpNightly(): void {
  const folder = backupFolder();
  if (folder === null) return;
  const look = async () => {
    for (const { id } of await readKitchens(await database())) {
      const db = await openKitchen(id);
      try {
        if (db && (await backUp(db, folder))) log.info({ kitchen: id, folder }, 'backed up');
      } catch (error) {
        log.error({ err: error, kitchen: id, folder }, 'this kitchen could not be backed up');
      }
    }
  };
  const run = () => void look().catch((error: unknown) => log.error({ err: error }, 'backups'));
  setTimeout(run, FIRST).unref();
  setInterval(run, EVERY).unref();
}

/** How old the newest backup of a kitchen is, in words, and whether that is too old. */
export function backupAge(db: KitchenDb): { text: string; old: boolean } {
  const folder = backupFolder();
  if (folder === null) return { text: say`Nightly backups are switched off.`, old: true };
  const [newest] = daysOf(db, folder);
  if (newest === undefined)
    return { text: say`No backup yet: one is written each night, and the last ${KEPT} are kept.`, old: true };
  const days = Math.floor(DateTime.fromJSDate(db.now()).startOf('day').diff(DateTime.fromISO(newest), 'days').days);
  const age = days <= 0 ? say`today` : days === 1 ? say`yesterday` : say`${days} days ago`;
  return { text: say`Backed up by itself ${age}; the last ${KEPT} nights are kept on the server.`, old: days > 2 };
}
