import { agreedAt } from './agreed-at';
import { goesIn, rescuesOf } from '../situation/goes-in';
import { say, term } from '../../core/words/say';
import { contactLines, type ContactLine } from '../situation/contact-words';
import { namesOf, type Names } from '../situation/names';
import { readingOf, type PlanReading } from '../../core/plan-reading/plan-reading';
import type { Check } from '../../core/formula/formula';
import type { CakeStep } from '../../core/breakdown/steps/cake-step';
import { expectedEnd, type StepState } from '../../core/floor/floor-state';
import { orderNumberOf } from '../../core/ids/ids';
import { timeOf } from '../../core/time/clock';
import type { PlannedStep } from '../../core/planning-format/plan';
import type { Wait } from '../../core/planning-format/problem';
import type { PlanRow } from '../../data/repositories/plans';
import { cakeSteps, componentOf, servedBy } from '../../core/situation/whose-step';
import { stoodLines, type StoodLine } from '../situation/stood-words';
import { heatOf, preparedFor } from '../situation/presence';
import { type Situation } from '../situation/situation';
import { waitingPlace, type Place } from '../../core/kinds/places';

export interface BenchStep {
  step: string;
  order: string;
  /** Number of the order whose whole cake is worked on; null of parts and batches. */
  cake: number | null;
  /** What was agreed of the cake: what is written, where, which colours, what must not be forgotten. */
  agreed: string[];
  name: string;
  component: string | null;
  start: number;
  end: number;
  day: string;
  amount: string | null;
  how: string;
  sign: string | null;
  caution: string | null;
  /** What other work on the same thing brings that the eaters must not get. */
  contacts: string[];
  /** Parts that were made before, and what is added to texture or to taste. */
  goesIn: string[];
  /** What helps where it goes wrong. */
  rescues: string[];
  /** What must hold before it is done; asked when it is finished. */
  check: Check | null;
  /** What is to be said now or next, while it runs. */
  reminders: { at: number; text: string }[];
  /** What has to be seen to before it begins. */
  prepare: { at: number; text: string }[];
  with: string[];
  running: Running | null;
  /** What has to be done before it can begin; null when it can. */
  blocked: string | null;
  /** Until when a wait should go on; the sign decides, so it may begin all the same. */
  early: string | null;
  /** What waits for it longer than it may; null where nothing does. */
  stood: string | null;
  /** "no break: at once into “Bake”" */
  hurry: string | null;
}

export interface AloneView {
  step: string;
  title: string;
  detail: string;
  place: Place;
  celsius: number | null;
  /** What must hold before it comes out; asked then. */
  check: Check | null;
  /** Said while it runs: "Turn the tins." */
  reminders: { at: number; text: string }[];
  /** When it should go in, or its wait is over. */
  at: number;
  /** Since when it runs, when it is looked at, and until when it likely needs; null where it does not run. */
  running: Running | null;
}

/** Counted from when it was begun, or from what somebody said since, however often the plan is made anew. */
interface Running {
  since: number;
  look: number;
  due: number;
}

/** A wait that must end within this many minutes is one unbroken run with what comes next. */
const UNBROKEN = 15;

const SHOWN_ALONE = 6;

/** What is meant to start by itself is shown this long ahead. Minutes. */
const SOON = 120;

/** At most this many times is a repeated reminder listed. */
const MOST_REPEATS = 12;

/** Reminders of a running step as minutes of the clock, those that repeat as often as it runs. */
function dueReminders(s: CakeStep, state: StepState, end: number): { at: number; text: string }[] {
  return s.reminders
    .flatMap((r) => {
      const first = state.start + r.after;
      const times = r.every ? Math.min(MOST_REPEATS, 1 + Math.max(0, Math.floor((end - first) / r.every))) : 1;
      return Array.from({ length: times }, (_, i) => ({ at: first + i * (r.every ?? 0), text: r.text }));
    })
    .sort((a, b) => a.at - b.at);
}

const runningOf = ({ minutes }: CakeStep, state: StepState): Running => ({
  since: state.start,
  look: state.until ?? state.start + minutes.low + state.extended,
  due: expectedEnd(state, minutes.likely),
});

/** Reads the plan for the bench. */
export class Bench {
  private readonly steps = new Map<string, CakeStep>();
  private readonly reading: PlanReading;
  private readonly names: Names;
  private readonly waits: Wait[];
  private readonly stood: StoodLine[];
  private readonly contacts = new Map<number, ContactLine[]>();

  constructor(
    private readonly situation: Situation,
    private readonly plan: PlanRow,
  ) {
    for (const s of cakeSteps(situation)) this.steps.set(s.id, s);
    this.reading = readingOf(plan);
    this.names = namesOf(situation);
    this.waits = this.reading.waits.map((w) => w.wait);
    this.stood = stoodLines(situation, plan);
  }

  broken(id: string): CakeStep | undefined {
    return this.steps.get(id);
  }

  private title(id: string): string {
    return servedBy(id, this.situation)
      .map((o) => o.title)
      .join(' + ');
  }

  private component(s: CakeStep): string | null {
    return componentOf(s, this.situation)?.label ?? null;
  }

  /** The first thing before a step that is not done. */
  private blockedBy(id: string): string | null {
    const { states } = this.situation;
    for (const w of this.waits) {
      if (w.to !== id) continue;
      const before = states.get(w.from);
      if (before?.state !== 'done')
        return say`after “${this.steps.get(w.from)?.name ?? ''}”, which is ${before ? say`under way` : say`not done yet`}`;
    }
    return null;
  }

  /** The wait before a step that goes on longest, if it is not over. */
  private waitsFor(id: string): string | null {
    const { states, minute, kitchen } = this.situation;
    let last: { until: number; why: string } | null = null;
    for (const w of this.waits) {
      const end = w.to === id ? states.get(w.from)?.end : undefined;
      if (typeof end === 'number' && end + w.min > Math.max(minute, last?.until ?? 0))
        last = { until: end + w.min, why: w.why };
    }
    return last && `${timeOf(last.until, kitchen.clock).toFormat('ccc HH:mm')}${last.why ? `: ${last.why}` : ''}`;
  }

  step(at: PlannedStep): BenchStep {
    const s = this.steps.get(at.id)!;
    const state = this.situation.states.get(at.id);
    const next = this.waits.find((w) => w.from === at.id && w.max !== null && w.max <= UNBROKEN);
    return {
      step: at.id,
      order: this.title(at.id),
      ...this.agreed(s),
      name: s.name,
      component: this.component(s),
      start: at.start,
      end: at.end,
      day: timeOf(at.start, this.situation.kitchen.clock).toFormat('ccc d LLL'),
      ...{ amount: s.amount, how: s.how, sign: s.sign, caution: s.caution, check: s.check },
      contacts: state?.state === 'done' ? [] : this.contactsAt(at.id),
      ...{ goesIn: goesIn(s, this.situation), rescues: rescuesOf(s, this.situation) },
      reminders: state?.state === 'running' ? dueReminders(s, state, at.end) : [],
      prepare: state ? [] : preparedFor(s.preparations, { start: at.start, oven: this.heat(at) }, this.situation),
      with: at.equipment.map((e) => this.names.item(e)),
      running: state?.state === 'running' ? runningOf(s, state) : null,
      blocked: state ? null : this.blockedBy(at.id),
      early: state ? null : this.waitsFor(at.id),
      stood: this.stood.find((s) => s.to === at.id)?.text ?? null,
      hurry: next ? say`No break: within ${next.max!} min on to “${this.steps.get(next.to)?.name ?? ''}”` : null,
    };
  }

  /** Told at the first work of a cake with each thing. */
  private contactsAt(step: string): string[] {
    return servedBy(step, this.situation).flatMap((o) => {
      const lines = this.contacts.get(o.id) ?? contactLines(o, this.situation, this.plan.plan.steps);
      this.contacts.set(o.id, lines);
      return lines.filter((l) => l.step === step).map((l) => l.text);
    });
  }

  /** What was agreed of a cake, at the steps on the cake itself. */
  private agreed(s: CakeStep): Pick<BenchStep, 'cake' | 'agreed'> {
    const number = s.role === null ? orderNumberOf(s.id) : null;
    const order = this.situation.orders.find((o) => o.id === number);
    if (!order) return { cake: null, agreed: [] };
    return { cake: order.id, agreed: agreedAt(s.id, order, this.situation) };
  }

  /** Ovens and machines that run, and cold waits under way, the next to end first. */
  alone(): AloneView[] {
    const { states, minute } = this.situation;
    const list: AloneView[] = [];
    for (const at of this.reading.plan.steps) {
      const { id } = at;
      const s = this.steps.get(id);
      const state = states.get(id);
      if (!s || s.work === 'hands' || state?.state !== 'running') continue;
      const running = runningOf(s, state);
      list.push({ ...this.machine(s, at), at: running.look, running });
    }
    for (const w of this.waits) {
      const from = states.get(w.from);
      if (!w.place || from?.state !== 'done' || states.has(w.to)) continue;
      const until = from.end! + w.min;
      if (until <= minute) continue;
      list.push({
        step: w.to,
        title: this.title(w.from),
        detail: `${term(w.place)}: ${w.why}`,
        place: waitingPlace(w.place),
        celsius: null,
        ...{ check: null, reminders: [] },
        at: until,
        running: null,
      });
    }
    return list
      .sort((a, b) => Number(b.running !== null) - Number(a.running !== null) || a.at - b.at)
      .slice(0, SHOWN_ALONE);
  }

  /** Ovens and machines whose turn has come, or comes soon. */
  toStart(): AloneView[] {
    const { states, minute } = this.situation;
    const list: AloneView[] = [];
    for (const at of this.reading.plan.steps) {
      const { id } = at;
      const s = this.steps.get(id);
      if (!s || s.work === 'hands' || s.work === 'collect' || states.has(id) || at.start > minute + SOON) continue;
      if (this.blockedBy(id) !== null || this.waitsFor(id) !== null) continue;
      list.push({ ...this.machine(s, at), at: at.start, running: null });
    }
    return list.sort((a, b) => a.at - b.at).slice(0, SHOWN_ALONE);
  }

  /** The oven that a step is planned in, at the temperature that it has in there. */
  private heat({ id, equipment }: PlannedStep) {
    return heatOf(this.reading.step(id), equipment, (e) => this.names.item(e));
  }

  private machine(s: CakeStep, at: PlannedStep) {
    const item = at.equipment.map((e) => this.names.item(e)).join(', ');
    const state = this.situation.states.get(s.id);
    return {
      step: s.id,
      title: this.title(s.id),
      detail: `${s.name}${item ? `, ${item}` : ''}${s.sign ? ` · ${s.sign}` : ''}`,
      place: (s.work === 'oven' ? 'oven' : 'machine') as Place,
      celsius: this.heat(at)?.celsius ?? s.oven?.celsius ?? null,
      check: s.check,
      reminders: state?.state === 'running' ? dueReminders(s, state, at.end) : [],
    };
  }
}
