import { Worker } from 'node:worker_threads';
import type { PlanningAnswer, PlanningRequest } from '../workers/planning-job';

type Waiting = { resolve: (answer: PlanningAnswer) => void; reject: (error: Error) => void };

/** The one thread in which this process plans, so that no page ever waits for the planner's arithmetic. */
const held = globalThis as unknown as { zestPlanner?: { worker: Worker; waiting: Map<number, Waiting>; last: number } };

function planner() {
  if (held.zestPlanner) return held.zestPlanner;
  const worker = new Worker(new URL('../workers/planner.thread.ts', import.meta.url));
  const waiting = new Map<number, Waiting>();
  worker.on('message', (m: { id: number; answer?: PlanningAnswer; error?: string }) => {
    const one = waiting.get(m.id);
    waiting.delete(m.id);
    if (m.answer) one?.resolve(m.answer);
    else one?.reject(new Error(m.error));
  });
  const failed = (error: Error) => {
    held.zestPlanner = undefined;
    for (const one of waiting.values()) one.reject(error);
  };
  worker.on('error', failed);
  worker.on('exit', (code) => failed(new Error(`The planner's thread ended (${code}).`)));
  worker.unref();
  held.zestPlanner = { worker, waiting, last: 0 };
  return held.zestPlanner;
}

/** Plans in the thread. */
export function planInThread(request: PlanningRequest): Promise<PlanningAnswer> {
  const thread = planner();
  const id = ++thread.last;
  return new Promise((resolve, reject) => {
    thread.waiting.set(id, { resolve, reject });
    thread.worker.postMessage({ id, request });
  });
}
