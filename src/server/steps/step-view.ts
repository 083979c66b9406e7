import { say, term } from '../../core/words/say';
import { goesIn, rescuesOf } from '../situation/goes-in';
import { heatOf, preparedFor } from '../situation/presence';
import { namesOf } from '../situation/names';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { isAhead } from '../../core/ids/ids';
import type { Check } from '../../core/formula/formula';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import { whyHere } from '../../core/plan-reading/why-here';
import type { PlanRow } from '../../data/repositories/plans';
import { cakeSteps, componentOf, servedBy } from '../../core/situation/whose-step';
import { type Situation } from '../situation/situation';
import { reasonWords } from '../plan/reason-words';
import type { RungState } from '../ladder/ladder-view';

/** Everything about one step: what, how much, until what sign, why it lies where it lies, who. */
export interface StepView {
  step: string;
  order: number;
  orderTitle: string;
  name: string;
  component: string | null;
  when: string;
  minutes: string;
  who: string[];
  skill: string | null;
  with: string[];
  amount: string | null;
  how: string;
  sign: string | null;
  caution: string | null;
  /** Parts that were made before, and what is added to texture or to taste. */
  goesIn: string[];
  /** What helps where it goes wrong. */
  rescues: string[];
  check: Check | null;
  reminders: string[];
  prepare: string[];
  state: RungState;
  notLater: string[];
  notEarlier: string[];
  /** What it waits for, and what waits for it, with the limits. */
  waits: string[];
}

export function stepView(id: string, situation: Situation, plan: PlanRow): StepView | null {
  const orders = servedBy(id, situation);
  const [order] = orders;
  const step = cakeSteps(situation).find((s) => s.id === id);
  const at = readingOf(plan).planned(id);
  if (!order || !step || !at) return null;
  const { clock } = situation.kitchen;
  const names = namesOf(situation);
  const reading = readingOf(plan);
  const words = reasonWords(situation);
  const why = whyHere(plan.problem, plan.plan, id) ?? { notLater: [], notEarlier: [] };
  const state = situation.states.get(id)?.state ?? 'planned';
  const heat = heatOf(reading.step(id), at.equipment, (e) => names.item(e));
  const { low, likely, high } = step.minutes;
  return {
    step: id,
    order: order.id,
    orderTitle: orders.map((o) => o.title).join(' + '),
    name: step.name,
    component: componentOf(step, situation)?.label ?? null,
    when: `${timeOf(at.start, clock).toFormat('ccc d LLL, HH:mm')} – ${timeOf(at.end, clock).toFormat('HH:mm')}`,
    minutes: say`${durationText(likely)} likely, ${low} to ${high} min`,
    who: at.people.map((p) => names.person(p)),
    skill: step.people?.skill ?? null,
    with: at.equipment.map((e, i) => {
      const oven = step.oven && i === at.equipment.length - 1;
      return oven && heat ? say`${heat.name}, ${heat.celsius} °C, ${step.oven!.units} slots` : names.item(e);
    }),
    ...{ amount: step.amount, how: step.how, sign: step.sign, caution: step.caution, state, check: step.check },
    ...{ goesIn: goesIn(step, situation), rescues: rescuesOf(step, situation) },
    reminders: step.reminders.map(
      (r) => say`after ${r.after} min${r.every ? say` and every ${r.every} min` : ''}: ${r.text}`,
    ),
    prepare: preparedFor(step.preparations, { start: at.start, oven: heat }, situation).map((p) => {
      const when = timeOf(p.at, clock);
      // The evening before is said with its day.
      return `${when.toFormat(when.hasSame(timeOf(at.start, clock), 'day') ? 'HH:mm' : 'ccc HH:mm')}: ${p.text}`;
    }),
    notLater: why.notLater.map((r) => words.reason(r, true)),
    notEarlier: why.notEarlier.map((r) => words.reason(r, false)),
    waits: plan.problem.waits
      .filter((w) => w.from === id && reading.isTaken(w) && !isAhead(w))
      .map((w) => {
        const to = reading.step(w.to)!.name;
        const limit = w.max === null ? '' : say`, at most ${durationText(w.max)}`;
        return say`${durationText(w.min)} at least${limit}${w.place ? say` in the ${term(w.place)}` : ''} before “${to}”${w.why ? `: ${w.why}` : ''}`;
      }),
  };
}
