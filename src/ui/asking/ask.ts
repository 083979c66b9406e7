import { say } from '@/core/words/say';
import type { Question } from './questions';

/** Why there is no answer, in words for the person. */
export class NotAnswered extends Error {
  constructor(
    message: string,
    /** The server said no: asking again would not help. */
    readonly refused: boolean,
  ) {
    super(message);
  }
}

/** Longer than this nobody waits for an answer. ms. */
const PATIENCE = 60_000;
export const NO_ANSWER = say`The server did not answer.`;

/** Asks the server once. Throws `NotAnswered`, with words, where it refuses or cannot be reached. */
export async function ask<A>({ path }: Question<A>, signal: AbortSignal): Promise<A> {
  const response = await fetch(path, { signal: AbortSignal.any([signal, AbortSignal.timeout(PATIENCE)]) }).catch(
    () => null,
  );
  const body: unknown = response && (await response.json().catch(() => undefined));
  if (!response || body === undefined) throw new NotAnswered(NO_ANSWER, false);
  if (response.ok) return body as A;
  const { message } = (body ?? {}) as { message?: string };
  throw new NotAnswered(message ?? 'It could not be read.', response.status < 500);
}
