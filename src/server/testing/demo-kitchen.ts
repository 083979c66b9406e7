import { jest } from '@jest/globals';
import type { Db } from '../../data/database';
import { openFolder } from '../../data/database';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from '../../workers/planning-job';

const clock = () => performance.now() / 1000;

/**
 * The demo kitchen on its Thursday morning, in memory, for tests of use cases. Call it before they are imported: the server's
 * clock is read when its module is loaded, and planning is put into the test's own thread, as a worker cannot be given
 * TypeScript here.
 */
export async function openDemoKitchen(name: string): Promise<{ db: Db; close: () => Promise<void> }> {
  process.env.ZEST_CLOCK = '2027-05-20T09:40:00Z';
  process.env.TZ = 'UTC';
  const opened = openFolder(`memory://${name}`);
  (globalThis as unknown as { zestDatabase: Promise<Db> }).zestDatabase = opened;
  jest.unstable_mockModule('../planner-thread', () => ({
    planInThread: async (request: PlanningRequest) =>
      runPlanningJob({ ...request, seconds: Math.min(request.seconds, 1.5) }, clock),
    askInThread: async (about: string, ask: object) => answerQuestion({ about, ...ask } as Question, clock),
  }));
  const { loadDemo } = await import('../demo');
  const loaded = await loadDemo('UTC');
  if (!loaded.ok) throw new Error(loaded.message);
  const db = await opened;
  return { db, close: () => (db as Db & { $client: { close: () => Promise<void> } }).$client.close() };
}
