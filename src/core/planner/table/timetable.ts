import { cheapestChoice, OVEN, runsByItself } from '../../planning-format/problem';
import { offShift, type BusyLine } from './busy-line';
import { LoadProfile } from './load-profile';
import type { Model } from '../model/model';
import { FACT, FREE, type Group, type HoldModel, type WaitModel } from '../model/step-model';
import { OvenLoads } from './oven-loads';
import type { GroupRecord, StepRecord } from './records';
import { newWindows, type Windows } from './start-windows';
import type { Preference } from './preference';

const NOBODY: number[] = [];

/**
 * The state of a plan while it is being made: who and what is busy when, and where every step is placed.
 * Every placement it accepts obeys the rules of the format; the search above it only chooses.
 */
export class Timetable {
  readonly people: BusyLine[];
  readonly items: LoadProfile[];
  readonly ovens: (OvenLoads | null)[];
  readonly start: Int32Array;
  readonly placed: Uint8Array;
  readonly crew: number[][];
  readonly stepItems: number[][];
  readonly waitItem: Int32Array;
  readonly holdItem: Int32Array;
  /** Choice taken on each route. */
  readonly choice: Int32Array;
  /** 1 for an order that is left out. */
  readonly leftOut: Uint8Array;
  /** Start-time windows in the making, for whoever places steps now: made once, as placing happens a million times. */
  readonly outer: Windows;
  readonly now: Windows;
  /** Waits that count while windows are narrowed. */
  readonly activeWaits: Int32Array;
  /** The least gap that windows leave a wait: its shortest, or what it wishes for while a group is placed as it is wished. */
  leastGap: Int32Array;
  /** Steps whose windows changed and were not followed up yet. */
  readonly queue: number[] = [];
  readonly queued: Uint8Array;

  constructor(readonly model: Model) {
    const { problem } = model;
    this.people = problem.people.map((p) => offShift(p.shifts));
    // What happened keeps its people busy, even if its order is left out: nobody gets those minutes back.
    for (const { placed, work } of problem.steps)
      if (placed && placed.state !== 'pinned' && work === 'hands')
        for (const p of placed.people) this.people[model.personIndex.get(p)!]!.blockOver(placed.start, placed.end);
    this.items = problem.equipment.map((e) => {
      const profile = new LoadProfile(e.units);
      for (const [start, end] of e.closed ?? []) profile.add(start, end, e.units);
      return profile;
    });
    this.ovens = problem.equipment.map((e) =>
      e.kind === OVEN ? new OvenLoads(e.heatRate ?? 1, e.coolRate ?? 1) : null,
    );
    // So do their items and ovens: a bake that is running heats its oven whether its order is made or not.
    model.steps.forEach((s, i) => {
      const { placed } = problem.steps[i]!;
      if (s.fixed !== FACT || !placed) return;
      s.needs.forEach((need, k) =>
        this.takeItem(model.itemIndex.get(placed.equipment[k]!)!, placed.start, placed.end, need.units, need.celsius),
      );
    });
    this.start = new Int32Array(model.steps.length);
    this.placed = new Uint8Array(model.steps.length);
    this.crew = model.steps.map(() => []);
    this.stepItems = model.steps.map(() => []);
    this.waitItem = new Int32Array(model.waits.length).fill(-1);
    this.holdItem = new Int32Array(model.holds.length).fill(-1);
    // The cheapest until another is taken: what serves no order goes no other way.
    this.choice = Int32Array.from(problem.routes, cheapestChoice);
    this.leftOut = new Uint8Array(problem.orders.length);
    this.outer = newWindows(model.steps.length);
    this.now = newWindows(model.steps.length);
    this.activeWaits = new Int32Array(model.waits.length);
    this.leastGap = model.shortest;
    this.queued = new Uint8Array(model.steps.length);
  }

  end(step: number): number {
    return this.start[step]! + this.model.steps[step]!.minutes;
  }

  taken(x: { route: number; choice: number }): boolean {
    return x.route < 0 || this.choice[x.route] === x.choice;
  }

  exists(step: number): boolean {
    const s = this.model.steps[step]!;
    return this.taken(s) && (s.order < 0 || this.leftOut[s.order] === 0);
  }

  /** Does the wait count, with both its steps in the plan? */
  waitExists(w: WaitModel): boolean {
    return this.taken(w) && this.exists(w.from) && this.exists(w.to);
  }

  holdExists(h: HoldModel): boolean {
    return this.taken(h) && this.exists(h.from) && this.exists(h.until);
  }

  /** Is somebody on shift when it goes in, and when it comes out (the end of a shift counts)? */
  attended(start: number, end: number): boolean {
    let inside = false;
    let out = false;
    for (const [a, b] of this.model.attended) {
      if (start >= a && start < b) inside = true;
      if (end >= a && end <= b) out = true;
    }
    return inside && out;
  }

  /**
   * Puts a step at a start, with people and items that are free then, and the storage of every wait and hold
   * whose other end is placed. Returns false, with nothing changed, where that cannot be.
   */
  place(step: number, start: number, prefer: Preference): boolean {
    const s = this.model.steps[step]!;
    const end = start + s.minutes;
    if (runsByItself(s.work) && !this.attended(start, end)) return false;
    const crew = this.crewFor(step, start, end, prefer);
    if (crew.length < s.crew) return false;
    const items: number[] = [];
    for (const need of s.needs) {
      let best = -1;
      let bestRank = Infinity;
      for (const item of need.items) {
        const rank = prefer.item(step, item);
        if (rank >= bestRank || !this.itemFits(item, start, end, need.units, need.celsius)) continue;
        best = item;
        bestRank = rank;
      }
      if (best < 0) {
        this.freeItems(step, items, start, end);
        return false;
      }
      items.push(best);
      this.takeItem(best, start, end, need.units, need.celsius);
    }
    this.occupy(step, start, crew, items);
    if (this.takeStorage(step, prefer)) return true;
    this.remove(step);
    return false;
  }

  /** The best people who are free; fewer than it takes where there are not enough. */
  private crewFor(step: number, start: number, end: number, prefer: Preference): number[] {
    const { crew, candidates } = this.model.steps[step]!;
    if (crew === 0) return NOBODY;
    if (crew > 1)
      return candidates
        .filter((p) => this.people[p]!.free(start, end))
        .map((p) => ({ p, rank: prefer.person(step, p) }))
        .sort((a, b) => a.rank - b.rank || a.p - b.p)
        .slice(0, crew)
        .map((x) => x.p)
        .sort((a, b) => a - b);
    let best = -1;
    let bestRank = Infinity;
    for (const p of candidates) {
      if (!this.people[p]!.free(start, end)) continue;
      const rank = prefer.person(step, p);
      if (rank < bestRank) {
        best = p;
        bestRank = rank;
      }
    }
    return best < 0 ? NOBODY : [best];
  }

  /** Puts a step where the problem says it is. A pinned one must fit; a fact is a fact. Returns whether it fits. */
  placeFixed(step: number, prefer: Preference): boolean {
    const { problem } = this.model;
    const { placed, earliest } = problem.steps[step]!;
    const s = this.model.steps[step]!;
    if (!placed) throw new Error(`step ${step} is not placed by the problem`);
    const crew = placed.people.map((p) => this.model.personIndex.get(p)!);
    const items = placed.equipment.map((e) => this.model.itemIndex.get(e)!);
    const { start, end } = placed;
    if (s.fixed !== FACT) {
      const fits =
        start >= Math.max(problem.now, earliest ?? problem.now) &&
        end <= problem.horizon &&
        crew.every((p) => this.people[p]!.free(start, end)) &&
        (!runsByItself(s.work) || this.attended(start, end)) &&
        s.needs.every((need, i) => this.itemFits(items[i]!, start, end, need.units, need.celsius));
      if (!fits) return false;
    }
    if (s.fixed !== FACT) s.needs.forEach((need, i) => this.takeItem(items[i]!, start, end, need.units, need.celsius));
    this.occupy(step, start, crew, items);
    return this.takeStorage(step, prefer);
  }

  private occupy(step: number, start: number, crew: number[], items: number[]): void {
    const s = this.model.steps[step]!;
    this.start[step] = start;
    this.placed[step] = 1;
    this.crew[step] = crew;
    this.stepItems[step] = items;
    if (s.work !== 'hands' || s.minutes === 0 || s.fixed === FACT) return;
    for (const p of crew) this.people[p]!.block(start, start + s.minutes);
  }

  /** Takes a step out of the plan, with the storage of its waits and holds. */
  remove(step: number): void {
    if (!this.placed[step]) return;
    const s = this.model.steps[step]!;
    const start = this.start[step]!;
    for (const i of s.waitsIn) this.freeWait(i);
    for (const i of s.waitsOut) this.freeWait(i);
    for (const i of s.holds) this.freeHold(i);
    if (s.fixed !== FACT) this.freeItems(step, this.stepItems[step]!, start, start + s.minutes);
    if (s.work === 'hands' && s.minutes > 0 && s.fixed !== FACT)
      for (const p of this.crew[step]!) this.people[p]!.release(start, start + s.minutes);
    this.placed[step] = 0;
    this.crew[step] = [];
    this.stepItems[step] = [];
  }

  itemFits(item: number, start: number, end: number, units: number, celsius: number | null): boolean {
    if (!this.items[item]!.free(start, end, units)) return false;
    return celsius === null || end === start || this.ovens[item]!.latest(start, end - start, celsius) === start;
  }

  private takeItem(item: number, start: number, end: number, units: number, celsius: number | null): void {
    this.items[item]!.add(start, end, units);
    if (celsius !== null && end > start) this.ovens[item]!.add(start, end, celsius);
  }

  private freeItems(step: number, items: number[], start: number, end: number): void {
    items.forEach((item, i) => {
      const need = this.model.steps[step]!.needs[i]!;
      this.items[item]!.add(start, end, -need.units);
      if (need.celsius !== null && end > start) this.ovens[item]!.remove(start, end, need.celsius);
    });
  }

  private takeStorage(step: number, prefer: Preference): boolean {
    const s = this.model.steps[step]!;
    for (const list of [s.waitsIn, s.waitsOut])
      for (const i of list) {
        const w = this.model.waits[i]!;
        if (!w.items || this.waitItem[i]! >= 0 || !this.placed[w.from] || !this.placed[w.to]) continue;
        if (!this.taken(w)) continue;
        const item = this.storageFor(step, w.items, this.end(w.from), this.start[w.to]!, w.units, w.past, prefer);
        if (item < 0) return false;
        this.storeWait(i, item);
      }
    for (const i of s.holds) {
      const h = this.model.holds[i]!;
      if (this.holdItem[i]! >= 0 || !this.placed[h.from] || !this.placed[h.until] || !this.taken(h)) continue;
      const past = this.model.steps[h.from]!.fixed === FACT && this.model.steps[h.until]!.fixed === FACT;
      const item = this.storageFor(step, h.items, this.start[h.from]!, this.end(h.until), h.units, past, prefer);
      if (item < 0) return false;
      this.storeHold(i, item);
    }
    return true;
  }

  /**
   * Gives the storage of a group's placed steps to the routes as they are now: facts stay whatever the route, but what lies
   * between them may not. False, with some of it done, where there is no room.
   */
  placeStorage(group: Group, prefer: Preference): boolean {
    for (const i of group.waits) if (this.waitItem[i]! >= 0 && !this.taken(this.model.waits[i]!)) this.freeWait(i);
    for (const i of group.holds) if (this.holdItem[i]! >= 0 && !this.taken(this.model.holds[i]!)) this.freeHold(i);
    return group.steps.every((s) => !this.placed[s] || this.takeStorage(s, prefer));
  }

  /** The best item with room, or −1. What already happened has an item, room or not. */
  private storageFor(
    step: number,
    items: number[],
    start: number,
    end: number,
    units: number,
    past: boolean,
    prefer: Preference,
  ): number {
    let best = -1;
    let bestRank = Infinity;
    for (const item of items) {
      const rank = prefer.item(step, item);
      if (rank < bestRank && this.items[item]!.free(start, end, units)) {
        best = item;
        bestRank = rank;
      }
    }
    return best < 0 && past ? items[0]! : best;
  }

  private freeWait(i: number): void {
    const item = this.waitItem[i]!;
    if (item < 0) return;
    const w = this.model.waits[i]!;
    this.items[item]!.add(this.end(w.from), this.start[w.to]!, -w.units);
    this.waitItem[i] = -1;
  }

  private freeHold(i: number): void {
    const item = this.holdItem[i]!;
    if (item < 0) return;
    const h = this.model.holds[i]!;
    this.items[item]!.add(this.start[h.from]!, this.end(h.until), -h.units);
    this.holdItem[i] = -1;
  }

  /** Takes the free and pinned steps of a group out; what is done or running stays. */
  removeGroup(group: Group, alsoFixed = false): void {
    for (const step of group.steps) if (alsoFixed || this.model.steps[step]!.fixed === FREE) this.remove(step);
  }

  recordStep(step: number): StepRecord {
    const { waitsIn, waitsOut, holds } = this.model.steps[step]!;
    const waitItems: [number, number][] = [];
    const holdItems: [number, number][] = [];
    for (const list of [waitsIn, waitsOut])
      for (const i of list) if (this.waitItem[i]! >= 0) waitItems.push([i, this.waitItem[i]!]);
    for (const i of holds) if (this.holdItem[i]! >= 0) holdItems.push([i, this.holdItem[i]!]);
    return { start: this.start[step]!, people: this.crew[step]!, items: this.stepItems[step]!, waitItems, holdItems };
  }

  /** Puts a step back where it was recorded. It must have been removed, and its neighbours be placed as they were. */
  restoreStep(step: number, { start, people, items, waitItems, holdItems }: StepRecord): void {
    this.takeUp(step, start, people, items);
    for (const [i, item] of waitItems) this.storeWait(i, item);
    for (const [i, item] of holdItems) this.storeHold(i, item);
  }

  private takeUp(step: number, start: number, people: number[], items: number[]): void {
    const s = this.model.steps[step]!;
    if (s.fixed !== FACT)
      s.needs.forEach((need, k) => this.takeItem(items[k]!, start, start + s.minutes, need.units, need.celsius));
    this.occupy(step, start, people, items);
  }

  private storeWait(i: number, item: number): void {
    const w = this.model.waits[i]!;
    this.waitItem[i] = item;
    this.items[item]!.add(this.end(w.from), this.start[w.to]!, w.units);
  }

  private storeHold(i: number, item: number): void {
    const h = this.model.holds[i]!;
    this.holdItem[i] = item;
    this.items[item]!.add(this.start[h.from]!, this.end(h.until), h.units);
  }

  record(group: Group): GroupRecord {
    return {
      starts: group.steps.map((s) => (this.placed[s] ? this.start[s]! : null)),
      people: group.steps.map((s) => this.crew[s]!),
      items: group.steps.map((s) => this.stepItems[s]!),
      waitItems: group.waits.map((w) => this.waitItem[w]!),
      holdItems: group.holds.map((h) => this.holdItem[h]!),
      choices: group.routes.map((r) => this.choice[r]!),
      leftOut: group.orders.map((o) => this.leftOut[o]!),
    };
  }

  /** Puts a group back where it was recorded. Its free steps must have been removed before. */
  restore(group: Group, record: GroupRecord): void {
    group.routes.forEach((r, i) => (this.choice[r] = record.choices[i]!));
    group.orders.forEach((o, i) => (this.leftOut[o] = record.leftOut[i]!));
    group.steps.forEach((step, i) => {
      const start = record.starts[i]!;
      if (this.placed[step] || start === null) return;
      this.takeUp(step, start, record.people[i]!, record.items[i]!);
    });
    group.waits.forEach((w, i) => {
      if (record.waitItems[i]! < 0) this.freeWait(w);
      else if (this.waitItem[w]! < 0) this.storeWait(w, record.waitItems[i]!);
    });
    group.holds.forEach((h, i) => {
      if (record.holdItems[i]! < 0) this.freeHold(h);
      else if (this.holdItem[h]! < 0) this.storeHold(h, record.holdItems[i]!);
    });
  }
}
