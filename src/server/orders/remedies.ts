import { OVEN } from '../../core/planning-format/problem';
import { namesOf } from '../plan/names';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { durationText } from '../../core/time/duration-text';
import { minuteOf, timeOf, type Clock } from '../../core/time/clock';
import type { Link } from '../../core/planner/answers/explain-order';
import type { Problem } from '../../core/planning-format/problem';
import type { Span } from '../../core/time/spans';
import type { Adjustment } from '../../core/steering/plan-edit';
import { database } from '../../data/database';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { orderId, isOf } from '../../core/ids/ids';
import { type Situation } from '../plan/situation';
import { loadSituation } from '../plan/load-situation';
import { askInThread } from '../plan/planner-thread';
import { tryOn, type Trial } from '../steering/steering';
import { linkWords } from '../plan/link-words';

/** Something that was tried on a copy of the plan, and what it would bring. */
interface Remedy {
  label: string;
  outcome: string;
  works: boolean;
  /** Takes its plan over. */
  trial: string;
}

/** Why an order is late, and what would help. */
export interface Help {
  remedies: Remedy[];
  /** The fewest other orders that keep it from its pickup by themselves. */
  blockers: string[];
  /** Could it be on time if nothing else were made? */
  alone: boolean;
  /** The chain of facts that fixes its time, from the hand-over back, as sentences. */
  chain: string[];
}

/** A moved pickup is offered on the next full quarter of an hour. Minutes. */
const QUARTER = 15;
/** The most overtime that is tried, and the steps in which the least is looked for. Minutes. */
const MOST_OVERTIME = 120;
/** Trials of one kind of remedy, and time for all of them, s. */
const MOST_OF_A_KIND = 12;
const TIME_FOR_ALL = 20;

/** Where somebody could work longer: after a minute, or before it. */
type ExtraSpan = { person: string; at: number; before: boolean; dayOff: boolean };
type Planned = { situation: Situation; plan: PlanRow };

const held = globalThis as unknown as { zestHelp?: Map<string, Promise<Help | null>> };

/** What would help an order that is late or has no place; the same plan is asked only once. */
export async function helpFor(id: number): Promise<Help | null> {
  const db = await database();
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan?.problem.orders.some((o) => o.id === orderId(id))) return null;
  const answers = (held.zestHelp ??= new Map<string, Promise<Help | null>>());
  const key = `${plan.id} ${id}`;
  if (!answers.has(key)) {
    for (const old of answers.keys()) if (!old.startsWith(`${plan.id} `)) answers.delete(old);
    answers.set(key, findHelp(id, { situation, plan }));
  }
  return answers.get(key)!;
}

async function findHelp(id: number, planned: Planned): Promise<Help | null> {
  const { situation, plan } = planned;
  const order = situation.orders.find((o) => o.id === id);
  if (!order) return null;
  const { blockers, chain } = await askInThread('why', {
    ...{ problem: plan.problem, plan: plan.plan, order: orderId(id) },
  });
  const names = namesOf(situation);
  const tried = new Trials(planned, id);
  const links = chain ?? [];
  // Told last, as it is the customer who pays for it; tried first, as it nearly always helps.
  const later = new Trials(planned, id);
  const ready = plan.ready.find((r) => r.order === orderId(id))?.ready;
  if (ready !== null && ready !== undefined) {
    const pickup = timeOf(Math.ceil(ready / QUARTER) * QUARTER, situation.kitchen.clock);
    await later.add([{ kind: 'order', key: `${id}`, to: { pickup: pickup.toISO() } }]);
  }
  // Cheapest first: what costs nothing, what costs a favour, minutes, a thing, part of the cake, the customer's patience.
  if (!(await tried.add([], 'Plan it again, with neighbours making room'))) {
    await tried.each(released(planned, links));
    await tried.each(otherHands(planned, links));
    await tried.each(otherRoutes(planned, id));
    await tried.overtime(extraSpans(planned, links, id));
    await tried.each(moreThings(planned, links, id));
    await tried.each(leftOut(planned, id));
  }
  return {
    remedies: [...tried.found, ...later.found].sort((a, b) => Number(b.works) - Number(a.works)),
    blockers: blockers.others.flatMap((o) => names.order(o) ?? []),
    alone: blockers.alone,
    chain: linkWords(links, situation),
  };
}

/** Trials for one order, one after the other, and those that help. */
class Trials {
  readonly found: Remedy[] = [];
  private readonly begun = performance.now();
  private readonly was: number;

  constructor(
    private readonly planned: Planned,
    private readonly id: number,
  ) {
    this.was = readingOf(planned.plan).minutesLate(orderId(id)) ?? Infinity;
  }

  /** Tries one; keeps it if it helps. Returns whether the order would be on time. */
  async add(wanted: Adjustment[], label?: string): Promise<boolean> {
    const trial = await this.run(wanted);
    if (trial) this.keep(trial, label);
    return trial !== null && readingOf(trial.plan).minutesLate(orderId(this.id)) === 0;
  }

  async each(list: Adjustment[][]): Promise<void> {
    for (const wanted of list.slice(0, MOST_OF_A_KIND)) await this.add(wanted);
  }

  /** The least overtime that helps, for each stretch that could be worked; nothing is looked at closer if all together do not help. */
  async overtime(spans: ExtraSpan[]): Promise<void> {
    const adjustment = (s: ExtraSpan, minutes: number): Adjustment => {
      const had = this.planned.situation.adjustments.longer[s.person] ?? [];
      const span: Span = s.before ? [s.at - minutes, s.at] : [s.at, s.at + minutes];
      return { kind: 'longer', key: s.person, to: [...had, span] };
    };
    /** The least minutes with which it is as little late. */
    const shrink = async (list: ExtraSpan[], most: Trial) => {
      let best = most;
      for (let low = 0, high = MOST_OVERTIME / QUARTER; high - low > 1;) {
        const middle = Math.floor((low + high) / 2);
        const trial = await of(list, middle * QUARTER);
        if (late(trial) === late(most)) {
          best = trial!;
          high = middle;
        } else low = middle;
      }
      this.keep(best);
    };
    const late = (trial: Trial | null) =>
      trial ? (readingOf(trial.plan).minutesLate(orderId(this.id)) ?? Infinity) : Infinity;
    const of = (list: ExtraSpan[], minutes: number) => this.run(joined(list.map((s) => adjustment(s, minutes))));
    const all = await of(spans, MOST_OVERTIME);
    if (late(all) >= this.was) return;
    let alone = false;
    for (const span of spans.slice(0, MOST_OF_A_KIND)) {
      const trial = await of([span], MOST_OVERTIME);
      if (late(trial) >= this.was) continue;
      alone ||= late(trial) === late(all);
      await shrink([span], trial!);
    }
    if (alone) return;
    // Several must work longer: those who can be spared without making it worse are spared, one after the other.
    // Whoever would lose a day off is spared first.
    const dearest = [...spans.filter((s) => s.dayOff), ...spans.filter((s) => !s.dayOff)];
    let needed = spans;
    for (const span of dearest) {
      const fewer = needed.filter((s) => s !== span);
      if (fewer.length > 0 && late(await of(fewer, MOST_OVERTIME)) === late(all)) needed = fewer;
    }
    const best = await of(needed, MOST_OVERTIME);
    if (best && needed.length > 1) await shrink(needed, best);
  }

  private async run(wanted: Adjustment[]): Promise<Trial | null> {
    if (performance.now() - this.begun > TIME_FOR_ALL * 1000) return null;
    const { situation, plan } = this.planned;
    const tried = await tryOn(situation, plan, wanted);
    return tried.ok && tried.trial.unpinned.every((s) => !wanted.some((w) => w.key === s)) ? tried.trial : null;
  }

  private keep(trial: Trial, label?: string): void {
    const late = readingOf(trial.plan).minutesLate(orderId(this.id));
    if (late === null || late >= this.was) return;
    const own = orderId(this.id);
    const worse = trial.comparison.orders.filter((o) => o.order !== own && (o.to ?? Infinity) > (o.from ?? Infinity));
    const moved = trial.comparison.moved.filter((m) => m.order !== own).length;
    const parts = [
      late === 0 ? 'on time' : `still ${durationText(late)} late`,
      ...worse.map((o) => `but ${o.name} ${o.to === null ? 'has no place' : `${durationText(o.to)} late`}`),
      ...(moved > 0 ? [`${moved} ${moved === 1 ? 'rung' : 'rungs'} of others move`] : ['nobody else moves']),
    ];
    const said = label ?? trial.label;
    this.found.push({
      label: said.charAt(0).toUpperCase() + said.slice(1),
      outcome: parts.join(', '),
      works: late === 0 && worse.length === 0,
      trial: trial.id,
    });
  }
}

/** One adjustment a person, with all that they would work. */
function joined(adjustments: Adjustment[]): Adjustment[] {
  const spans = new Map<string, Span[]>();
  for (const w of adjustments)
    if (w.kind === 'longer' && w.to)
      spans.set(w.key, [
        ...(spans.get(w.key) ?? []),
        ...w.to.filter((s) => !spans.get(w.key)?.some((x) => x[0] === s[0] && x[1] === s[1])),
      ]);
  return [...spans].map(([key, to]): Adjustment => ({ kind: 'longer', key, to }));
}

/** What was pinned or given on the way: let it go. */
function released({ situation }: Planned, chain: Link[]): Adjustment[][] {
  const steps = new Set(chain.flatMap((l) => [l.step.id, ...blockersIn(l)]));
  return [
    ...Object.keys(situation.adjustments.pin)
      .filter((s) => steps.has(s))
      .map((key): Adjustment[] => [{ kind: 'pin', key, to: null }]),
    ...Object.keys(situation.adjustments.give)
      .filter((s) => steps.has(s))
      .map((key): Adjustment[] => [{ kind: 'give', key, to: null }]),
  ];
}

function blockersIn({ because }: Link): string[] {
  if (because.kind === 'hands') return because.people.flatMap((p) => p.on?.id ?? []);
  return because.kind === 'equipment' ? [because.by.id] : [];
}

/** Steps on the chain for which all who usually do them are taken: somebody else does them, or what is in the way. */
function otherHands({ situation, plan }: Planned, chain: Link[]): Adjustment[][] {
  const steps = chain
    .filter((l) => l.because.kind === 'hands')
    .flatMap((l) => [l.step.id, ...blockersIn(l)])
    .map((id) => plan.problem.steps.find((s) => s.id === id)!)
    .filter((s) => s.people?.count === 1 && s.people.skill !== null && !s.placed);
  return [...new Set(steps)].flatMap((s) =>
    situation.kitchen.rows.people
      .filter((p) => !p.skills.includes(s.people!.skill!))
      .map((p): Adjustment[] => [{ kind: 'give', key: s.id, to: [p.id] }]),
  );
}

function otherRoutes({ situation }: Planned, id: number): Adjustment[][] {
  const order = situation.orders.find((o) => o.id === id)!;
  const routes = situation.kitchen.builds.get(order.build)?.routes ?? [];
  return routes.flatMap((r) => {
    const own = order.choices[r.key];
    if (own === undefined) return [];
    return r.choices
      .filter((c) => c.key !== own)
      .map((c): Adjustment[] => [
        { kind: 'order', key: `${id}`, to: { choices: { ...order.choices, [r.key]: c.key } } },
      ]);
  });
}

/**
 * Stretches that could be worked before the pickup by those who could do what is on the chain: after and before their shifts, and
 * on days on which they are off, from when the first one comes.
 */
function extraSpans({ situation, plan }: Planned, chain: Link[], id: number): ExtraSpan[] {
  const { problem } = plan;
  const own = problem.steps.filter((s) => s.order === orderId(id) && s.people && !s.placed);
  const hard = chain.filter((l) => l.because.kind === 'hands').map((l) => l.step);
  const skills = new Set([...hard, ...own].map((s) => s.people?.skill).filter((s) => s !== null));
  const { clock } = situation.kitchen;
  const pickup = minuteOf(situation.orders.find((o) => o.id === id)!.pickup, clock);
  const coming = (shifts: Span[]) => shifts.filter(([start, end]) => end > problem.now && start < pickup);
  const opens = daysOf(
    problem.people.flatMap((p) => coming(p.shifts)),
    clock,
  );
  const useful = (p: Problem['people'][number]) => p.skills.filter((s) => skills.has(s)).length;
  return problem.people
    .filter((p) => useful(p) > 0)
    .sort((a, b) => useful(b) - useful(a))
    .flatMap((p) => {
      const days = daysOf(coming(p.shifts), clock);
      return [...opens].flatMap(([day, [opening]]): ExtraSpan[] => {
        const shift = days.get(day);
        if (!shift) return opening >= problem.now ? [{ person: p.id, at: opening, before: false, dayOff: true }] : [];
        const [start, end] = shift;
        return [
          ...(end < pickup ? [{ person: p.id, at: end, before: false, dayOff: false }] : []),
          ...(start - MOST_OVERTIME >= problem.now ? [{ person: p.id, at: start, before: true, dayOff: false }] : []),
        ];
      });
    });
}

/** From the first to the last minute of each day, by its date. */
function daysOf(shifts: Span[], clock: Clock): Map<string, Span> {
  const days = new Map<string, Span>();
  for (const [start, end] of shifts) {
    const day = timeOf(start, clock).toISODate();
    const [a, b] = days.get(day) ?? [start, end];
    days.set(day, [Math.min(a, start), Math.max(b, end)]);
  }
  return days;
}

/** One more of each thing that is in the way, or that the order holds for long. */
function moreThings({ situation, plan }: Planned, chain: Link[], id: number): Adjustment[][] {
  const own = orderId(id);
  const inTheWay = chain.flatMap((l) => (l.because.kind === 'equipment' ? [l.because.item] : []));
  const heldKinds = new Set(plan.problem.holds.filter((h) => isOf(h.from, own)).map((h) => h.kind));
  const heldItems = [...heldKinds].flatMap((k) => plan.problem.equipment.find((e) => e.kind === k)?.id ?? []);
  const kindOf = new Map(plan.problem.equipment.map((e) => [e.id, e.kind]));
  return [...new Set([...inTheWay, ...heldItems])]
    .filter((item) => kindOf.get(item) !== OVEN)
    .map((key): Adjustment[] => [{ kind: 'more', key, to: (situation.adjustments.more[key] ?? 0) + 1 }]);
}

function leftOut({ situation }: Planned, id: number): Adjustment[][] {
  const order = situation.orders.find((o) => o.id === id)!;
  const optional = situation.kitchen.builds.get(order.build)?.components.filter((c) => c.optional) ?? [];
  return optional
    .filter((c) => !order.without.includes(c.role))
    .map((c): Adjustment[] => [{ kind: 'order', key: `${id}`, to: { without: [...order.without, c.role] } }]);
}
