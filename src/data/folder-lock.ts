import { randomUUID } from 'node:crypto';
import {
  existsSync,
  linkSync,
  mkdirSync,
  readFileSync,
  readlinkSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';

/** What stands in the lock: who has the folder, and a count that rises as long as they are alive. */
interface Holder {
  token: string;
  pid: number;
  started: string | null;
  /** Process ids mean something only within one of these; null where the system has none. */
  namespace: string | null;
  beat: number;
  /** Where its server can be asked, and the key that shows who could read this file. */
  address?: string;
  key?: string;
}

/** Where a running server can be asked by another program of the same user. */
export interface ServerAddress {
  address: string;
  key: string;
}

const held = globalThis as unknown as { zestKey?: string };
/** The key of this process, made anew at every start: whoever can read the lock, which nobody else can, may send files to it. */
export const serverKey = (): string => (held.zestKey ??= randomUUID());

/** Where this process is served, as its starter told it; undefined where it serves nothing. */
function ownAddress(): string | undefined {
  const { ZEST_ADDRESS, PORT } = process.env;
  return ZEST_ADDRESS ?? (PORT ? `http://127.0.0.1:${PORT}` : undefined);
}

/** The server that has a folder open, where there is one that can be asked; null where the folder is free, or nobody answers for it. */
export function serverOf(folder: string): ServerAddress | null {
  const text = readText(path.join(folder, FILE));
  const holder = text === null ? null : parse(text);
  return holder?.address && holder.key && startOf(holder.pid) === holder.started
    ? { address: holder.address, key: holder.key }
    : null;
}

export interface FolderLock {
  release: () => void;
}

/** The count rises this often; a holder from elsewhere whose count stood still for so long is gone. ms. */
const BEAT = 2000;
const SILENCE = 9000;
const FILE = 'in-use-by.json';
/** Nobody else of this machine may read the key. */
const OWNER_ONLY = { mode: 0o600 };

/**
 * Two processes on one PGlite folder both succeed, and rows are lost. So the folder carries a lock. A holder in the same process
 * namespace is asked for by its id and start time, and its lock is taken over at once when it is gone. Of one in another namespace (another
 * container) the id says nothing: it is gone when its count stands still for nine seconds. Throws, in words, while the folder is in use.
 */
export async function lockFolder(folder: string, lost: () => void = endAtOnce): Promise<FolderLock> {
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, FILE);
  const own: Holder = {
    ...{ token: randomUUID(), pid: process.pid, started: startOf(process.pid), namespace: namespace(), beat: 0 },
    key: serverKey(),
  };
  const address = ownAddress();
  if (address !== undefined) own.address = address;
  for (let attempt = 0; attempt < 5; attempt++) {
    if (createWith(file, own)) return keep(file, own, lost);
    const text = readText(file);
    const holder = text === null ? null : parse(text);
    if (holder && (await isAlive(file, holder, own)))
      throw new Error(
        `The data folder ${folder} is in use by another Zest Ladder (process ${holder.pid}${holder.namespace === own.namespace ? '' : ' of another container'}). Stop it first, or name another folder in ZEST_DATA.`,
      );
    if (text !== null) takeAway(file, text);
  }
  throw new Error(`The data folder ${folder} is wanted by several at once: try again.`);
}

function endAtOnce(): void {
  process.stderr.write('Another Zest Ladder has taken the data folder over, as this one stood still: it ends.\n');
  process.exit(1);
}

/** Creates the lock whole or not at all: nobody may read half of it. */
function createWith(file: string, own: Holder): boolean {
  const draft = `${file}.${own.token}`;
  writeFileSync(draft, JSON.stringify(own), OWNER_ONLY);
  try {
    linkSync(draft, file);
    return true;
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === 'EEXIST') return false;
    // A file system without links: exclusive creation is the next best.
    if (existsSync(file)) return false;
    writeFileSync(file, JSON.stringify(own), { flag: 'wx', ...OWNER_ONLY });
    return true;
  } finally {
    rmSync(draft, { force: true });
  }
}

async function isAlive(file: string, holder: Holder, own: Holder): Promise<boolean> {
  if (holder.namespace === own.namespace) return holder.started !== null && startOf(holder.pid) === holder.started;
  const until = Date.now() + SILENCE;
  while (Date.now() < until) {
    await new Promise((resolve) => setTimeout(resolve, 500));
    const now = readText(file);
    if (now === null) return false;
    const seen = parse(now);
    if (seen && (seen.token !== holder.token || seen.beat !== holder.beat)) return true;
  }
  return false;
}

/** Takes a lock away that was read as `text`. If another one stands there by now, it is put back. */
function takeAway(file: string, text: string): void {
  const aside = `${file}.${randomUUID()}`;
  try {
    renameSync(file, aside);
  } catch {
    return;
  }
  if (parse(readText(aside) ?? '')?.token !== parse(text)?.token)
    try {
      linkSync(aside, file);
    } catch {
      // Somebody has locked it meanwhile: the next look finds them.
    }
  rmSync(aside, { force: true });
}

function keep(file: string, own: Holder, lost: () => void): FolderLock {
  const timer = setInterval(() => {
    const now = parse(readText(file) ?? '');
    if (now?.token !== own.token) {
      clearInterval(timer);
      // It stood still for so long that another took the folder over: to write on would lose rows of both.
      lost();
      return;
    }
    own.beat += 1;
    const draft = `${file}.${own.token}`;
    try {
      writeFileSync(draft, JSON.stringify(own), OWNER_ONLY);
      renameSync(draft, file);
    } catch {
      rmSync(draft, { force: true });
      beatInPlace(file, own);
    }
  }, BEAT);
  timer.unref();
  const release = () => {
    clearInterval(timer);
    if (parse(readText(file) ?? '')?.token === own.token) rmSync(file, { force: true });
  };
  process.once('exit', release);
  return {
    release: () => {
      process.off('exit', release);
      release();
    },
  };
}

/** On a full disk nothing new can be written, but what is there can be written over. */
function beatInPlace(file: string, own: Holder): void {
  try {
    writeFileSync(file, JSON.stringify(own), { flag: 'r+' });
  } catch {
    // The next beat may find it well again.
  }
}

function readText(file: string): string | null {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return null;
  }
}

/** Null for what is no lock; one of an earlier version knows no token, namespace or count. */
function parse(text: string): Holder | null {
  try {
    const read = JSON.parse(text) as Partial<Holder> | null;
    if (!read || typeof read.pid !== 'number') return null;
    return {
      ...{ token: read.token ?? `${read.pid} ${read.started}`, pid: read.pid, started: read.started ?? null },
      ...{ namespace: read.namespace === undefined ? namespace() : read.namespace, beat: read.beat ?? 0 },
      ...(typeof read.address === 'string' && { address: read.address }),
      ...(typeof read.key === 'string' && { key: read.key }),
    };
  } catch {
    return null;
  }
}

/** This system's boot and process namespace, within which a process id names one process. */
function namespace(): string | null {
  try {
    return `${readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()} ${readlinkSync('/proc/self/ns/pid')}`;
  } catch {
    return null;
  }
}

/** When a process that is alive began, in a form that only has to differ between processes; null if it is gone. */
function startOf(pid: number): string | null {
  try {
    process.kill(pid, 0);
  } catch (error) {
    // It is there, and somebody else's.
    if ((error as NodeJS.ErrnoException).code !== 'EPERM') return null;
  }
  try {
    // Field 22 of the stat line, counted after the name in brackets, which may hold spaces.
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1)!.split(' ')[19]!;
  } catch {
    return 'unknown';
  }
}
