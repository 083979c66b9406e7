import { COST_OF_LATE_MINUTE } from './plan';
import { groupCost } from './cost';
import { FREE, type Group } from './model';
import { nextEarlier, nextLater } from './slot';
import type { Preference, Timetable } from './timetable';

/** Blocks that are looked at before a group is left as it is. */
const MOST_TRIES = 60;

/**
 * Moves blocks of steps of one group as one piece, where that costs less: a step with all that its shortest and longest waits
 * carry along. Single moves (`polish`) end where two steps hold each other; the cost is linear in the starts as long as the
 * sequence stands, so steepest descent by blocks goes on from there (Murota, Discrete Convex Analysis, 2003, ch. 10).
 */
export function moveBlocks(table: Timetable, group: Group, prefer: Preference): number {
  let cost = groupCost(table, group);
  const free = group.steps.filter((s) => table.placed[s] && table.model.steps[s]!.fixed === FREE);
  let tries = 0;
  for (let moved = true; moved;) {
    moved = false;
    for (const late of [true, false])
      for (const seed of free) {
        const block = blockOf(table, seed, late);
        if (!block || block.length < 2 || gainOf(table, block) * (late ? 1 : -1) >= -1e-9) continue;
        if (tries++ > MOST_TRIES) return cost;
        const before = table.record(group);
        if (shift(table, block, late, prefer)) {
          const after = groupCost(table, group);
          if (after < cost - 1e-9) {
            cost = after;
            moved = true;
            continue;
          }
        }
        for (const s of block) table.remove(s);
        table.restore(group, before);
      }
  }
  return cost;
}

/** The step and all that has to move with it by a minute; null if something that stands would have to. */
function blockOf(table: Timetable, seed: number, late: boolean): number[] | null {
  const { steps, waits } = table.model;
  const block = [seed];
  const known = new Set(block);
  for (const s of block) {
    if (steps[s]!.fixed !== FREE) return null;
    const add = (t: number) => {
      if (!known.has(t)) {
        known.add(t);
        block.push(t);
      }
    };
    for (const i of steps[s]!.waitsIn) {
      const w = waits[i]!;
      if (!table.waitExists(w) || !table.placed[w.from]) continue;
      const gap = table.start[s]! - table.end(w.from);
      if (late ? gap >= w.max : gap <= w.min) add(w.from);
    }
    for (const i of steps[s]!.waitsOut) {
      const w = waits[i]!;
      if (!table.waitExists(w) || !table.placed[w.to]) continue;
      const gap = table.start[w.to]! - table.end(s);
      if (late ? gap <= w.min : gap >= w.max) add(w.to);
    }
  }
  return block;
}

/** What a minute later of the whole block costs. */
function gainOf(table: Timetable, block: number[]): number {
  const { model } = table;
  const inside = new Set(block);
  let slope = 0;
  for (const s of block) {
    const step = model.steps[s]!;
    for (const i of step.waitsIn) {
      const w = model.waits[i]!;
      if (!inside.has(w.from) && table.waitExists(w) && table.placed[w.from]) slope += w.ageing;
    }
    for (const i of step.waitsOut) {
      const w = model.waits[i]!;
      if (!inside.has(w.to) && table.waitExists(w) && table.placed[w.to]) slope -= w.ageing;
    }
    if (step.work === 'collect') slope += COST_OF_LATE_MINUTE * model.problem.orders[step.order]!.weight;
  }
  return slope;
}

/** Takes the block out and puts it back as far away as its waits, hands and things let it go, all by the same minutes. */
function shift(table: Timetable, block: number[], late: boolean, prefer: Preference): boolean {
  const { model } = table;
  const inside = new Set(block);
  let most = Infinity;
  for (const s of block) {
    const step = model.steps[s]!;
    const room = late ? model.problem.horizon - table.end(s) : table.start[s]! - step.earliest;
    most = Math.min(most, room);
    if (step.work === 'collect' && !late)
      most = Math.min(most, table.start[s]! - model.problem.orders[step.order]!.pickup);
    for (const i of step.waitsIn) {
      const w = model.waits[i]!;
      if (inside.has(w.from) || !table.waitExists(w) || !table.placed[w.from]) continue;
      const gap = table.start[s]! - table.end(w.from);
      most = Math.min(most, late ? w.max - gap : gap - w.min);
    }
    for (const i of step.waitsOut) {
      const w = model.waits[i]!;
      if (inside.has(w.to) || !table.waitExists(w) || !table.placed[w.to]) continue;
      const gap = table.start[w.to]! - table.end(s);
      most = Math.min(most, late ? gap - w.min : w.max - gap);
    }
  }
  const was = block.map((s) => table.start[s]!);
  for (const s of block) table.remove(s);
  // Each conflict only shortens the way, until all agree.
  for (let before = Infinity; most > 0 && most !== before;) {
    before = most;
    block.forEach((s, k) => {
      if (most <= 0) return;
      const at = late ? nextEarlier(table, s, was[k]! + most) : nextLater(table, s, was[k]! - most);
      most = Math.min(most, late ? at - was[k]! : was[k]! - at);
    });
  }
  if (most <= 0) return false;
  return block.every((s, k) => table.place(s, was[k]! + (late ? most : -most), prefer));
}
