import { parentPort } from 'node:worker_threads';
import { runPlanningJob, type PlanningRequest } from './planning-job';

parentPort!.on('message', ({ id, request }: { id: number; request: PlanningRequest }) => {
  try {
    parentPort!.postMessage({ id, answer: runPlanningJob(request, () => performance.now() / 1000) });
  } catch (error) {
    parentPort!.postMessage({ id, error: error instanceof Error ? error.message : String(error) });
  }
});
