import { parentPort } from 'node:worker_threads';

/** Answers every request that comes to this thread, one after the other; what goes wrong with one is told to whoever asked. */
export function answerEach<R>(answer: (request: R) => unknown): void {
  let last = Promise.resolve();
  const answerOne = async ({ id, request }: { id: number; request: R }) => {
    try {
      parentPort!.postMessage({ id, answer: await answer(request) });
    } catch (error) {
      const { message, stack } = error instanceof Error ? error : new Error(String(error));
      parentPort!.postMessage({ id, error: { message, stack } });
    }
  };
  parentPort!.on('message', (asked: { id: number; request: R }) => {
    last = last.then(() => answerOne(asked));
  });
}
