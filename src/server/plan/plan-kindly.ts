import type { Problem } from '../../core/planning-format/problem';
import type { PlanningAnswer } from '../../workers/planning-job';
import { planInThread } from './planner-thread';

/** A plan, and what had to be given up of what was wanted so that it could be. */
export interface KindPlan {
  answer: PlanningAnswer;
  lifted: { problem: Problem; waits: string[]; pins: string[] };
}

/**
 * Plans; and where an order that has been begun or has pinned steps would fall out of the plan, gives up first its pins, and
 * then the longest waits after its facts: half a cake is not to vanish from the wall because a part has stood too long.
 */
export async function planKindly(...[request, desk]: Parameters<typeof planInThread>): Promise<KindPlan> {
  const answer = await planInThread(request, desk);
  const without = lostIn(answer, request.problem);
  // A pinned batch that cannot stand makes every plan impossible: then all pins go.
  const unpinned = withoutPins(request.problem, (order) => !answer.ok || without.has(order ?? ''));
  const again = unpinned.pins.length > 0 ? await planInThread({ ...request, problem: unpinned.problem }, desk) : answer;
  const lost = lostIn(again, unpinned.problem);
  if (lost.size === 0) return { answer: again, lifted: { ...unpinned, waits: [] } };
  const fact = new Map(unpinned.problem.steps.map((s) => [s.id, s.placed && lost.has(s.order ?? '')]));
  const waits = unpinned.problem.waits.filter((w) => w.max !== null && fact.get(w.from)).map((w) => w.id);
  const lifted = {
    ...unpinned.problem,
    waits: unpinned.problem.waits.map((w) => (waits.includes(w.id) ? { ...w, max: null } : w)),
  };
  return {
    answer: await planInThread({ ...request, problem: lifted }, desk),
    lifted: { problem: lifted, waits, pins: unpinned.pins },
  };
}

/** Orders with placed steps that the plan leaves out. */
function lostIn(answer: PlanningAnswer, problem: Problem): Set<string> {
  const placed = new Set(problem.steps.filter((s) => s.placed).map((s) => s.order));
  return new Set(answer.ok ? answer.plan.unplaced.map((u) => u.order).filter((o) => placed.has(o)) : []);
}

function withoutPins(problem: Problem, goes: (order: string | null) => boolean): { problem: Problem; pins: string[] } {
  const pins = problem.steps.filter((s) => s.placed?.state === 'pinned' && goes(s.order)).map((s) => s.id);
  const steps = problem.steps.map((s) => {
    if (!pins.includes(s.id)) return s;
    const free = { ...s };
    delete free.placed;
    return free;
  });
  return { problem: { ...problem, steps }, pins };
}
