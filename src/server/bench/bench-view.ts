import { METRIC } from '../../core/measure/show-quantity';
import type { StepState } from '../../core/floor/floor-state';
import { type Clock, timeOf } from '../../core/time/clock';
import type { PlanRow } from '../../data/repositories/plans';
import { type Situation } from '../situation/situation';
import { type BenchStep, type AloneView, Bench } from './bench-reader';
import { retold, retoldAlone } from './retold';

/** What one person sees on the tablet. Times are minutes after the clock's origin. */
export interface BenchView {
  clock: Clock;
  minute: number;
  person: { id: string; name: string; initials: string };
  /** What this person is doing, or should begin next. */
  now: BenchStep | null;
  /** Pictures of the cake that is worked on now. */
  pictures: { id: number; words: string }[];
  then: BenchStep[];
  /** Ovens, machines and waits that run by themselves. */
  alone: AloneView[];
  /** Ovens and machines that wait for somebody to start them. */
  toStart: AloneView[];
  /** The last thing this person told, to take back. */
  last: { step: string; name: string; what: 'begun' | 'done' } | null;
  doneToday: number;
}

const SHOWN_THEN = 5;

export function benchView(person: string, situation: Situation, plan: PlanRow): BenchView | null {
  const row = situation.kitchen.rows.people.find((p) => p.id === person);
  if (!row) return null;
  const bench = new Bench(situation, plan);
  const { minute, states } = situation;
  const mine = plan.plan.steps
    .filter((s) => bench.broken(s.id)?.work === 'hands' && states.get(s.id)?.state !== 'done')
    .filter((s) => (states.get(s.id)?.people ?? s.people).includes(person))
    .sort((a, b) => rank(states.get(a.id)) - rank(states.get(b.id)) || a.start - b.start);
  const reading = row.reading ?? situation.kitchen.rows.kitchen.reading ?? METRIC;
  const tell = (s: BenchStep) => retold(s, reading);
  const steps = mine.slice(0, SHOWN_THEN + 1).map((s) => tell(bench.step(s)));
  const told = [...states.values()].filter((s) => s.people.includes(person)).sort((a, b) => b.event - a.event);
  const [last] = told;
  const today = timeOf(minute, situation.kitchen.clock).toISODate();
  return {
    clock: situation.kitchen.clock,
    minute,
    person: { id: row.id, name: row.name, initials: row.initials },
    now: steps[0] ?? null,
    pictures: [],
    then: steps.slice(1),
    alone: bench.alone().map((a) => retoldAlone(a, reading)),
    toStart: bench.toStart().map((a) => retoldAlone(a, reading)),
    last: last
      ? { step: last.step, name: bench.broken(last.step)?.name ?? '', what: last.state === 'done' ? 'done' : 'begun' }
      : null,
    doneToday: told.filter((s) => s.end !== null && timeOf(s.end, situation.kitchen.clock).toISODate() === today)
      .length,
  };
}

const rank = (state?: StepState) => (state?.state === 'running' ? 0 : 1);
