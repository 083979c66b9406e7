/** What somebody is asked before it is done: whether it was really so, perhaps at another time, or the reason for it. */
export type Asks = 'sure' | 'when' | 'why';

/** What a use case answers to a person: done, or why not, beside the fields it is about; or a question that has to be answered first. */
export type Result<T = object> =
  ({ ok: true } & T) | { ok: false; message: string; fields?: Record<string, string>; asks?: Asks };

export const refuse = (message: string, fields?: Record<string, string>): Result<never> => ({
  ok: false,
  message,
  ...(fields ? { fields } : {}),
});

/** Nothing is done before this is answered. */
export const askFirst = (asks: Asks, message: string): Result<never> => ({ ok: false, message, asks });

/** What a change answers: it is kept, whatever came of planning. */
export type Kept<T = object> = Result<T & { planned?: boolean }>;
