import { answerEach } from './answer-each';
import { answerQuestion, runPlanningJob, type PlanningRequest, type Question } from './planning-job';

const clock = () => performance.now() / 1000;

answerEach((request: PlanningRequest | Question) =>
  'about' in request ? answerQuestion(request, clock) : runPlanningJob(request, clock),
);
