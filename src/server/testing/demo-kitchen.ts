import { jest } from '@jest/globals';
import type { Db } from '../../data/db';
import { openFolder, openServer } from '../../data/database';
import type { PostName } from '../doors';
import type { Result } from '../shared/result';
import type { Door } from '../shared/door';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from '../../workers/planning-job';

/** Set, the planner fails with these words. */
export const planner: { fails: string | null } = { fails: null };

const clock = () => performance.now() / 1000;

/**
 * The demo kitchen on its Thursday morning, in memory or in a database of its own, for tests of use cases. Call it before they are imported: the server's
 * clock is read when its module is loaded, and planning is put into the test's own thread, as a worker cannot be given
 * TypeScript here.
 */
export async function openDemoKitchen(
  name: string,
  url: string | null = null,
): Promise<{ db: Db; close: () => Promise<void> }> {
  process.env.ZEST_CLOCK = '2027-05-20T09:40:00Z';
  process.env.TZ = 'UTC';
  process.env.ZEST_LOG ??= 'silent';
  const { db, close } = url ? await openServer(url) : await openFolder(`memory://${name}`);
  (globalThis as unknown as { zestDatabase: Promise<Db> }).zestDatabase = Promise.resolve(db);
  jest.unstable_mockModule('../plan/planner-thread', () => ({
    planInThread: async (request: PlanningRequest) => {
      if (planner.fails) throw new Error(planner.fails);
      return runPlanningJob({ ...request, seconds: Math.min(request.seconds, 0.5) }, clock);
    },
    askInThread: async (about: string, ask: object) => answerQuestion({ about, ...ask } as Question, clock),
  }));
  const { loadDemo } = await import('../demo/load-demo');
  const loaded = await loadDemo('UTC');
  if (!loaded.ok) throw new Error(loaded.message);
  return { db, close };
}

let sent = 0;

/** Sends something through its door, as the network would: read by its schema, and under a key of its own if it is a write. */
export async function sendTo(name: PostName, input: unknown, key = `key-of-test-${++sent}`): Promise<Sent> {
  const { POSTS } = await import('../doors');
  const { readInput } = await import('../shared/door');
  const { underKey } = await import('../shared/commit');
  const door = POSTS[name] as Door;
  const read = readInput(door, input);
  if (!read.ok) return read as Sent;
  const run = () => door.run(read.input) as Promise<Result>;
  return (door.writes ? underKey({ key, door: name, sent: JSON.stringify(input) }, run) : run()) as Promise<Sent>;
}

/** What comes back, as a test looks at it. */
export interface Sent {
  ok: boolean;
  message?: string;
  fields?: Record<string, string>;
  [answer: string]: unknown;
}

/** Waits until all planning that taps have asked for has come to its end. */
export async function plansSettled(): Promise<void> {
  const { replan } = await import('../plan/replan');
  await replan('a test waits for it');
}
