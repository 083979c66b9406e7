import { parentPort } from 'node:worker_threads';

/** Answers every request that comes to this thread, one after the other; what goes wrong with one is told to whoever asked. */
export function answerEach<R>(answer: (request: R) => unknown): void {
  parentPort!.on('message', ({ id, request }: { id: number; request: R }) => {
    try {
      parentPort!.postMessage({ id, answer: answer(request) });
    } catch (error) {
      const { message, stack } = error instanceof Error ? error : new Error(String(error));
      parentPort!.postMessage({ id, error: { message, stack } });
    }
  });
}
