import type { Codec } from '../core/stored/codec';

/** Something stored cannot be read: it is damaged, or was written by a newer program. The message says which, where and why. */
export class StoredError extends Error {}

/** The value of a stored document; `what` names it in the message of the error that is thrown where it cannot be read. */
export function readStored<T>(codec: Codec<T>, what: string, stored: unknown): T {
  const read = codec.read(stored);
  if (read.ok) return read.value;
  const problems = read.problems.map((p) => (p.path === '' ? p.message : `${p.path}: ${p.message}`));
  throw new StoredError(`${what} cannot be read: ${problems.join(' ')}`);
}
