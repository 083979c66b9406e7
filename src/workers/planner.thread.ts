import { parentPort } from 'node:worker_threads';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from './planning-job';

const clock = () => performance.now() / 1000;

parentPort!.on('message', ({ id, request }: { id: number; request: PlanningRequest | Question }) => {
  try {
    const answer = 'about' in request ? answerQuestion(request, clock) : runPlanningJob(request, clock);
    parentPort!.postMessage({ id, answer });
  } catch (error) {
    const { message, stack } = error instanceof Error ? error : new Error(String(error));
    parentPort!.postMessage({ id, error: { message, stack } });
  }
});
