import { mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { DateTime } from 'luxon';
import { say } from '../../core/words/say';
import { database } from '../../data/database';
import type { KitchenId } from '../../core/ids/ids';
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

/** Why the last backup of a kitchen failed, until one is written again. */
const held = globalThis as unknown as { zestUnbacked?: Map<KitchenId, string> };
const unbacked = () => (held.zestUnbacked ??= new Map<KitchenId, string>());

/** Why no backup could be written, for people: what the system says of a disk is not what they say. */
function whyNot(error: unknown): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'ENOSPC' || code === 'EDQUOT') return say`The disk is full.`;
  if (code === 'EACCES' || code === 'EPERM' || code === 'EROFS') return say`The program may not write into its folder.`;
  if (code === 'ENOTDIR' || code === 'EEXIST') return say`Its folder cannot be made: a file is in its place.`;
  return message;
}

/** Backs a kitchen up where it is due; where that fails it is known why until it succeeds. */
export async function backUpOrSay(db: KitchenDb, folder: string): Promise<void> {
  try {
    if (await backUp(db, folder)) log.info({ kitchen: db.kitchen, folder }, 'backed up');
    unbacked().delete(db.kitchen);
  } catch (error) {
    unbacked().set(db.kitchen, whyNot(error));
    log.error({ err: error, kitchen: db.kitchen, folder }, 'this kitchen could not be backed up');
  }
}

/** That the last backup of a kitchen failed, and why; null where it did not. */
export function backupTrouble({ kitchen }: Pick<KitchenDb, 'kitchen'>): string | null {
  const why = unbacked().get(kitchen);
  return why === undefined ? null : say`The last backup failed: ${why}`;
}

/** Backs every kitchen up each night, as long as the server runs. What fails is tried again at the next look. */
export function backUpNightly(): void {
  const folder = backupFolder();
  if (folder === null) return;
  const look = async () => {
    for (const { id } of await readKitchens(await database())) {
      const db = await openKitchen(id);
      if (db) await backUpOrSay(db, folder);
    }
  };
  const run = () => void look().catch((error: unknown) => log.error({ err: error }, 'backups'));
  setTimeout(run, FIRST).unref();
  setInterval(run, EVERY).unref();
}

/** What a kitchen's page says of its backups. */
export interface BackupView {
  /** How old the newest is. */
  text: string;
  old: boolean;
  /** That the last one failed, and why. */
  trouble: string | null;
}

export const backupView = (db: KitchenDb): BackupView => ({ ...backupAge(db), trouble: backupTrouble(db) });

/** How old the newest backup of a kitchen is, in words, and whether that is too old. */
export function backupAge(db: KitchenDb): Omit<BackupView, 'trouble'> {
  const folder = backupFolder();
  if (folder === null) return { text: say`Nightly backups are switched off.`, old: true };
  const [newest] = daysOf(db, folder);
  if (newest === undefined)
    return { text: say`No backup yet: one is written each night, and the last ${KEPT} are kept.`, old: true };
  const days = Math.floor(DateTime.fromJSDate(db.now()).startOf('day').diff(DateTime.fromISO(newest), 'days').days);
  const age = days <= 0 ? say`today` : days === 1 ? say`yesterday` : say`${days} days ago`;
  return { text: say`Backed up by itself ${age}; the last ${KEPT} nights are kept on the server.`, old: days > 2 };
}
