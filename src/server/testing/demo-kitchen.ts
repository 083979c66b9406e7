import { calculate, calculatorNamed } from '../../core/calculators/registry';
import type { Db } from '../../data/db';
import type { KitchenDb } from '../../data/kitchen-db';
import { openClient, openServer } from '../../data/database';
import { copyRows } from '../../data/testing/copy-rows';
import { openDump } from '../../data/testing/template';
import { demoDump } from './demo-dump';
import type { PostName } from '../doors';
import type { Result } from '../shared/result';
import type { Door } from '../shared/door';
import { readRecipes, type RecipesRequest } from '../../workers/read-recipes';
import { readFile, type FileRequest } from '../../workers/read-kitchen-file';
import type { CalculationRequest } from '../../workers/calculator.thread';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from '../../workers/planning-job';

/** When all tests of use cases take place. */
export const MORNING = '2027-05-20T09:40:00Z';

/**
 * Set, the planner fails with these words; in this kitchen only, where one is named. A plan is searched on for so many seconds
 * of its ticking clock at most, and forty days are lived through where the product lives through hundreds.
 */
const USUAL = { fails: null as string | null, failsIn: null as string | null, seconds: 0.5, days: 40 };
export const planner = { ...USUAL };
/** For whatever plans again and again, and looks at other things. Seconds. */
const SHORT = 0.1;

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

/** What the process holds: all of it hangs on the global object, by names of its own. */
const held = globalThis as unknown as Record<`zest${string}`, unknown>;

/** What threads of a kitchen do, done in the test's own: a worker cannot be given TypeScript here. */
const inOwnThread = (kitchen: string) => ({
  quiet: () => Promise.resolve(),
  ask: async (request: PlanningRequest | Question) => {
    if ('about' in request) return answerQuestion(brief(request), ticking());
    if (planner.fails && (planner.failsIn ?? kitchen) === kitchen) throw new Error(planner.fails);
    return runPlanningJob({ ...request, seconds: Math.min(request.seconds, planner.seconds) }, ticking());
  },
});

function brief(question: Question): Question {
  if (question.about === 'improve') return { ...question, seconds: Math.min(question.seconds, BRIEFLY) };
  if (question.about === 'chances') return { ...question, runs: Math.min(question.runs, planner.days) };
  return question;
}

const calculations = {
  ask: async ({ name, input, context }: CalculationRequest) => calculate(calculatorNamed(name)!, input, context),
};

const kitchenFiles = { ask: (request: FileRequest) => readFile(structuredClone(request)) };
const recipes = { ask: async (request: RecipesRequest) => readRecipes(request) };

/**
 * Makes a database the one of the process, on its Thursday morning, for tests of use cases; whatever another test has left in the process is
 * forgotten. Call it before they are imported: the server's clock is read when its module is loaded.
 */
export function serveDatabase(rows: Db): void {
  for (const name of Object.keys(held)) if (/^zest[A-Z]/.test(name)) delete held[name as `zest${string}`];
  Object.assign(planner, USUAL);
  process.env.ZEST_CLOCK = MORNING;
  process.env.TZ = 'UTC';
  process.env.ZEST_IMPROVE = '0';
  process.env.ZEST_LOG ??= 'silent';
  held.zestDatabase = Promise.resolve(rows);
  held.zestPlanners = { get: (thread: string) => inOwnThread(thread.slice(thread.indexOf(' of ') + 4)) };
  held.zestCalculator = calculations;
  held.zestRecipes = recipes;
  held.zestFiles = kitchenFiles;
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

async function serveTemplate(name: Parameters<typeof demoDump>[0], seconds = USUAL.seconds): Promise<Opened> {
  const { db: rows, close } = await templateOf(name);
  serveDatabase(rows);
  planner.seconds = seconds;
  return { db: await sendToKitchen('demo'), close };
}

/** The demo kitchen, in memory, as it was loaded once for all tests. */
export const openDemoKitchen = (): Promise<Opened> => serveTemplate('load-demo');

/** The demo with eight open orders, searched for briefly: for whatever plans again and again, and looks at other things. */
export const openKitchenOfFew = (): Promise<Opened> => serveTemplate('few-orders', SHORT);

/** The kitchen of few, copied into a database of a server. */
export async function openKitchenOfFewAt(url: string): Promise<Opened> {
  const few = await templateOf('few-orders');
  const { db: rows, close } = await openServer(url);
  await copyRows(few.db, rows);
  await few.close();
  serveDatabase(rows);
  planner.seconds = SHORT;
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
