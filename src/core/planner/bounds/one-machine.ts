/** Work on one thing: not before `head`, then `minutes`, and after it `tail` minutes must pass. */
export interface OneMachineJob {
  head: number;
  minutes: number;
  tail: number;
}

/**
 * The least time at which all jobs of one machine and their tails can be over, even if jobs could be interrupted: Jackson's
 * preemptive schedule, always the job with the longest tail of those that could run (Carlier, EJOR 11, 1982).
 */
export function oneMachineBound(jobs: OneMachineJob[]): number {
  const waiting = [...jobs].sort((a, b) => a.head - b.head);
  const left = new Map(jobs.map((j) => [j, j.minutes]));
  const ready: OneMachineJob[] = [];
  let time = -Infinity;
  let over = -Infinity;
  for (let at = 0; at < waiting.length || ready.length > 0;) {
    if (ready.length === 0) time = Math.max(time, waiting[at]!.head);
    while (at < waiting.length && waiting[at]!.head <= time) ready.push(waiting[at++]!);
    let best = 0;
    for (let i = 1; i < ready.length; i++) if (ready[i]!.tail > ready[best]!.tail) best = i;
    const job = ready[best]!;
    const until = at < waiting.length ? waiting[at]!.head : Infinity;
    const run = Math.min(left.get(job)!, until - time);
    time += run;
    left.set(job, left.get(job)! - run);
    if (left.get(job)! > 0) continue;
    over = Math.max(over, time + job.tail);
    ready.splice(best, 1);
  }
  return over;
}
