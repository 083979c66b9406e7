import { valueAt } from '../../../core/ids/value-at';
import { say } from '../../../core/words/say';
import type { KitchenDb } from '../../../data/kitchen-db';
import { readingOf } from '../../../core/plan-reading/plan-reading';
import { durationText } from '../../../core/time/duration-text';
import type { Span } from '../../../core/time/spans';
import type { Adjustment } from '../../../core/steering/plan-edit';
import { orderId } from '../../../core/ids/ids';
import { readPlan } from '../../../data/repositories/plans';
import { trials, tryOn, type Trial } from '../../steering/trials';
import type { ExtraSpan, Planned } from './remedy-ideas';
import { QUARTER, MOST_OVERTIME } from './limits';

/** Something that was tried on a copy of the plan, and what it would bring. */
export interface Remedy {
  label: string;
  outcome: string;
  /** The order is on time with it, and no other is later for it. */
  works: boolean;
  /** What is left of its lateness, minutes. */
  late: number;
  /** How large the change is among its kind: minutes of overtime, else rungs of others that move. */
  size: number;
  /** Takes its plan over. */
  trial: string;
}

/** Trials of one kind of remedy. */
const MOST_OF_A_KIND = 12;

/** Trials for one order, one after the other, and those that help. */
export class Trials {
  readonly found: Remedy[] = [];
  /** Trials that were made, and may have to be forgotten. */
  private made: string[] = [];
  private readonly begun = performance.now();
  private readonly was: number;

  constructor(
    private readonly db: KitchenDb,
    private readonly planned: Planned,
    private readonly id: number,
    /** Seconds after which nothing more is tried. */
    private readonly seconds: number,
  ) {
    this.was = readingOf(planned.plan).minutesLate(orderId(id)) ?? Infinity;
  }

  /** The first of these that works, in their order; where none does, what helps of them. */
  async firstOf(list: Adjustment[][]): Promise<void> {
    for (const wanted of list) {
      await this.add(wanted);
      if (this.found.at(-1)?.works) {
        this.found.splice(0, this.found.length - 1);
        return;
      }
    }
  }

  /** Tries one; keeps it if it helps. Returns whether the order would be on time. */
  async add(wanted: Adjustment[], label?: string): Promise<boolean> {
    const trial = await this.run(wanted);
    if (trial) this.keep(trial, label);
    this.forgetOthers();
    return trial !== null && readingOf(trial.plan).minutesLate(orderId(this.id)) === 0;
  }

  async each(list: Adjustment[][]): Promise<void> {
    const before = this.found.length;
    for (const wanted of list.slice(0, MOST_OF_A_KIND)) await this.add(wanted);
    this.smallestFirst(before);
  }

  /** What was found since then, which is of one kind. */
  private smallestFirst(since: number): void {
    this.found.push(...this.found.splice(since).sort((a, b) => a.size - b.size));
  }

  /** The least overtime that helps, for each stretch that could be worked; nothing is looked at closer if all together do not help. */
  async overtime(spans: ExtraSpan[]): Promise<void> {
    const adjustment = (s: ExtraSpan, wanted: number): Adjustment => {
      const minutes = Math.min(wanted, s.most);
      const had = valueAt(this.planned.situation.adjustments.longer, s.person) ?? [];
      const span: Span = s.before ? [s.at - minutes, s.at] : [s.at, s.at + minutes];
      return { kind: 'longer', key: s.person, to: [...had, span] };
    };
    /** The least minutes with which it is as little late. */
    const shrink = async (list: ExtraSpan[], most: Trial) => {
      let best = most;
      let minutes = MOST_OVERTIME;
      for (let low = 0, high = MOST_OVERTIME / QUARTER; high - low > 1;) {
        const middle = Math.floor((low + high) / 2);
        const trial = await of(list, middle * QUARTER);
        if (late(trial) === late(most)) {
          best = trial!;
          minutes = middle * QUARTER;
          high = middle;
        } else low = middle;
      }
      this.keep(
        best,
        undefined,
        list.reduce((sum, s) => sum + Math.min(minutes, s.most), 0),
      );
      this.forgetOthers();
    };
    const late = (trial: Trial | null) =>
      trial ? (readingOf(trial.plan).minutesLate(orderId(this.id)) ?? Infinity) : Infinity;
    const of = (list: ExtraSpan[], minutes: number) => this.run(joined(list.map((s) => adjustment(s, minutes))));
    const all = await of(spans, MOST_OVERTIME);
    if (late(all) >= this.was) return;
    const before = this.found.length;
    let alone = false;
    for (const span of spans.slice(0, MOST_OF_A_KIND)) {
      const trial = await of([span], MOST_OVERTIME);
      if (late(trial) >= this.was) continue;
      const enough = late(trial) === late(all);
      alone ||= enough;
      // What helps by half is not told where something makes it on time, so its least minutes need not be looked for.
      if (enough || late(all) > 0) await shrink([span], trial!);
    }
    if (alone) {
      this.smallestFirst(before);
      return;
    }
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
    this.smallestFirst(before);
  }

  private async run(wanted: Adjustment[]): Promise<Trial | null> {
    if (performance.now() - this.begun > this.seconds * 1000) return null;
    const { situation, plan } = this.planned;
    // What would help an older plan nobody wants to know any more, and whoever asks of the newest one waits for the same thread.
    if ((await readPlan(this.db))?.id !== plan.id) return null;
    const tried = await tryOn(this.db, situation, plan, wanted);
    if (tried.ok) this.made.push(tried.trial.id);
    return tried.ok && tried.trial.unpinned.every((s) => !wanted.some((w) => w.key === s)) ? tried.trial : null;
  }

  /** Only so many trials can be taken over: those that help are not to be crowded out by the others. */
  private forgetOthers(): void {
    const { kept } = trials(this.db.kitchen);
    for (const id of this.made) if (!this.found.some((r) => r.trial === id)) kept.delete(id);
    this.made = [];
  }

  private keep(trial: Trial, label?: string, size?: number): void {
    const late = readingOf(trial.plan).minutesLate(orderId(this.id));
    if (late === null || late >= this.was) return;
    const own = orderId(this.id);
    const worse = trial.comparison.orders.filter((o) => o.order !== own && (o.to ?? Infinity) > (o.from ?? Infinity));
    const moved = trial.comparison.moved.filter((m) => m.order !== own).length;
    const parts = [
      late === 0 ? say`on time` : say`still ${durationText(late)} late`,
      ...worse.map((o) => say`but ${o.name} ${o.to === null ? say`has no place` : say`${durationText(o.to)} late`}`),
      ...(moved > 0 ? [say`${moved} ${moved === 1 ? 'rung' : 'rungs'} of others move`] : [say`nobody else moves`]),
    ];
    const said = label ?? trial.label;
    this.found.push({
      label: said.charAt(0).toUpperCase() + said.slice(1),
      outcome: parts.join(', '),
      works: late === 0 && worse.length === 0,
      ...{ late, size: size ?? moved, trial: trial.id },
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
