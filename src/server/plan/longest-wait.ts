import { say } from '../../core/words/say';
import { durationText } from '../../core/time/duration-text';
import type { PlanRow } from '../../data/repositories/plans';
import { orderId } from '../../core/ids/ids';

/** The longest wait on the earliest way to readiness: most often what a late order cannot get around. */
export function longestWait(plan: PlanRow, order: number): string | null {
  const chain = plan.ready.find((r) => r.order === orderId(order))?.chain ?? [];
  let best: { minutes: number; text: string } | null = null;
  for (let i = 1; i < chain.length; i++) {
    const wait = plan.problem.waits.find((w) => w.from === chain[i]!.step && w.to === chain[i - 1]!.step);
    if (!wait || wait.min <= (best?.minutes ?? 30)) continue;
    const name = plan.problem.steps.find((s) => s.id === wait.from)?.name ?? '';
    best = { minutes: wait.min, text: say`after “${name}” ${durationText(wait.min)} must pass (${wait.why})` };
  }
  return best?.text ?? null;
}
