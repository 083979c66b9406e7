import type { Breaches } from './breaches';
import type { Reading } from './reading';

const sameSet = (a: string[], b: string[]) =>
  a.length === b.length && [...a].sort().join('\n') === [...b].sort().join('\n');

/** Choices, orders left out, and rule 1: every step that exists is listed once, with its length, in its time. */
export function checkPlacements(reading: Reading, breaches: Breaches): void {
  const { problem, plan } = reading;
  const routes = problem.routes ?? [];
  for (const r of routes)
    if (!r.choices.includes(plan.routes[r.id] ?? '')) breaches.say('routes', `${r.id} takes none of its choices`);
  for (const id of Object.keys(plan.routes))
    if (!routes.some((r) => r.id === id)) breaches.say('routes', `there is no route ${id}`);
  for (const u of plan.unplaced)
    if (!problem.orders.some((o) => o.id === u.order)) breaches.say('unplaced', `there is no order ${u.order}`);
  if (reading.leftOut.size < plan.unplaced.length) breaches.say('unplaced', 'an order is left out twice');

  const seen = new Set<string>();
  for (const p of plan.steps) {
    const step = reading.steps.get(p.id);
    const say = (message: string) => breaches.say(1, `step ${p.id} ${message}`);
    if (!step) say('is not in the problem');
    else if (!reading.exists(step)) say('does not exist: its order is left out, or its choice not taken');
    else if (seen.has(p.id)) say('is listed twice');
    seen.add(p.id);
    if (!step) continue;
    const { placed } = step;
    if (placed && (p.start !== placed.start || p.end !== placed.end)) say('is not where the problem places it');
    if (placed && !(sameSet(p.people, placed.people) && sameSet(p.equipment, placed.equipment)))
      say('has other people or equipment than the problem says');
    if (!placed && p.end !== p.start + reading.length(step, p)) say(`lasts ${p.end - p.start} min`);
    if (reading.isFact(p.id)) continue;
    if (p.start < problem.now) say(`starts before now (${p.start} < ${problem.now})`);
    if (p.start < (step.earliest ?? -Infinity)) say(`starts before its earliest (${step.earliest})`);
    if (p.end > problem.horizon) say(`ends after the horizon (${p.end} > ${problem.horizon})`);
  }
  for (const s of problem.steps)
    if (reading.exists(s) && !seen.has(s.id)) breaches.say(1, `step ${s.id} is not listed`);
}
