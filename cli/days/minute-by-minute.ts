/**
 * Lives a plan through as `docs/days.md` says, in the plainest way: every minute every step is looked at. It shares nothing with the product's own
 * days, so that the two can be held against each other.
 */

interface Given {
  now: number;
  horizon: number;
  people: { id: string; skills: string[]; shifts: [number, number][]; pace?: Record<string, number> }[];
  equipment: {
    id: string;
    units: number;
    heatRate?: number;
    coolRate?: number;
    closed?: [number, number][];
  }[];
  orders: { id: string; pickup: number; collect: string }[];
  steps: {
    id: string;
    work: string;
    minutes: Lasts;
    people: { count: number; skill: string | null } | null;
    uses: { kind: string; units: number }[];
    oven: { celsius: number; units: number; choices?: { equipment: string; celsius: number; minutes: Lasts }[] } | null;
    earliest: number | null;
    placed?: { start: number; end: number; people: string[]; equipment: string[]; state: string };
  }[];
  waits: {
    id: string;
    from: string;
    to: string;
    min: number;
    max: number | null;
    units: number;
    sameItemAs?: string;
    heat?: string;
    when?: { route: string; choice: string };
  }[];
  holds: { id: string; units: number; from: string; until: string; when?: { route: string; choice: string } }[];
}

interface Lasts {
  low: number;
  likely: number;
  high: number;
}

interface Planned {
  routes: Record<string, string>;
  steps: { id: string; start: number; end: number; people: string[]; equipment: string[] }[];
  waits: { id: string; equipment: string }[];
  holds: { id: string; equipment: string }[];
}

interface Piece {
  id: string;
  given: Given['steps'][number];
  start: number;
  minutes: number;
  people: string[];
  /** Item, units and temperature of what it uses, then of what it holds. */
  uses: { item: string; units: number; celsius: number | null }[];
  holds: { item: string; units: number; until: string }[];
  into: Given['waits'];
  out: Given['waits'];
  fact: boolean;
  rank: number;
}

const LATE = 15;

/** The steps of a plan as they are lived, and their earliest times. */
export class MinuteByMinute {
  private readonly pieces: Piece[];
  private readonly byId: Map<string, Piece>;
  private readonly earliest = new Map<string, number>();
  private readonly places: Map<string, string>;

  constructor(
    private readonly given: Given,
    plan: Planned,
    private readonly byTheWall = false,
  ) {
    const steps = new Map(given.steps.map((s) => [s.id, s]));
    const listed = new Set(plan.steps.map((s) => s.id));
    const begun = given.steps.flatMap((s) =>
      s.placed && s.placed.state !== 'pinned' && !listed.has(s.id) ? [{ ...s.placed, id: s.id }] : [],
    );
    const counts = (x: { when?: { route: string; choice: string } }) =>
      !x.when || plan.routes[x.when.route] === x.when.choice;
    const waits = given.waits.filter((w) => counts(w) && listed.has(w.from) && listed.has(w.to));
    const holds = given.holds.filter((h) => counts(h) && listed.has(h.from) && listed.has(h.until));
    this.places = new Map([...plan.waits, ...plan.holds].map((x) => [x.id, x.equipment]));
    this.pieces = [...plan.steps, ...begun].map((p) => {
      const s = steps.get(p.id)!;
      const choice = s.oven?.choices?.find((c) => c.equipment === p.equipment.at(-1));
      return {
        ...{ id: p.id, given: s, start: p.start, minutes: p.end - p.start, people: p.people, rank: 0 },
        uses: p.equipment.map((item, k) =>
          k < s.uses.length
            ? { item, units: s.uses[k]!.units, celsius: null }
            : { item, units: s.oven!.units, celsius: choice?.celsius ?? s.oven!.celsius },
        ),
        holds: holds
          .filter((h) => h.from === p.id)
          .map((h) => ({ item: this.places.get(h.id)!, units: h.units, until: h.until })),
        into: waits.filter((w) => w.to === p.id),
        out: waits.filter((w) => w.from === p.id),
        fact: s.placed !== undefined && s.placed.state !== 'pinned',
      };
    });
    this.pieces.sort((a, b) => a.start - b.start);
    this.pieces.forEach((p, i) => (p.rank = i));
    this.byId = new Map(this.pieces.map((p) => [p.id, p]));
    this.pushLeft();
  }

  private shifts(person: string): [number, number][] {
    return this.given.people.find((p) => p.id === person)!.shifts;
  }

  /** The first minute from which a shift lasts for so long. */
  private shiftFrom(person: string, from: number, minutes: number): number {
    for (const [a, b] of this.shifts(person)) {
      const at = Math.max(a, from);
      if (at < b && at + minutes <= b) return at;
    }
    return Infinity;
  }

  private change(oven: string, from: number, to: number): number {
    const e = this.given.equipment.find((x) => x.id === oven)!;
    if (from === to) return 0;
    return Math.ceil(Math.abs(from - to) / (to > from ? (e.heatRate ?? 1) : (e.coolRate ?? 1)));
  }

  private units(item: string): number {
    return this.given.equipment.find((e) => e.id === item)!.units;
  }

  private takes(p: Piece, item: string): number {
    return [...p.uses, ...p.holds].filter((u) => u.item === item).reduce((sum, u) => sum + u.units, 0);
  }

  private heat(p: Piece, item: string): number | null {
    return p.uses.find((u) => u.item === item && u.celsius !== null)?.celsius ?? null;
  }

  private items(p: Piece): string[] {
    return [...new Set([...p.uses, ...p.holds].map((u) => u.item))];
  }

  private own(p: Piece): number {
    const pickup = this.given.orders.find((o) => o.collect === p.id)?.pickup ?? -Infinity;
    return Math.max(this.given.now, p.given.earliest ?? -Infinity, pickup);
  }

  private pushLeft(): void {
    for (const p of this.pieces) {
      this.earliest.set(p.id, p.fact ? p.start : Math.max(this.own(p), p.start - 60));
    }
    const later = (p: Piece, at: number): boolean => {
      const to = Math.min(at, p.start);
      if (p.fact || to <= this.earliest.get(p.id)!) return false;
      this.earliest.set(p.id, to);
      return true;
    };
    const end = (p: Piece) => this.earliest.get(p.id)! + p.minutes;
    for (let moved = true; moved;) {
      moved = false;
      for (const p of this.pieces) {
        for (const w of p.into) {
          const from = this.byId.get(w.from)!;
          if (later(p, end(from) + w.min)) moved = true;
          if (w.max !== null && later(from, this.earliest.get(p.id)! - w.max - from.minutes)) moved = true;
        }
        for (const who of p.people)
          if (later(p, this.shiftFrom(who, this.earliest.get(p.id)!, p.minutes))) moved = true;
        if (p.fact) continue;
        for (const before of this.pieces.slice(0, p.rank)) {
          if (before.fact) continue;
          if (before.people.some((x) => p.people.includes(x)) && later(p, end(before))) moved = true;
          for (const item of this.items(p)) {
            if (!this.items(before).includes(item)) continue;
            const [a, b] = [this.heat(before, item), this.heat(p, item)];
            const change = a !== null && b !== null && a !== b ? this.change(item, a, b) : null;
            const full = this.takes(before, item) + this.takes(p, item) > this.units(item);
            if ((change !== null || full) && later(p, end(before) + (change ?? 0))) moved = true;
            for (const h of before.holds) {
              const until = this.byId.get(h.until)!;
              const heldFull = h.item === item && h.units + this.takes(p, item) > this.units(item);
              if (heldFull && until.rank < p.rank && later(p, end(until))) moved = true;
            }
          }
        }
      }
    }
  }

  /** When each order's hand-over begins; Infinity where it never does. `lasts`: minutes at the usual pace, by the id of the step. */
  live(lasts: (id: string) => number): Map<string, number> {
    const day = new Day(this, lasts);
    return day.live();
  }

  /** What a day asks of the plan. */
  readonly ask = {
    given: () => this.given,
    pieces: () => this.pieces,
    piece: (id: string) => this.byId.get(id)!,
    notBefore: (p: Piece) => {
      const habit = this.byTheWall ? p.start : this.earliest.get(p.id)!;
      const follows = p.into.some((w) => w.max !== null && w.max <= 60);
      if (follows) return Math.min(habit, this.own(p));
      const followed = p.out.some((w) => w.max !== null && w.max <= 60);
      return followed ? Math.max(habit, p.start - 10) : habit;
    },
    seesThrough: (p: Piece) => {
      const skill = p.given.people?.skill;
      const paces = p.people.map((who) =>
        skill ? (this.given.people.find((x) => x.id === who)!.pace?.[skill] ?? 1) : 1,
      );
      return Math.max(0, Math.ceil(p.given.minutes.likely * Math.max(...paces) - 1e-9) - 10);
    },
    place: (id: string) => this.places.get(id),
    shiftFrom: (who: string, from: number, minutes: number) => this.shiftFrom(who, from, minutes),
    change: (oven: string, from: number, to: number) => this.change(oven, from, to),
    units: (item: string) => this.units(item),
    takes: (p: Piece, item: string) => this.takes(p, item),
    heat: (p: Piece, item: string) => this.heat(p, item),
    items: (p: Piece) => this.items(p),
  };
}

class Day {
  private readonly began = new Map<string, number>();
  private readonly over = new Map<string, number>();
  private readonly crew = new Map<string, string[]>();
  private readonly ask: MinuteByMinute['ask'];
  private readonly given: Given;
  private readonly made = new Map<string, number>();

  constructor(
    days: MinuteByMinute,
    private readonly lasts: (id: string) => number,
  ) {
    this.ask = days.ask;
    this.given = days.ask.given();
    for (const p of this.ask.pieces())
      if (p.fact) {
        this.began.set(p.id, p.start);
        this.over.set(p.id, p.start + p.minutes);
        this.crew.set(p.id, p.people);
      }
  }

  live(): Map<string, number> {
    let left = this.ask.pieces().filter((p) => !p.fact);
    for (let t = this.given.now; t <= this.given.horizon && left.length > 0; t++)
      for (let any = true; any;) {
        any = false;
        for (const p of left) {
          const crew = this.whoBegins(p, t);
          if (!crew) continue;
          this.began.set(p.id, t);
          this.crew.set(p.id, crew);
          const slow = crew.length === 0 ? 1 : Math.max(...crew.map((who) => this.pace(who, p)));
          this.over.set(p.id, t + Math.round(this.lasts(p.id) * slow));
          any = true;
        }
        left = left.filter((p) => !this.began.has(p.id));
      }
    return new Map(this.given.orders.map((o) => [o.id, this.began.get(o.collect) ?? Infinity]));
  }

  private pace(who: string, p: Piece): number {
    const skill = p.given.people?.skill;
    return skill ? (this.given.people.find((x) => x.id === who)!.pace?.[skill] ?? 1) : 1;
  }

  private isOver(id: string, t: number): boolean {
    return this.began.has(id) && this.over.get(id)! <= t;
  }

  private runs(p: Piece, t: number): boolean {
    return this.began.has(p.id) && this.over.get(p.id)! > t;
  }

  private whoBegins(p: Piece, t: number): string[] | null {
    if (t < this.ask.notBefore(p)) return null;
    for (const w of p.into) {
      if (!this.isOver(w.from, t)) return null;
      const stood = t - this.over.get(w.from)!;
      if (stood < w.min) return null;
      if (w.max === null) continue;
      const keeps = w.max + Math.min(60, Math.max(10, Math.floor(w.max / 2)));
      if (stood > keeps && stood < keeps + this.madeAgain(w.from)) return null;
    }
    const there = (at: number, ends: boolean) =>
      this.given.people.some((x) => x.shifts.some(([a, b]) => a <= at && (ends ? at <= b : at < b)));
    if (p.given.work === 'oven' || p.given.work === 'machine')
      if (!there(t, false) || !there(t + p.minutes, true)) return null;
    for (const item of this.ask.items(p)) {
      if (this.inUse(item, t) + this.ask.takes(p, item) > this.ask.units(item)) return null;
      const { closed = [] } = this.given.equipment.find((e) => e.id === item)!;
      if (closed.some(([a, b]) => a < t + p.minutes && t < b)) return null;
    }
    const oven = p.uses.find((u) => u.celsius !== null);
    if (oven && p.minutes > 0 && !this.isHot(oven.item, oven.celsius!, t)) return null;
    const crew = this.hands(p, t);
    if (!crew) return null;
    for (const w of p.out) if (w.max !== null && w.max <= 60 && !this.canFollow(p, w, t)) return null;
    if (this.leavesToSpoil(p, crew, t)) return null;
    return this.deadline(p, t) === Infinity && this.pushesIn(p, crew, t) ? null : crew;
  }

  private madeAgain(id: string): number {
    const known = this.made.get(id);
    if (known !== undefined) return known;
    const own = new Set([id]);
    for (let before = 0; before !== own.size;) {
      before = own.size;
      for (const p of this.ask.pieces()) if (p.out.length > 0 && p.out.every((w) => own.has(w.to))) own.add(p.id);
    }
    const longest = (step: string): number => {
      const p = this.ask.piece(step);
      return (
        p.minutes +
        Math.max(0, ...p.into.filter((w) => own.has(w.from)).map((w) => longest(w.from) + Math.max(0, w.min)))
      );
    };
    this.made.set(id, longest(id));
    return longest(id);
  }

  private inUse(item: string, t: number): number {
    let units = 0;
    for (const p of this.ask.pieces()) {
      if (this.runs(p, t)) for (const u of p.uses) if (u.item === item) units += u.units;
      if (!this.began.has(p.id)) continue;
      for (const h of p.holds) if (h.item === item && !this.isOver(h.until, t)) units += h.units;
      for (const w of p.out)
        if (
          w.sameItemAs !== undefined &&
          this.ask.place(w.id) === item &&
          this.isOver(p.id, t) &&
          !this.began.has(w.to)
        )
          units += w.units;
    }
    return units;
  }

  private isHot(oven: string, celsius: number, t: number): boolean {
    let last: Piece | null = null;
    for (const p of this.ask.pieces()) {
      for (const w of p.out)
        if (w.heat === 'off' && this.ask.place(w.id) === oven && this.isOver(p.id, t) && !this.began.has(w.to))
          return false;
      if (this.ask.heat(p, oven) === null || !this.began.has(p.id)) continue;
      if (this.runs(p, t) && this.ask.heat(p, oven) !== celsius) return false;
      if (!this.runs(p, t) && (!last || this.over.get(p.id)! >= this.over.get(last.id)!)) last = p;
    }
    if (this.ask.pieces().some((p) => this.ask.heat(p, oven) !== null && this.runs(p, t))) return true;
    return !last || t >= this.over.get(last.id)! + this.ask.change(oven, this.ask.heat(last, oven)!, celsius);
  }

  private isFree(who: string, t: number): boolean {
    return !this.ask.pieces().some((p) => this.runs(p, t) && this.crew.get(p.id)!.includes(who));
  }

  private hands(p: Piece, t: number): string[] | null {
    if (p.given.work !== 'hands') return p.people;
    const can = (who: string) => this.isFree(who, t) && this.ask.shiftFrom(who, t, this.ask.seesThrough(p)) === t;
    if (p.people.every(can)) return p.people;
    if (t <= p.start + LATE && t < this.deadline(p, t) - 5) return null;
    const { skill, count } = p.given.people!;
    const able = (who: string) => skill === null || this.given.people.find((x) => x.id === who)!.skills.includes(skill);
    const due = (who: string) =>
      this.ask.pieces().some((q) => !this.began.has(q.id) && q.people.includes(who) && q.start < t + p.minutes);
    const crew = p.people.filter((who) => able(who) && can(who));
    for (const { id } of this.given.people)
      if (crew.length < count && !p.people.includes(id) && able(id) && can(id) && !due(id)) crew.push(id);
    return crew.length === count ? crew : null;
  }

  /** When what runs should be over. */
  private expected(p: Piece, t: number): number {
    return Math.max(t, this.began.get(p.id)! + p.minutes);
  }

  private canFollow(p: Piece, w: Given['waits'][number], t: number): boolean {
    const next = this.ask.piece(w.to);
    const until = t + p.minutes + w.max! - Math.min(5, Math.floor(w.max! / 3));
    const able = (q: Piece, after: number) =>
      Math.max(
        ...q.people.map((who) => {
          const on = this.ask.pieces().find((x) => this.runs(x, t) && this.crew.get(x.id)!.includes(who));
          const free = Math.max(after, on ? this.expected(on, t) : -Infinity);
          return this.ask.shiftFrom(who, free, this.ask.seesThrough(q));
        }),
      );
    for (const other of next.into) {
      if (other.from === p.id || this.began.has(other.from)) continue;
      const from = this.ask.piece(other.from);
      const begins = Math.max(t, this.couldBegin(from, t));
      const at = from.given.work === 'hands' ? able(from, begins) : begins;
      if (at + from.minutes + other.min > until) return false;
    }
    if (next.given.work === 'hands') return able(next, t + p.minutes + w.min) <= until;
    if (next.given.work !== 'oven') return true;
    const { item, celsius } = next.uses.at(-1)!;
    const full = this.inUse(item, t) + this.ask.takes(next, item) > this.ask.units(item);
    return this.ask.pieces().every((q) => {
      const own = this.ask.heat(q, item);
      if (own === null || !this.runs(q, t) || (own === celsius && !full)) return true;
      return this.expected(q, t) + this.ask.change(item, own, celsius!) <= until;
    });
  }

  private pushesIn(p: Piece, crew: string[], t: number): boolean {
    return this.ask.pieces().some((q) => {
      if (q.rank >= p.rank || this.began.has(q.id) || t > q.start + LATE || q.given.work === 'collect') return false;
      const hands = q.people.some((who) => crew.includes(who));
      const things = this.clash(p, q, t);
      return (hands || things) && t + p.minutes > this.couldBegin(q, t);
    });
  }

  private clash(p: Piece, q: Piece, t: number): boolean {
    return this.ask.items(p).some((item) => {
      if (!this.ask.items(q).includes(item)) return false;
      const [a, b] = [this.ask.heat(p, item), this.ask.heat(q, item)];
      if (a !== null && b !== null && a !== b) return true;
      return this.inUse(item, t) + this.ask.takes(p, item) + this.ask.takes(q, item) > this.ask.units(item);
    });
  }

  private leavesToSpoil(p: Piece, crew: string[], t: number): boolean {
    return this.ask.pieces().some((q) => {
      if (q === p || this.began.has(q.id)) return false;
      const by = this.deadline(q, t);
      if (by < t || by >= t + p.minutes || by >= this.deadline(p, t)) return false;
      return q.people.some((who) => crew.includes(who)) || this.clash(p, q, t);
    });
  }

  private deadline(p: Piece, t: number): number {
    const own = (q: Piece) => {
      const all = q.into
        .filter((w) => w.max !== null && w.max <= 60 && this.began.has(w.from))
        .map(
          (w) => (this.isOver(w.from, t) ? this.over.get(w.from)! : this.expected(this.ask.piece(w.from), t)) + w.max!,
        );
      return Math.min(Infinity, ...all);
    };
    const next = p.out.filter((w) => !this.began.has(w.to)).map((w) => own(this.ask.piece(w.to)) - w.min - p.minutes);
    return Math.min(own(p), ...next);
  }

  private couldBegin(q: Piece, t: number): number {
    let at = this.ask.notBefore(q);
    for (const w of q.into) {
      const from = this.ask.piece(w.from);
      const over = this.isOver(w.from, t)
        ? this.over.get(w.from)!
        : this.began.has(w.from)
          ? this.expected(from, t)
          : Math.max(t, this.ask.notBefore(from)) + from.minutes;
      at = Math.max(at, over + w.min);
    }
    return at;
  }
}
