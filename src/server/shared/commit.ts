import { say } from '../../core/words/say';
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Db } from '../../data/db';
import type { KitchenDb } from '../../data/kitchen-db';
import { lockCounts, riseCounts } from '../../data/repositories/counts';
import { insertWrite, readWrite, type WriteRow } from '../../data/repositories/writes';
import { tellChanged } from './live';
import { refuse, type Result } from './result';

/** The write that a request asks for; its key travels beside the call, so that no use case can forget it. */
export type Asked = Pick<WriteRow, 'key' | 'door' | 'sent'>;

const held = globalThis as unknown as { zestAsked?: AsyncLocalStorage<Asked> };
/** One for the process: parts of the server may be bundled apart. */
const asked = (held.zestAsked ??= new AsyncLocalStorage<Asked>());

/** Runs a write under its key. What was committed under this key before is answered as it was then. */
export async function underKey<T extends Result>(db: KitchenDb, write: Asked, run: () => Promise<T>): Promise<Result> {
  const before = await readWrite(db, write.key);
  return before ? answerOf(before, write) : asked.run(write, run);
}

const USED = say`This key was used for something else: choose a new one.`;

function answerOf(before: WriteRow, write: Asked): Result {
  return before.door === write.door && before.sent === write.sent ? (before.answer as Result) : refuse(USED);
}

/** Thrown inside a transaction, so that nothing of it is kept. */
class Undone extends Error {
  constructor(readonly answer: Result | null) {
    super('nothing of this transaction is kept');
  }
}

export interface CommitOptions {
  /** It changes what changes seldom: figures, people, formulas. */
  library?: boolean;
  /** It changes nothing that a page or a plan is made from. */
  quiet?: boolean;
  /** One of several transactions of a longer piece of work: the key is not for it. */
  part?: boolean;
}

/**
 * One write, in one transaction: waits its turn in the kitchen, decides on what is so then, and keeps everything or, where the
 * decision is a refusal, nothing. The key of the request is kept with it, so that it happens once however often it is sent.
 * Open pages are told after it is committed.
 */
export async function commit<T extends Result>(
  db: KitchenDb,
  decide: (tx: KitchenDb) => Promise<T>,
  { library = false, quiet = false, part = false }: CommitOptions = {},
): Promise<T> {
  const write = part ? undefined : asked.getStore();
  try {
    const answer = await db.rows.transaction(async (tx) => {
      const inside: KitchenDb = { ...db, rows: tx as Db };
      await lockCounts(inside);
      if (write && (await readWrite(inside, write.key))) throw new Undone(null);
      const decided = await decide(inside);
      if (!decided.ok) throw new Undone(decided);
      if (write && !(await insertWrite(inside, { ...write, at: db.now(), answer: { ...decided } })))
        throw new Undone(null);
      if (!quiet) await riseCounts(inside, library);
      return decided;
    });
    if (!quiet) tellChanged(db.kitchen);
    return answer;
  } catch (error) {
    if (!(error instanceof Undone)) throw error;
    if (error.answer) return error.answer as T;
    return answerOf((await readWrite(db, write!.key))!, write!) as T;
  }
}
