import { attendance, coldOven, type Model } from '../model/model';
import { FACT, type Group, type WaitModel } from '../model/step-model';
import { FAR_OFF, LONG_AGO } from './busy-line';
import { LoadProfile } from './load-profile';
import type { OvenLoads } from './oven-loads';
import type { PlanState } from './plan-state';
import type { Preference } from './preference';
import type { GroupRecord, StepRecord } from './records';
import { roomOfColdOven, type Room } from './room';

/** What waits and holds keep busy between their steps. */
export class Storage {
  /** The items, and what is asked of waits beside their place. */
  readonly rooms: Room[];
  readonly waitItem: Int32Array;
  readonly holdItem: Int32Array;

  constructor(
    private readonly state: PlanState,
    items: LoadProfile[],
    ovens: (OvenLoads | null)[],
  ) {
    const { model } = state;
    this.rooms = [...items];
    this.rooms[attendance(model.problem)] = whileSomebodyIsThere(model);
    ovens.forEach((oven, i) => {
      if (oven) this.rooms[i + coldOven(model.problem)] = roomOfColdOven(oven);
    });
    this.waitItem = new Int32Array(model.waits.length).fill(-1);
    this.holdItem = new Int32Array(model.holds.length).fill(-1);
  }

  /** Gives room to each wait and hold of a step whose other end is placed too. False, with some of it done, where one has none. */
  take(step: number, prefer: Preference): boolean {
    const s = this.state.model.steps[step]!;
    for (const list of [s.waitsIn, s.waitsOut, s.lentTo])
      for (const i of list) {
        const w = this.state.model.waits[i]!;
        if (!w.items || this.waitItem[i]! >= 0 || !this.state.placed[w.from] || !this.state.placed[w.to]) continue;
        if (!this.state.taken(w)) continue;
        const items = this.roomsFor(w);
        if (!items) continue;
        const item = this.storageFor(
          step,
          items,
          this.state.end(w.from),
          this.state.start[w.to]!,
          w.units,
          w.past,
          prefer,
          prefer.wait?.(i) ?? -1,
        );
        if (item < 0) return false;
        this.storeWait(i, item);
      }
    for (const i of s.holds) {
      const h = this.state.model.holds[i]!;
      if (this.holdItem[i]! >= 0 || !this.state.placed[h.from] || !this.state.placed[h.until] || !this.state.taken(h))
        continue;
      const past = this.state.model.steps[h.from]!.fixed === FACT && this.state.model.steps[h.until]!.fixed === FACT;
      const item = this.storageFor(
        step,
        h.items,
        this.state.start[h.from]!,
        this.state.end(h.until),
        h.units,
        past,
        prefer,
        prefer.hold?.(i) ?? -1,
      );
      if (item < 0) return false;
      this.storeHold(i, item);
    }
    return true;
  }

  /** The rooms in which a wait may lie; null as long as the step is not placed in whose item it has to. */
  roomsFor(w: WaitModel): number[] | null {
    if (w.sameAs < 0 || !w.items) return w.items;
    // A step that does not exist has no item to lie in: all that is asked of such a wait lies in the first there is.
    if (!this.state.exists(w.sameAs)) return w.items.slice(0, 1);
    if (!this.state.placed[w.sameAs]) return null;
    return this.state.stepItems[w.sameAs]!.map((i) => i + w.offset).filter((i) => w.items!.includes(i));
  }

  /**
   * Gives the storage of a group's placed steps to the routes as they are now: facts stay whatever the route, but what lies
   * between them may not. False, with some of it done, where there is no room.
   */
  takeRoutes(group: Group, prefer: Preference): boolean {
    for (const i of group.waits)
      if (this.waitItem[i]! >= 0 && !this.state.taken(this.state.model.waits[i]!)) this.freeWait(i);
    for (const i of group.holds)
      if (this.holdItem[i]! >= 0 && !this.state.taken(this.state.model.holds[i]!)) this.freeHold(i);
    return group.steps.every((s) => !this.state.placed[s] || this.take(s, prefer));
  }

  /** The item that is wanted first, or else the best one with room, or −1. What already happened has an item, room or not. */
  private storageFor(
    step: number,
    items: number[],
    start: number,
    end: number,
    units: number,
    past: boolean,
    prefer: Preference,
    first: number,
  ): number {
    if (first >= 0 && items.includes(first) && this.rooms[first]!.free(start, end, units)) return first;
    let best = -1;
    let bestRank = Infinity;
    for (const item of items) {
      const rank = item < this.state.model.problem.equipment.length ? prefer.item(step, item) : item;
      if (rank < bestRank && this.rooms[item]!.free(start, end, units)) {
        best = item;
        bestRank = rank;
      }
    }
    return best < 0 && past ? (items[0] ?? -1) : best;
  }

  private freeWait(i: number): void {
    const item = this.waitItem[i]!;
    if (item < 0) return;
    const w = this.state.model.waits[i]!;
    this.rooms[item]!.add(this.state.end(w.from), this.state.start[w.to]!, -w.units);
    this.waitItem[i] = -1;
  }

  private freeHold(i: number): void {
    const item = this.holdItem[i]!;
    if (item < 0) return;
    const h = this.state.model.holds[i]!;
    this.rooms[item]!.add(this.state.start[h.from]!, this.state.end(h.until), -h.units);
    this.holdItem[i] = -1;
  }

  storeWait(i: number, item: number): void {
    const w = this.state.model.waits[i]!;
    this.waitItem[i] = item;
    this.rooms[item]!.add(this.state.end(w.from), this.state.start[w.to]!, w.units);
  }

  storeHold(i: number, item: number): void {
    const h = this.state.model.holds[i]!;
    this.holdItem[i] = item;
    this.rooms[item]!.add(this.state.start[h.from]!, this.state.end(h.until), h.units);
  }

  /** Takes all that a step's waits and holds keep busy back. */
  free(step: number): void {
    const { waitsIn, waitsOut, lentTo, holds } = this.state.model.steps[step]!;
    for (const list of [waitsIn, waitsOut, lentTo]) for (const i of list) this.freeWait(i);
    for (const i of holds) this.freeHold(i);
  }

  record(step: number): Pick<StepRecord, 'waitItems' | 'holdItems'> {
    const { waitsIn, waitsOut, lentTo, holds } = this.state.model.steps[step]!;
    const waitItems: [number, number][] = [];
    const holdItems: [number, number][] = [];
    for (const list of [waitsIn, waitsOut, lentTo])
      for (const i of list) if (this.waitItem[i]! >= 0) waitItems.push([i, this.waitItem[i]!]);
    for (const i of holds) if (this.holdItem[i]! >= 0) holdItems.push([i, this.holdItem[i]!]);
    return { waitItems, holdItems };
  }

  /** As it was recorded, for a group whose steps are where they were. */
  restore(group: Group, { waitItems, holdItems }: GroupRecord): void {
    group.waits.forEach((w, i) => {
      if (waitItems[i]! < 0) this.freeWait(w);
      else if (this.waitItem[w]! < 0) this.storeWait(w, waitItems[i]!);
    });
    group.holds.forEach((h, i) => {
      if (holdItems[i]! < 0) this.freeHold(h);
      else if (this.holdItem[h]! < 0) this.storeHold(h, holdItems[i]!);
    });
  }
}

/** There is room for any number of waits while somebody is on shift, and for none while nobody is. */
function whileSomebodyIsThere({ attended, waits }: Model): LoadProfile {
  const profile = new LoadProfile(waits.length);
  let nobodySince = LONG_AGO;
  for (const [start, end] of attended) {
    profile.add(nobodySince, start, waits.length);
    nobodySince = end;
  }
  profile.add(nobodySince, FAR_OFF, waits.length);
  return profile;
}
