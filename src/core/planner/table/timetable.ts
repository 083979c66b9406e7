import { OVEN, runsByItself } from '../../planning-format/problem';
import { offShift, type BusyLine } from './busy-line';
import { LoadProfile } from './load-profile';
import type { Model } from '../model/model';
import { FACT, FREE, type Group } from '../model/step-model';
import { OvenLoads } from './oven-loads';
import type { GroupRecord, StepRecord } from './records';
import { PlanState } from './plan-state';
import { Storage } from './storage';
import { newWindows, type Windows } from './start-windows';
import type { Preference } from './preference';

const NOBODY: number[] = [];

/**
 * The state of a plan while it is being made: who and what is busy when, and where every step is placed.
 * Every placement it accepts obeys the rules of the format; the search above it only chooses.
 */
export class Timetable extends PlanState {
  readonly people: BusyLine[];
  readonly items: LoadProfile[];
  readonly ovens: (OvenLoads | null)[];
  readonly storage: Storage;
  /** Start-time windows in the making, for whoever places steps now: made once, as placing happens a million times. */
  readonly outer: Windows;
  readonly now: Windows;
  /** Waits that count while windows are narrowed, as arcs from start to start: the least and the most minutes between them. */
  readonly arcs: { from: Int32Array; to: Int32Array; least: Float64Array; most: Float64Array };
  /** The least gap that windows leave a wait: its shortest, or what it wishes for while a group is placed as it is wished. */
  leastGap: Int32Array;
  /** Steps whose windows changed and were not followed up yet. */
  readonly queue: number[] = [];
  readonly queued: Uint8Array;

  constructor(model: Model) {
    super(model);
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
    this.ovens = problem.equipment.map((e) => (e.kind === OVEN ? new OvenLoads(e) : null));
    // So do their items and ovens: a bake that is running heats its oven whether its order is made or not.
    model.steps.forEach((s, i) => {
      const { placed } = problem.steps[i]!;
      if (s.fixed !== FACT || !placed) return;
      s.needs.forEach((need, k) =>
        this.takeItem(model.itemIndex.get(placed.equipment[k]!)!, placed.start, placed.end, need.units, need.celsius),
      );
    });
    this.storage = new Storage(this, this.items, this.ovens);
    this.outer = newWindows(model.steps.length);
    this.now = newWindows(model.steps.length);
    const many = model.waits.length;
    this.arcs = {
      from: new Int32Array(many),
      to: new Int32Array(many),
      least: new Float64Array(many),
      most: new Float64Array(many),
    };
    this.leastGap = model.shortest;
    this.queued = new Uint8Array(model.steps.length);
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
   * Puts a step at a start, in the way that is chosen for it or else the quickest, with people and items that are free then, and the storage
   * of every wait and hold whose other end is placed. Returns false, with nothing changed, where that cannot be.
   */
  place(step: number, start: number, prefer: Preference): boolean {
    const s = this.model.steps[step]!;
    const end = start + this.lengths.least[step]!;
    if (runsByItself(s.work) && !this.attended(start, end)) return false;
    const crew = this.crewFor(step, start, end, prefer);
    if (crew.length < s.crew) return false;
    const wasOpen = this.lengths.isOpen(step);
    if (wasOpen) this.lengths.choose(step, 0);
    // Where something stays in what it uses, another item may leave room where the first does not.
    const refused: number[] = [];
    for (;;) {
      const items = this.takeItems(step, start, end, prefer, refused);
      if (!items) break;
      this.occupy(step, start, crew, items);
      if (this.storage.take(step, prefer)) return true;
      this.takeOut(step);
      if (!s.lends || items.length === 0) break;
      refused.push(items.at(-1)!);
    }
    if (wasOpen) this.lengths.open(step);
    return false;
  }

  /** Takes the best item that is free for each need; null, with nothing taken, where one has none. */
  private takeItems(step: number, start: number, end: number, prefer: Preference, refused: number[]): number[] | null {
    const items: number[] = [];
    for (const need of this.lengths.modeOf(step).needs) {
      let best = -1;
      let bestRank = Infinity;
      for (const item of need.items) {
        const rank = prefer.item(step, item);
        if (rank >= bestRank || !this.itemFits(item, start, end, need.units, need.celsius)) continue;
        if (refused.includes(item)) continue;
        best = item;
        bestRank = rank;
      }
      if (best < 0) {
        this.freeItems(step, items, start, end);
        return null;
      }
      items.push(best);
      this.takeItem(best, start, end, need.units, need.celsius);
    }
    return items;
  }

  /** The best people who are free; fewer than it takes where there are not enough. */
  private crewFor(step: number, start: number, end: number, prefer: Preference): number[] {
    const { crew } = this.model.steps[step]!;
    if (crew === 0) return NOBODY;
    const { candidates, slowest } = this.lengths.modeOf(step);
    if (crew > 1) {
      const free = candidates
        .filter((p) => this.people[p]!.free(start, end))
        .map((p) => ({ p, rank: prefer.person(step, p) }))
        .sort((a, b) => a.rank - b.rank || a.p - b.p)
        .map((x) => x.p);
      // One of those who take so long has to be among them.
      const slow = free.find((p) => slowest.includes(p));
      if (slow === undefined) return NOBODY;
      const others = free.filter((p) => p !== slow);
      const best = free.slice(0, crew);
      return (best.includes(slow) ? best : [slow, ...others.slice(0, crew - 1)]).sort((a, b) => a - b);
    }
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
    return this.storage.take(step, prefer);
  }

  private occupy(step: number, start: number, crew: number[], items: number[]): void {
    const s = this.model.steps[step]!;
    this.start[step] = start;
    this.placed[step] = 1;
    this.crew[step] = crew;
    this.stepItems[step] = items;
    if (s.work !== 'hands' || this.end(step) === start || s.fixed === FACT) return;
    for (const p of crew) this.people[p]!.block(start, this.end(step));
  }

  /** Takes a step out of the plan, with the storage of its waits and holds; in which way it is done is open again. */
  remove(step: number): void {
    if (!this.placed[step]) return;
    this.takeOut(step);
    this.lengths.open(step);
  }

  /** The same, but the way in which it is done stays. */
  takeOut(step: number): void {
    const s = this.model.steps[step]!;
    const start = this.start[step]!;
    const end = this.end(step);
    this.storage.free(step);
    if (s.fixed !== FACT) this.freeItems(step, this.stepItems[step]!, start, end);
    if (s.work === 'hands' && end > start && s.fixed !== FACT)
      for (const p of this.crew[step]!) this.people[p]!.release(start, end);
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
      const need = this.lengths.modeOf(step).needs[i]!;
      this.items[item]!.add(start, end, -need.units);
      if (need.celsius !== null && end > start) this.ovens[item]!.remove(start, end, need.celsius);
    });
  }

  /** Takes the free and pinned steps of a group out; what is done or running stays. */
  removeGroup(group: Group, alsoFixed = false): void {
    for (const step of group.steps) if (alsoFixed || this.model.steps[step]!.fixed === FREE) this.remove(step);
  }

  recordStep(step: number): StepRecord {
    return {
      start: this.start[step]!,
      people: this.crew[step]!,
      items: this.stepItems[step]!,
      mode: this.lengths.mode(step),
      ...this.storage.record(step),
    };
  }

  /** Puts a step back where it was recorded. It must have been removed, and its neighbours be placed as they were. */
  restoreStep(step: number, { start, people, items, mode, waitItems, holdItems }: StepRecord): void {
    this.takeUp(step, start, people, items, mode);
    for (const [i, item] of waitItems) this.storage.storeWait(i, item);
    for (const [i, item] of holdItems) this.storage.storeHold(i, item);
  }

  private takeUp(step: number, start: number, people: number[], items: number[], mode: number): void {
    this.lengths.choose(step, mode);
    const { minutes, needs } = this.lengths.modeOf(step);
    if (this.model.steps[step]!.fixed !== FACT)
      needs.forEach((need, k) => this.takeItem(items[k]!, start, start + minutes, need.units, need.celsius));
    this.occupy(step, start, people, items);
  }

  record(group: Group): GroupRecord {
    return {
      starts: group.steps.map((s) => (this.placed[s] ? this.start[s]! : null)),
      people: group.steps.map((s) => this.crew[s]!),
      items: group.steps.map((s) => this.stepItems[s]!),
      modes: group.steps.map((s) => this.lengths.mode(s)),
      waitItems: group.waits.map((w) => this.storage.waitItem[w]!),
      holdItems: group.holds.map((h) => this.storage.holdItem[h]!),
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
      this.takeUp(step, start, record.people[i]!, record.items[i]!, record.modes[i]!);
    });
    this.storage.restore(group, record);
  }
}
