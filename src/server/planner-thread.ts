import { Worker } from 'node:worker_threads';
import type { PlanningAnswer, PlanningRequest, Question, Questions } from '../workers/planning-job';

type Waiting = { resolve: (answer: never) => void; reject: (error: Error) => void };
type Thread = { worker: Worker; waiting: Map<number, Waiting>; last: number };

/** Two threads, so that no page ever waits for the planner's arithmetic, and no tap for somebody's trial. */
type Desk = 'plans' | 'trials';
const held = globalThis as unknown as { zestPlanners?: Partial<Record<Desk, Thread>> };

function threadOf(desk: Desk): Thread {
  const threads = (held.zestPlanners ??= {});
  const there = threads[desk];
  if (there) return there;
  const worker = new Worker(new URL('../workers/planner.thread.ts', import.meta.url));
  const waiting = new Map<number, Waiting>();
  worker.on('message', (m: { id: number; answer?: never; error?: string }) => {
    const one = waiting.get(m.id);
    waiting.delete(m.id);
    if (m.answer) one?.resolve(m.answer);
    else one?.reject(new Error(m.error));
  });
  const failed = (error: Error) => {
    delete threads[desk];
    for (const one of waiting.values()) one.reject(error);
  };
  worker.on('error', failed);
  worker.on('exit', (code) => failed(new Error(`The planner's thread ended (${code}).`)));
  worker.unref();
  return (threads[desk] = { worker, waiting, last: 0 });
}

function ask<T>(desk: Desk, request: PlanningRequest | Question): Promise<T> {
  const thread = threadOf(desk);
  const id = ++thread.last;
  return new Promise<T>((resolve, reject) => {
    thread.waiting.set(id, { resolve, reject });
    thread.worker.postMessage({ id, request });
  });
}

/** Plans in a thread: what is saved at one desk, what is only tried at the other. */
export function planInThread(request: PlanningRequest, desk: Desk = 'plans'): Promise<PlanningAnswer> {
  return ask(desk, request);
}

/** Asks something of a plan, in the thread of the trials. */
export function askInThread<K extends keyof Questions>(
  about: K,
  question: Questions[K]['ask'],
): Promise<Questions[K]['answer']> {
  return ask('trials', { about, ...question } as Question);
}
