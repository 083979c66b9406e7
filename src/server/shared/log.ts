import pino, { type Logger } from 'pino';
import { LOG_LEVELS } from './settings';

const held = globalThis as unknown as { zestLog?: Logger };

/** The log of this process: one JSON line an event, to standard error. `ZEST_LOG` sets the level; "silent" for tests. */
export const log: Logger = (held.zestLog ??= pino(
  { level: level(), base: null, timestamp: pino.stdTimeFunctions.isoTime },
  pino.destination({ dest: 2, sync: true }),
));

/** One that cannot be read is refused when the settings are; until then it logs as usual. */
function level(): string {
  const wanted = process.env.ZEST_LOG ?? '';
  return LOG_LEVELS.includes(wanted) ? wanted : 'info';
}
