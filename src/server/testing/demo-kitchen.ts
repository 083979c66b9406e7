import type { CalcContext } from '../../core/calculators/calculator';
import { calculate, calculatorNamed } from '../../core/calculators/registry';
import { jest } from '@jest/globals';
import type { Db } from '../../data/db';
import type { KitchenDb } from '../../data/kitchen-db';
import { openClient, openServer } from '../../data/database';
import { copyRows } from '../../data/testing/copy-rows';
import { openDump } from '../../data/testing/template';
import { demoDump } from './demo-dump';
import type { PostName } from '../doors';
import type { Result } from '../shared/result';
import type { Door } from '../shared/door';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from '../../workers/planning-job';

/** When all tests of use cases take place. */
export const MORNING = '2027-05-20T09:40:00Z';

/**
 * Set, the planner fails with these words; in this kitchen only, where one is named. A plan is searched on for so many seconds
 * of its ticking clock at most, and forty days are lived through where the product lives through hundreds.
 */
export const planner: { fails: string | null; failsIn: string | null; seconds: number; days: number } = {
  fails: null,
  failsIn: null,
  seconds: 0.5,
  days: 40,
};

/**
 * A clock that goes on by this much whenever it is looked at: a search ends after so much work, and gives the same plan on whatever machine,
 * however busy that is. Seconds.
 */
const TICK = 0.004;
/** What goes on behind would go on for a minute here, where each look is a round. Seconds. */
const BRIEFLY = 2;
const ticking = () => {
  let time = 0;
  return () => (time += TICK);
};

/**
 * Makes a database the one of the process, on its Thursday morning, for tests of use cases. Call it before they are imported: the server's
 * clock is read when its module is loaded, and planning is put into the test's own thread, as a worker cannot be given TypeScript here.
 */
export function serveDatabase(rows: Db): void {
  process.env.ZEST_CLOCK = MORNING;
  process.env.TZ = 'UTC';
  process.env.ZEST_IMPROVE = '0';
  process.env.ZEST_LOG ??= 'silent';
  (globalThis as unknown as { zestDatabase: Promise<Db> }).zestDatabase = Promise.resolve(rows);
  jest.unstable_mockModule('../plan/planner-thread', () => ({
    planInThread: async (kitchen: string, request: PlanningRequest) => {
      if (planner.fails && (planner.failsIn ?? kitchen) === kitchen) throw new Error(planner.fails);
      return runPlanningJob({ ...request, seconds: Math.min(request.seconds, planner.seconds) }, ticking());
    },
    plansQuiet: () => Promise.resolve(),
    askInThread: async (_kitchen: string, about: string, ask: { seconds?: number; runs?: number }) => {
      const briefly = about === 'improve' ? { seconds: Math.min(ask.seconds!, BRIEFLY) } : {};
      const fewDays = about === 'chances' ? { runs: Math.min(ask.runs!, planner.days) } : {};
      return answerQuestion({ about, ...ask, ...briefly, ...fewDays } as Question, ticking());
    },
  }));
  jest.unstable_mockModule('../workbench/calculator-thread', () => ({
    calculateInThread: async (name: string, input: unknown, context: CalcContext) =>
      calculate(calculatorNamed(name)!, input, context),
  }));
}

/** Open orders that are left in the kitchen of few: some begun, some for later, a tight one, one of two tiers. */
export const FEW = [
  ...['Harbour choir', 'Abara christening', 'Moss engagement', 'Rowing eight', 'Tollgate vegan'],
  ...['Orchard wedding', 'Varga anniversary', 'Tide table office'],
];

/** A kitchen to ask use cases in; see `serveDatabase`. */
interface Opened {
  db: KitchenDb;
  close: () => Promise<void>;
}

const templateOf = async (name: Parameters<typeof demoDump>[0]) => openClient(await openDump(await demoDump(name)));

async function serveTemplate(name: Parameters<typeof demoDump>[0]): Promise<Opened> {
  const { db: rows, close } = await templateOf(name);
  serveDatabase(rows);
  return { db: await sendToKitchen('demo'), close };
}

/** The demo kitchen, in memory, as it was loaded once for all tests. */
export const openDemoKitchen = (): Promise<Opened> => serveTemplate('load-demo');

/** The demo with eight open orders, searched for briefly: for whatever plans again and again, and looks at other things. */
export function openKitchenOfFew(): Promise<Opened> {
  planner.seconds = 0.1;
  return serveTemplate('few-orders');
}

/** The kitchen of few, copied into a database of a server. */
export async function openKitchenOfFewAt(url: string): Promise<Opened> {
  const few = await templateOf('few-orders');
  const { db: rows, close } = await openServer(url);
  await copyRows(few.db, rows);
  await few.close();
  planner.seconds = 0.1;
  serveDatabase(rows);
  return { db: await sendToKitchen('demo'), close };
}

/** What is sent goes to this kitchen from now on. */
export async function sendToKitchen(id: string): Promise<KitchenDb> {
  const { openKitchen } = await import('../shared/open-kitchen');
  opened = (await openKitchen(id))!;
  return opened;
}

/** The number of the order with this title. */
export async function orderCalled(title: string, db = opened): Promise<number> {
  const { readOpenOrders } = await import('../../data/repositories/orders');
  const found = (await readOpenOrders(db)).find((o) => o.title === title);
  if (!found) throw new Error(`There is no open order called ${title}.`);
  return found.id;
}

let opened: KitchenDb;
let sent = 0;

/** Sends something through its door, as the network would: read by its schema, and under a key of its own if it is a write. */
export async function sendTo(
  name: PostName,
  input: unknown,
  key = `key-of-test-${++sent}`,
  db = opened,
): Promise<Sent> {
  const { POSTS } = await import('../doors');
  const { readInput } = await import('../shared/door');
  const { underKey } = await import('../shared/commit');
  const door = POSTS[name] as Door;
  const read = readInput(door, input);
  if (!read.ok) return read as Sent;
  const run = () => door.run(read.input as never, db) as Promise<Result>;
  return (door.writes ? underKey(db, { key, door: name, sent: JSON.stringify(input) }, run) : run()) as Promise<Sent>;
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
  await replan(opened, 'a test waits for it');
}
