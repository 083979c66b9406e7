import {
  costOfChoice,
  lengthOf,
  type Equipment,
  type Problem,
  type Step,
  type Wait,
  type When,
  type Wish,
} from '../../src/core/planning-format/problem';
import { LinearText, type Term } from './linear-text';

/** Something that keeps units of one item of a kind busy: a step, its oven, a wait or a hold. */
interface Usage {
  start: Moment;
  end: Moment;
  units: number;
  celsius: number | null;
  when: When[];
  /** The chosen item: a binary for each, or the whole usage where there is only one. */
  items: Equipment[];
  key: string;
}

/** The start of a step, some minutes on. */
interface Moment {
  step: Step;
  plus: number;
}

/**
 * The same problem as an integer program for a general solver, in the LP text format: one start per step, a binary for every
 * choice (route, person and shift, item), and one for every pair that may not overlap (disjunctions with big M, each as small as
 * the steps' windows allow; Manne, Operations Research 8, 1960). Things of several units count, at the start of each use, what
 * lies over it. Every order is made; nothing may be placed already.
 *
 * With `below`, only plans that cost less are asked for: no wait and no lateness may alone cost as much, which narrows the windows.
 */
export function integerProgram(problem: Problem, below = Infinity): string {
  return new IntegerProgram(problem, below).write();
}

class IntegerProgram {
  private readonly text = new LinearText();
  private readonly steps: Map<string, Step>;
  private readonly low = new Map<Step, number>();
  private readonly high = new Map<Step, number>();
  private orders = 0;

  constructor(
    private readonly problem: Problem,
    private readonly below: number,
  ) {
    this.steps = new Map(problem.steps.map((s) => [s.id, s]));
    if (problem.steps.some((s) => s.placed)) throw new Error('a step is placed already');
  }

  write(): string {
    this.windows();
    for (const r of this.problem.routes)
      this.text.row(
        r.choices.map((c) => [1, this.route({ route: r.id, choice: c })]),
        '=',
        1,
      );
    for (const r of this.problem.routes)
      for (const c of r.choices)
        if (costOfChoice(r, c) > 0) this.text.cost(costOfChoice(r, c), this.route({ route: r.id, choice: c }));
    for (const s of this.problem.steps) this.text.bounds(start(s), this.low.get(s)!, this.high.get(s)!);
    this.waits();
    this.hands();
    this.attendance();
    this.usages();
    for (const o of this.problem.orders) {
      const late = `late_${name(o.id)}`;
      this.text.row(
        [
          [1, late],
          [-1, start(this.step(o.collect))],
        ],
        '>=',
        -o.pickup,
      );
      this.text.cost(100 * o.weight, late);
    }
    return this.text.write();
  }

  private step(id: string): Step {
    return this.steps.get(id)!;
  }

  private most(cost: number): number {
    return cost > 0 ? Math.floor(this.below / cost) : Infinity;
  }

  /** Earliest and latest starts over all waits that exist on every route. */
  private windows(): void {
    for (const s of this.problem.steps) {
      this.low.set(s, Math.max(this.problem.now, s.earliest ?? 0));
      this.high.set(s, this.problem.horizon - lengthOf(s));
    }
    for (const o of this.problem.orders) {
      this.low.set(this.step(o.collect), o.pickup);
      this.high.set(this.step(o.collect), Math.min(this.problem.horizon, o.pickup + this.most(100 * o.weight)));
    }
    for (let changed = true; changed;) {
      changed = false;
      const raise = (s: Step, to: number) => {
        if (to > this.low.get(s)!) changed = Boolean(this.low.set(s, to));
      };
      const lower = (s: Step, to: number) => {
        if (to < this.high.get(s)!) changed = Boolean(this.high.set(s, to));
      };
      for (const w of this.problem.waits) {
        if (this.conditions(w).length > 0) continue;
        const [from, to] = [this.step(w.from), this.step(w.to)];
        const max = Math.min(w.max ?? Infinity, w.min + this.most(w.ageing));
        raise(to, this.low.get(from)! + lengthOf(from) + w.min);
        raise(from, this.low.get(to)! - max - lengthOf(from));
        lower(from, this.high.get(to)! - w.min - lengthOf(from));
        lower(to, this.high.get(from)! + lengthOf(from) + max);
      }
    }
  }

  /** Route choices without which a wait or hold does not exist. */
  private conditions(part: { when?: When; from: string } & ({ to: string } | { until: string })): When[] {
    const all = [part.when, this.step(part.from).when, this.step('to' in part ? part.to : part.until).when];
    return all.filter((w, i): w is When => w !== undefined && all.findIndex((v) => same(v, w)) === i);
  }

  private route({ route, choice }: When): string {
    return this.text.binary(`route_${name(route)}_${name(choice)}`);
  }

  private latest(m: Moment): number {
    return this.high.get(m.step)! + m.plus;
  }

  private earliest(m: Moment): number {
    return this.low.get(m.step)! + m.plus;
  }

  /** `later ≥ sooner + gap`, where all conditions hold and all binaries in `when` are 1. */
  private after(later: Moment, sooner: Moment, gap: number, when: string[]): void {
    const slack = this.latest(sooner) + gap - this.earliest(later);
    if (slack <= 0) return;
    const terms: Term[] = [
      [1, start(later.step)],
      [-1, start(sooner.step)],
    ];
    this.text.row(
      [...terms, ...when.map((b): Term => [-slack, b])],
      '>=',
      gap + sooner.plus - later.plus - slack * when.length,
    );
  }

  private waits(): void {
    for (const w of this.problem.waits) {
      const from = { step: this.step(w.from), plus: lengthOf(this.step(w.from)) };
      const to = { step: this.step(w.to), plus: 0 };
      const when = this.conditions(w).map((c) => this.route(c));
      this.after(to, from, w.min, when);
      const max = Math.min(w.max ?? Infinity, w.min + this.most(w.ageing));
      if (max < Infinity) this.after(from, to, -max, when);
      if (w.wish) this.wish(w, w.wish, from, to, when);
      if (w.ageing === 0) continue;
      const old = `old_${name(w.id)}`;
      const span = Math.max(0, this.latest(to) - this.earliest(from) - w.min);
      this.text.row(
        [[1, old], [-1, start(to.step)], [1, start(from.step)], ...when.map((b): Term => [-span, b])],
        '>=',
        -from.plus - w.min - span * when.length,
      );
      this.text.cost(w.ageing, old);
    }
  }

  /** `short ≥ least − gap`, where the wait exists. */
  private wish(w: Wait, { least, cost }: Wish, from: Moment, to: Moment, when: string[]): void {
    const short = `short_${name(w.id)}`;
    const most = Math.max(0, least - this.earliest(to) + this.latest(from));
    this.text.row(
      [[1, short], [1, start(to.step)], [-1, start(from.step)], ...when.map((b): Term => [-most, b])],
      '>=',
      from.plus + least - most * when.length,
    );
    this.text.cost(cost, short);
  }

  private hands(): void {
    const { people } = this.problem;
    const hands = this.problem.steps.filter((s) => s.work === 'hands');
    const who = new Map<Step, Map<string, string>>();
    for (const s of hands) {
      const mine = new Map<string, string>();
      const all: Term[] = [];
      for (const p of people) {
        if (s.people!.skill !== null && !p.skills.includes(s.people!.skill)) continue;
        const shifts = p.shifts.filter(
          ([a, b]) => Math.max(a, this.low.get(s)!) + lengthOf(s) <= b && a <= this.high.get(s)!,
        );
        if (shifts.length === 0) continue;
        const does = this.text.binary(`does_${name(s.id)}_${name(p.id)}`);
        mine.set(p.id, does);
        all.push([1, does]);
        this.inside(
          s,
          shifts.map(([a, b]) => [a, b - lengthOf(s)]),
          does,
          p.id,
        );
      }
      who.set(s, mine);
      this.text.row(s.when ? [...all, [-s.people!.count, this.route(s.when)]] : all, '=', s.when ? 0 : s.people!.count);
    }
    hands.forEach((a, i) =>
      hands.slice(i + 1).forEach((b) => {
        const both = [...who.get(a)!.keys()].filter((p) => who.get(b)!.has(p));
        if (both.length === 0) return;
        const [ab, ba] = this.oneFirst(work(a), work(b), 0, 0);
        for (const p of both)
          this.text.row(
            [
              [1, ab],
              [1, ba],
              [-1, who.get(a)!.get(p)!],
              [-1, who.get(b)!.get(p)!],
            ],
            '>=',
            -1,
          );
      }),
    );
  }

  /** The start lies in one of the spans, both ends within, where the binary `if_` is 1. */
  private inside(s: Step, spans: [number, number][], if_: string, key: string): void {
    const chosen = spans.map((span, k) => ({ span, b: this.text.binary(`in_${name(s.id)}_${name(key)}_${k}`) }));
    this.text.row([...chosen.map(({ b }): Term => [1, b]), [-1, if_]], '=', 0);
    const [low, high] = [this.low.get(s)!, this.high.get(s)!];
    this.text.row([[1, start(s)], ...chosen.map(({ span, b }): Term => [-(span[0] - low), b])], '>=', low);
    this.text.row([[1, start(s)], ...chosen.map(({ span, b }): Term => [-(span[1] - high), b])], '<=', high);
  }

  /** Somebody is on shift at both ends of what bakes or runs alone. */
  private attendance(): void {
    const spans: [number, number][] = [];
    for (const [a, b] of this.problem.people.flatMap((p) => p.shifts).sort((x, y) => x[0] - y[0])) {
      const last = spans.at(-1);
      if (last && a <= last[1]) last[1] = Math.max(last[1], b);
      else spans.push([a, b]);
    }
    for (const s of this.problem.steps) {
      if (s.work !== 'oven' && s.work !== 'machine') continue;
      const exists = s.when ? this.route(s.when) : this.one();
      this.inside(
        s,
        spans.map(([a, b]) => [a, b - 1]),
        exists,
        'begin',
      );
      this.inside(
        s,
        spans.map(([a, b]) => [a - lengthOf(s), b - lengthOf(s)]),
        exists,
        'end',
      );
    }
  }

  private one(): string {
    this.text.bounds(this.text.binary('one'), 1, 1);
    return 'one';
  }

  /** Two binaries: the first means that `a` is over `gap` minutes before `b` begins, the second the other way round. */
  private oneFirst(a: Pick<Usage, 'start' | 'end'>, b: Pick<Usage, 'start' | 'end'>, gapAb: number, gapBa: number) {
    const n = this.orders++;
    const ab = this.text.binary(`ab_${n}`);
    const ba = this.text.binary(`ba_${n}`);
    this.text.row(
      [
        [1, ab],
        [1, ba],
      ],
      '<=',
      1,
    );
    this.after(b.start, a.end, gapAb, [ab]);
    this.after(a.start, b.end, gapBa, [ba]);
    return [ab, ba] as const;
  }

  private usages(): void {
    for (const kind of new Set(this.problem.equipment.map((e) => e.kind))) {
      const items = this.problem.equipment.filter((e) => e.kind === kind);
      const uses = this.usagesOf(kind, items);
      const pick = new Map(uses.map((u) => [u, this.pick(u)]));
      for (const u of uses) for (const item of u.items) this.closures(u, item, pick.get(u)!.get(item)!);
      const capacity = Math.max(...items.map((i) => i.units));
      const plenty = uses.reduce((sum, u) => sum + u.units, 0) <= Math.min(...items.map((i) => i.units));
      // For each use: what may lie over its start, as a binary.
      const over = new Map<Usage, { v: Usage; b: string }[]>(uses.map((u) => [u, []]));
      uses.forEach((u, i) =>
        uses.slice(i + 1).forEach((v) => {
          const shared = u.items.filter((x) => v.items.includes(x));
          const heat = u.celsius !== null && u.celsius !== v.celsius;
          if (shared.length === 0 || (plenty && !heat)) return;
          if (heat || u.units + v.units > capacity) {
            const [uv, vu] = this.oneFirst(
              u,
              v,
              heat ? setup(shared[0]!, u, v) : 0,
              heat ? setup(shared[0]!, v, u) : 0,
            );
            for (const item of shared)
              this.text.row(
                [
                  [1, uv],
                  [1, vu],
                  [-1, pick.get(u)!.get(item)!],
                  [-1, pick.get(v)!.get(item)!],
                ],
                '>=',
                -1,
              );
            return;
          }
          const [uv, vu] = this.oneFirst(u, v, 0, 0);
          const n = this.orders++;
          const [uSooner, vSooner] = [this.text.binary(`sooner_${n}u`), this.text.binary(`sooner_${n}v`)];
          this.text.row(
            [
              [1, uSooner],
              [1, vSooner],
            ],
            '<=',
            1,
          );
          this.after(v.start, u.start, 1, [uSooner]);
          this.after(u.start, v.start, 1, [vSooner]);
          const [vOverU, uOverV] = [this.text.binary(`over_${n}vu`), this.text.binary(`over_${n}uv`)];
          this.text.row(
            [
              [1, vOverU],
              [1, vu],
              [1, uSooner],
              [1, uv],
            ],
            '>=',
            1,
          );
          this.text.row(
            [
              [1, uOverV],
              [1, uv],
              [1, vSooner],
              [1, vu],
            ],
            '>=',
            1,
          );
          over.get(u)!.push({ v, b: vOverU });
          over.get(v)!.push({ v: u, b: uOverV });
        }),
      );
      for (const [u, others] of over)
        for (const item of u.items)
          this.capacity(
            u,
            item,
            others.filter(({ v }) => v.items.includes(item)),
            pick,
          );
    }
  }

  /** At the start of a use on an item, what lies over it there leaves room for it. */
  private capacity(
    u: Usage,
    item: Equipment,
    others: { v: Usage; b: string }[],
    pick: Map<Usage, Map<Equipment, string>>,
  ): void {
    const all = others.reduce((sum, { v }) => sum + v.units, 0);
    if (all + u.units <= item.units) return;
    const here = pick.get(u)!.get(item)!;
    const terms = others.map(({ v, b }): Term => {
      const there = pick.get(v)!.get(item)!;
      const on = this.text.binary(`on_${this.orders++}`);
      this.text.row(
        [
          [1, on],
          [-1, b],
          [-1, there],
        ],
        '>=',
        -1,
      );
      return [v.units, on];
    });
    this.text.row([...terms, [all, here]], '<=', item.units - u.units + all);
  }

  private usagesOf(kind: string, items: Equipment[]): Usage[] {
    const able = (units: number) => items.filter((i) => i.units >= units);
    const uses: Usage[] = [];
    const add = (key: string, start: Moment, end: Moment, units: number, when: When[], celsius: number | null = null) =>
      uses.push({ key: `${kind}_${key}`, start, end, units, when, celsius, items: able(units) });
    for (const s of this.problem.steps) {
      const { start, end } = work(s);
      s.uses.forEach((u, k) => {
        if (u.kind === kind) add(`${s.id}_${k}`, start, end, u.units, s.when ? [s.when] : []);
      });
      if (kind === 'oven' && s.oven) add(s.id, start, end, s.oven.units, s.when ? [s.when] : [], s.oven.celsius);
    }
    for (const w of this.problem.waits)
      if (w.place === kind)
        add(w.id, work(this.step(w.from)).end, work(this.step(w.to)).start, w.units, this.conditions(w));
    for (const h of this.problem.holds)
      if (h.kind === kind)
        add(h.id, work(this.step(h.from)).start, work(this.step(h.until)).end, h.units, this.conditions(h));
    return uses;
  }

  private pick(u: Usage): Map<Equipment, string> {
    const exists = u.when.map((w) => this.route(w));
    if (u.items.length === 1 && exists.length <= 1) return new Map([[u.items[0]!, exists[0] ?? this.one()]]);
    const pick = new Map(u.items.map((i) => [i, this.text.binary(`at_${name(u.key)}_${name(i.id)}`)]));
    const all = [...pick.values()].map((b): Term => [1, b]);
    this.text.row(all, '<=', 1);
    this.text.row([...all, ...exists.map((b): Term => [-1, b])], '>=', 1 - exists.length);
    return pick;
  }

  private closures(u: Usage, item: Equipment, here: string): void {
    for (const [a, b] of item.closed ?? []) {
      if (this.latest(u.end) <= a || this.earliest(u.start) >= b) continue;
      const before = this.text.binary(`closed_${this.orders++}`);
      const beyond = this.text.binary(`closed_${this.orders++}`);
      this.text.row(
        [
          [1, before],
          [1, beyond],
          [-1, here],
        ],
        '>=',
        0,
      );
      const late = Math.max(0, this.latest(u.end) - a);
      const early = Math.max(0, b - this.earliest(u.start));
      this.text.row(
        [
          [1, start(u.end.step)],
          [late, before],
        ],
        '<=',
        a - u.end.plus + late,
      );
      this.text.row(
        [
          [1, start(u.start.step)],
          [-early, beyond],
        ],
        '>=',
        b - u.start.plus - early,
      );
    }
  }
}

const same = (a: When | undefined, b: When) => a?.route === b.route && a.choice === b.choice;
/** Letters that the text format takes. */
const name = (id: string) => id.replace(/[^A-Za-z0-9]/g, '_');
const start = (s: Step) => `s_${name(s.id)}`;
const work = (s: Step) => ({ start: { step: s, plus: 0 }, end: { step: s, plus: lengthOf(s) } });

function setup(oven: Equipment, from: Usage, to: Usage): number {
  const rise = to.celsius! - from.celsius!;
  return Math.ceil(Math.abs(rise) / (rise > 0 ? oven.heatRate! : oven.coolRate!));
}
