import { begunButLeftOut, withoutLongestWaits, withoutPins } from '../../core/situation/give-way';
import type { Problem } from '../../core/planning-format/problem';
import type { PlanningAnswer } from '../../workers/planning-job';
import { planInThread } from './planner-thread';

/** A plan, and what had to be given up of what was wanted so that it could be. */
export interface PlanAndConcessions {
  answer: PlanningAnswer;
  lifted: { problem: Problem; waits: string[]; pins: string[] };
}

/**
 * Plans; and where an order that has been begun or has pinned steps would fall out of the plan, gives up first its pins, and
 * then the longest waits after its facts: half a cake is not to vanish from the wall because a part has stood too long.
 */
export async function planGivingWay(
  ...[kitchen, request, thread]: Parameters<typeof planInThread>
): Promise<PlanAndConcessions> {
  const answer = await planInThread(kitchen, request, thread);
  const leftOut = lostIn(answer, request.problem);
  // A pinned batch that cannot stand makes every plan impossible: then all pins go.
  const unpinned = withoutPins(request.problem, (order) => !answer.ok || leftOut.has(order ?? ''));
  const again =
    unpinned.pins.length > 0 ? await planInThread(kitchen, { ...request, problem: unpinned.problem }, thread) : answer;
  const lost = lostIn(again, unpinned.problem);
  if (lost.size === 0) return { answer: again, lifted: { ...unpinned, waits: [] } };
  const { problem, waits } = withoutLongestWaits(unpinned.problem, lost);
  return {
    answer: await planInThread(kitchen, { ...request, problem }, thread),
    lifted: { problem, waits, pins: unpinned.pins },
  };
}

const lostIn = (answer: PlanningAnswer, problem: Problem) =>
  answer.ok ? begunButLeftOut(problem, answer.plan) : new Set<string>();
