import pino, { type Logger } from 'pino';

const held = globalThis as unknown as { zestLog?: Logger };

/** The log of this process: one JSON line an event, to standard error. `ZEST_LOG` sets the level; "silent" for tests. */
export const log: Logger = (held.zestLog ??= pino(
  { level: process.env.ZEST_LOG ?? 'info', base: null, timestamp: pino.stdTimeFunctions.isoTime },
  pino.destination({ dest: 2, sync: true }),
));
