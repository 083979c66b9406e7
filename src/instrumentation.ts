import type { Instrumentation } from 'next';

export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') await (await import('./server/begin')).begin();
}

/** A page that could not be made: the log says which, and why. */
export const onRequestError: Instrumentation.onRequestError = async (error, { path, method }) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { log } = await import('./server/shared/log');
  log.error({ err: error, method, path }, 'a page could not be made');
};
