import { say } from '../../core/words/say';
import JSZip from 'jszip';
import { DateTime } from 'luxon';
import { slug } from '../../core/exchange/slug';
import type { KitchenId } from '../../core/ids/ids';
import { compareFiles, type FoundRecord } from '../../core/kitchen-file/compare';
import { starterBlocks } from '../../data/kitchens/starter';
import { nothingKnown, readKitchenFile, type Known } from '../../core/kitchen-file/read';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import { fileText } from '../../core/kitchen-file/write';
import { database } from '../../data/database';
import type { KitchenDb } from '../../data/kitchen-db';
import { PARTS, type Part } from '../../data/repositories/contents';
import { readKitchens } from '../../data/repositories/kitchens';
import { now } from '../shared/clock';
import { FileAnswer } from '../shared/file-answer';
import { openKitchen } from '../shared/open-kitchen';
import { refuse, type Kept, type Result } from '../shared/result';
import { planned } from '../plan/replan';
import { loadKitchen } from '../situation/load-kitchen';
import { insertFile } from './insert-file';
import { INSIDE } from '../../workers/read-kitchen-file';
import { readFileInThread } from './file-thread';
import { freeId, tooMany } from './new-kitchen';
import { mergeFile, type Chosen } from './merge-file';
import { storedFile, unwritten } from './stored-file';

/** Larger files are refused, zipped or not. Bytes. */
export const LARGEST_FILE = 100_000_000;

/** Everything of a kitchen in a file of the open format, or parts of it. */
export async function exportKitchen(
  db: KitchenDb,
  {
    parts = PARTS,
    as = 'zip',
    anchor = null,
  }: { parts?: readonly Part[]; as?: 'zip' | 'json'; anchor?: string | null },
): Promise<FileAnswer> {
  const file = await kitchenFileOf(db, parts, anchor);
  const name = `${slug(file.kitchen?.name ?? db.kitchen)}-${DateTime.fromJSDate(db.now()).toISODate()}`;
  const text = fileText(file);
  if (as === 'json') return new FileAnswer(`${name}.json`, 'application/json', text, 'attachment');
  return new FileAnswer(`${name}.zip`, 'application/zip', await zipped(text, db.now()), 'attachment');
}

async function zipped(text: string, date: Date): Promise<Uint8Array> {
  const zip = new JSZip();
  zip.file(INSIDE, text, { date });
  return zip.generateAsync({ type: 'uint8array', compression: 'DEFLATE' });
}

/** A kitchen as a file, each of its documents at its newest version. Throws where something stored cannot be read. */
export async function kitchenFileOf(
  db: KitchenDb,
  parts: readonly Part[] = PARTS,
  date: string | null = null,
): Promise<KitchenFile> {
  const known = await knownIn(db);
  const anchor = date === null ? null : { date, zone: known.zone };
  const stored = await storedFile(db, parts, anchor);
  const read = readKitchenFile(stored, known);
  if (!read.ok) throw unwritten(db, stored, read.problems);
  return read.file;
}

/** What records of a file may name because it is in the kitchen. */
async function knownIn(db: KitchenDb): Promise<Known> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) throw new Error(`There is no kitchen ${db.kitchen}.`);
  const { library, builds, clock } = kitchen;
  const keys = (map: ReadonlyMap<string, unknown>) => new Set(map.keys());
  return {
    zone: clock.zone,
    ingredients: keys(library.ingredients),
    formulas: keys(library.formulas),
    builds: keys(builds),
    blocks: library.blocks,
  };
}

/** What is in a file, before anything of it is taken. */
export interface FileContents {
  /** The kitchen that it is of; null where it has only parts. */
  name: string | null;
  /** The day that its times count from; null where they are fixed. */
  anchor: string | null;
  counts: Record<string, number>;
  /** Against the kitchen that it would come into. */
  records: FoundRecord[] | null;
}

/** Looks into a file; with a kitchen, against what is there. What is wrong with it comes back by its place. */
export async function lookInto(
  bytes: Uint8Array,
  into: KitchenDb | null,
  anchor: string | null,
): Promise<Result<{ found: FileContents }>> {
  const read = await readBytes(bytes, into, anchor);
  if (!read.ok) return read;
  const { file, anchor: own } = read;
  const counts = Object.fromEntries(
    Object.entries(file).flatMap(([k, v]) => (Array.isArray(v) && v.length > 0 ? [[k, v.length]] : [])),
  );
  const records = into && compareFiles(file, await kitchenFileOf(into));
  return { ok: true, found: { name: file.kitchen?.name ?? null, anchor: own, counts, records } };
}

/** A file as it would come in: for a kitchen that is there its times are instants, by the clock of that kitchen. */
async function readBytes(
  bytes: Uint8Array,
  into: KitchenDb | null,
  anchor: string | null,
  readFile: typeof readFileInThread = readFileInThread,
): Promise<Result<{ file: KitchenFile; anchor: string | null }>> {
  if (bytes.length > LARGEST_FILE) return refuse(say`This file is larger than ${LARGEST_FILE / 1e6} MB.`);
  const known = into ? await knownIn(into) : nothingKnown(starterBlocks);
  const read = await readFile({ bytes, known, anchor, fixed: into !== null });
  if (read.ok) return read;
  if ('message' in read) return refuse(read.message);
  const fields = Object.fromEntries(read.problems.map((p) => [p.path || say`file`, p.message]));
  return refuse(say`This file cannot be taken: nothing of it was.`, fields);
}

/**
 * Makes a kitchen of a file: all of it, or nothing. Its name is the file’s, or another where that is taken.
 *
 * @param options.readFile where nobody else waits it can be read without a thread
 */
export async function importAsKitchen(
  bytes: Uint8Array,
  anchor: string | null,
  { plans = true, readFile }: { plans?: boolean; readFile?: typeof readFileInThread } = {},
): Promise<Kept<{ kitchen: KitchenId }>> {
  const read = await readBytes(bytes, null, anchor, readFile);
  if (!read.ok) return read;
  const { file } = read;
  if (!file.kitchen)
    return refuse(say`This file has only parts of a kitchen: open the kitchen that they are to come into.`);
  return makeFrom(file, anchor, plans);
}

/** Makes a kitchen of a file that has been read. */
async function makeFrom(file: KitchenFile, date: string | null, plans: boolean): Promise<Kept<{ kitchen: KitchenId }>> {
  const rows = await database();
  const known = await readKitchens(rows);
  const many = tooMany(known);
  if (many) return refuse(many);
  const name = freeName(
    file.kitchen!.name,
    known.map((k) => k.name),
  );
  const kitchen = freeId(
    name,
    known.map((k) => k.id),
  );
  const made = await insertFile(rows, file, { kitchen, name, date, now });
  if (!made) return refuse(say`There is a kitchen at this address already.`);
  const db = (await openKitchen(kitchen))!;
  const open = (file.orders ?? []).some((o) => o.state === 'open');
  if (!plans || !open || (file.plans ?? []).length > 0) return { ok: true, kitchen, planned: true };
  return { ok: true, kitchen, planned: await planned(db, say`the kitchen came in`, { changed: true }) };
}

function freeName(name: string, taken: readonly string[]): string {
  let free = name;
  for (let n = 2; taken.includes(free); n++) free = `${name} (${n})`;
  return free;
}

/** Takes what was chosen of a file into a kitchen that is there: all that was chosen, or nothing. */
export async function importInto(
  db: KitchenDb,
  bytes: Uint8Array,
  chosen: Chosen,
  anchor: string | null,
): Promise<Kept<{ taken: number }>> {
  const read = await readBytes(bytes, db, anchor);
  if (!read.ok) return read;
  return mergeFile(db, read.file, chosen);
}
