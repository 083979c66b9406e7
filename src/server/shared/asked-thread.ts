import type { Worker } from 'node:worker_threads';
import { log } from './log';

type Waiting = { resolve: (answer: never) => void; reject: (error: Error) => void };
/** What a thread says: the answer to a question, or what went wrong with it. */
export type Said = { id: number; answer: unknown } | { id: number; error: { message: string; stack?: string } };

/**
 * A thread that answers questions one after the other. If it ends, whoever waits for it is told why, the log has its stack, and the next
 * question starts another one.
 */
export class AskedThread {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private last = 0;
  private whenQuiet: (() => void)[] = [];

  constructor(
    private readonly name: string,
    private readonly start: () => Worker,
  ) {}

  ask<T>(request: unknown): Promise<T> {
    const worker = (this.worker ??= this.begin());
    const id = ++this.last;
    // A process stays as long as somebody waits for an answer, and no longer.
    worker.ref();
    return new Promise<T>((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      worker.postMessage({ id, request });
    });
  }

  /** Until nobody waits for an answer of this thread. */
  quiet(): Promise<void> {
    return this.waiting.size === 0 ? Promise.resolve() : new Promise((resolve) => this.whenQuiet.push(resolve));
  }

  private tellQuiet(): void {
    if (this.waiting.size > 0) return;
    this.worker?.unref();
    for (const tell of this.whenQuiet.splice(0)) tell();
  }

  private begin(): Worker {
    const worker = this.start();
    worker.on('message', (said: Said) => this.hear(said));
    worker.on('error', (error) => {
      log.error({ err: error, thread: this.name }, 'the thread ended with an error');
      this.ended(worker, error as Error);
    });
    worker.on('exit', (code) => this.ended(worker, new Error(`The thread of ${this.name} ended (${code}).`)));
    worker.unref();
    return worker;
  }

  private hear(said: Said): void {
    const one = this.waiting.get(said.id);
    this.waiting.delete(said.id);
    this.tell(one, said);
    this.tellQuiet();
  }

  private tell(one: Waiting | undefined, said: Said): void {
    if ('answer' in said) {
      one?.resolve(said.answer as never);
      return;
    }
    const error = new Error(said.error.message);
    if (said.error.stack) error.stack = said.error.stack;
    log.error({ err: error, thread: this.name }, 'a question could not be answered');
    one?.reject(error);
  }

  private ended(worker: Worker, error: Error): void {
    if (this.worker !== worker) return;
    this.worker = null;
    for (const one of this.waiting.values()) one.reject(error);
    this.waiting.clear();
    this.tellQuiet();
  }
}
