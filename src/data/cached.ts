import { is } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import type { Db } from './db';

interface Kept {
  version: number;
  reading: Promise<unknown>;
  /** Once it has been read. */
  value?: { is: unknown };
}

const held = globalThis as unknown as { zestRead?: Map<string, Kept> };
const slots = (): Map<string, Kept> => (held.zestRead ??= new Map());

/**
 * What was read of this process's database at a version, read again only at another one. Inside a transaction something kept may be
 * used, but nothing is kept: the transaction may have written already, and may yet be undone. Nor is a reading waited for that somebody
 * outside has begun: it may be waiting for this transaction to end.
 */
export function readOnce<T>(db: Db, slot: string, version: number, read: () => Promise<T>): Promise<T> {
  const kept = slots().get(slot);
  const inside = is(db, PgTransaction);
  if (kept?.version === version && (kept.value || !inside)) return kept.reading as Promise<T>;
  const reading = read();
  if (inside) return reading;
  const own: Kept = { version, reading };
  slots().set(slot, own);
  reading.then(
    (value) => (own.value = { is: value }),
    () => slots().get(slot) === own && slots().delete(slot),
  );
  return reading;
}

/** Keeps something that was just written as if it had been read. */
export function keepRead(slot: string, version: number, value: unknown): void {
  slots().set(slot, { version, reading: Promise.resolve(value), value: { is: value } });
}

/** Another database was opened. */
export function forgetRead(): void {
  slots().clear();
}
