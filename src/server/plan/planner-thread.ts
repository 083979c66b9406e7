import { Worker } from 'node:worker_threads';
import type { KitchenId } from '../../core/ids/ids';
import type { PlanningAnswer, PlanningRequest, Question, Questions } from '../../workers/planning-job';
import { AskedThread } from '../shared/asked-thread';

/**
 * Threads for each kitchen, so that no page ever waits for the planner's arithmetic, no tap for somebody's trial or for what goes on behind, and
 * no kitchen for another.
 */
type PlannerThread = 'plans' | 'trials' | 'improving';
const held = globalThis as unknown as { zestPlanners?: Map<string, AskedThread> };

function threadOf(kitchen: KitchenId, thread: PlannerThread): AskedThread {
  const threads = (held.zestPlanners ??= new Map<string, AskedThread>());
  const name = `${thread} of ${kitchen}`;
  const known = threads.get(name);
  if (known) return known;
  const made = new AskedThread(name, () => new Worker(new URL('../../workers/planner.thread.ts', import.meta.url)));
  threads.set(name, made);
  return made;
}

/** Until no plan of the kitchen is being made. */
export const plansQuiet = (kitchen: KitchenId): Promise<void> => threadOf(kitchen, 'plans').quiet();

/** Plans in a thread of the kitchen: what is saved in the one, what is only tried in the other. */
export async function planInThread(
  kitchen: KitchenId,
  request: PlanningRequest,
  thread: PlannerThread = 'plans',
): Promise<PlanningAnswer> {
  // A trial can wait for a plan, which may be all that it takes to make it needless.
  if (thread !== 'plans') await plansQuiet(kitchen);
  return threadOf(kitchen, thread).ask(request);
}

/** Asks something of a plan, in the thread of the kitchen's trials, or where it goes on behind in that of its own. */
export function askInThread<K extends keyof Questions>(
  kitchen: KitchenId,
  about: K,
  question: Questions[K]['ask'],
): Promise<Questions[K]['answer']> {
  return threadOf(kitchen, about === 'improve' ? 'improving' : 'trials').ask({ about, ...question } as Question);
}
