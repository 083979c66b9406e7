import { Worker } from 'node:worker_threads';
import type { PlanningAnswer, PlanningRequest, Question, Questions } from '../../workers/planning-job';
import { AskedThread } from './asked-thread';

/** Two threads, so that no page ever waits for the planner's arithmetic, and no tap for somebody's trial. */
type PlannerThread = 'plans' | 'trials';
const held = globalThis as unknown as { zestPlanners?: Record<PlannerThread, AskedThread> };

function threadOf(thread: PlannerThread): AskedThread {
  const start = () => new Worker(new URL('../../workers/planner.thread.ts', import.meta.url));
  held.zestPlanners ??= { plans: new AskedThread('plans', start), trials: new AskedThread('trials', start) };
  return held.zestPlanners[thread];
}

/** Plans in a thread: what is saved in the one, what is only tried in the other. */
export function planInThread(request: PlanningRequest, thread: PlannerThread = 'plans'): Promise<PlanningAnswer> {
  return threadOf(thread).ask(request);
}

/** Asks something of a plan, in the thread of the trials. */
export function askInThread<K extends keyof Questions>(
  about: K,
  question: Questions[K]['ask'],
): Promise<Questions[K]['answer']> {
  return threadOf('trials').ask({ about, ...question } as Question);
}
