/** What a use case answers to a person: done, or why not, beside the fields it is about. */
export type Result<T = object> = ({ ok: true } & T) | { ok: false; message: string; fields?: Record<string, string> };

export const refuse = (message: string, fields?: Record<string, string>): Result<never> => ({
  ok: false,
  message,
  ...(fields ? { fields } : {}),
});

/** What a change answers: it is kept, whatever came of planning. */
export type Kept<T = object> = Result<T & { planned?: boolean }>;
