import JSZip from 'jszip';
import { Readable } from 'node:stream';
import type { FileProblem } from '../core/kitchen-file/documents';
import { withFixedInstants } from '../core/kitchen-file/file-instants';
import { readKitchenFile, type Known } from '../core/kitchen-file/read';
import type { KitchenFile } from '../core/kitchen-file/shape';
import { say } from '../core/words/say';

/** The one document in a zipped kitchen. */
export const INSIDE = 'kitchen.json';
/**
 * A zip is unpacked to at most so many bytes, or to so many times its own where that is more: pictures, which fill a large kitchen, hardly
 * shrink, and what shrinks to a hundredth is no kitchen.
 */
const LARGEST_INSIDE = 40_000_000;
const MOST_TIMES = 20;
const MOST_FILES = 5000;

/** A file that was sent, and what it is read against. */
export interface FileRequest {
  bytes: Uint8Array;
  known: Known;
  /** The day that its times count from, where that is not its own. */
  anchor: string | null;
  /** Its times are to be instants, as those of a kitchen that is there. */
  fixed: boolean;
}

export type FileRead =
  | { ok: true; file: KitchenFile; anchor: string | null }
  | { ok: false; problems: FileProblem[] }
  | { ok: false; message: string };

/** A kitchen file that is sound, out of its zip; or what is wrong with it. `anchor` is the file's own. */
export async function readFile({ bytes, known, anchor, fixed }: FileRequest): Promise<FileRead> {
  const opened = await openFile(bytes);
  if (!opened.ok) return opened;
  const read = readKitchenFile(opened.value, known, anchor);
  if (!read.ok) return read;
  const own = read.file.anchor;
  const date = anchor ?? own;
  const days = date === null ? null : { date, zone: known.zone };
  return { ok: true, file: fixed ? withFixedInstants(read.file, days) : read.file, anchor: own };
}

type Refused = { ok: false; message: string };
const refuse = (message: string): Refused => ({ ok: false, message });

/** The JSON in what was sent: itself, or in a zip. Refused where it is too large, damaged or something else. */
export async function openFile(bytes: Uint8Array): Promise<{ ok: true; value: unknown } | Refused> {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const text = isZip ? await unzipped(bytes) : decodeText(bytes);
  if (typeof text !== 'string') return text;
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return refuse(say`This is no kitchen file: its JSON ends early or is damaged.`);
  }
}

function decodeText(bytes: Uint8Array): string | Refused {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return refuse(say`This is no kitchen file: it is not text.`);
  }
}

async function unzipped(bytes: Uint8Array): Promise<string | Refused> {
  const most = Math.max(LARGEST_INSIDE, MOST_TIMES * bytes.length);
  try {
    const zip = await JSZip.loadAsync(bytes);
    const files = Object.values(zip.files);
    if (files.length > MOST_FILES) return refuse(say`This zip has more than ${MOST_FILES} files.`);
    if (!zip.file(INSIDE)) return refuse(say`There is no ${INSIDE} in this zip.`);
    if (!(await isAtMost(files, most)))
      return refuse(say`What is in this zip is larger than ${Math.round(most / 1e6)} MB.`);
    // Only now, as looking at the check sums unpacks all of it at once.
    const whole = await JSZip.loadAsync(bytes, { checkCRC32: true });
    return decodeText(await whole.file(INSIDE)!.async('uint8array'));
  } catch {
    return refuse(say`This zip is damaged or ends early.`);
  }
}

/** Whatever a zip says of its sizes: it is unpacked bit by bit until there is more of it than allowed. */
async function isAtMost(files: readonly JSZip.JSZipObject[], most: number): Promise<boolean> {
  let unpacked = 0;
  for (const file of files)
    for await (const part of new Readable().wrap(file.nodeStream()) as AsyncIterable<Buffer>) {
      unpacked += part.length;
      if (unpacked > most) return false;
    }
  return true;
}
