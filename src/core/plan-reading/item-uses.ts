import type { PlanReading } from './plan-reading';

/** A stretch for which so many units of an item are in use. Minutes. */
export interface ItemUse {
  start: number;
  end: number;
  units: number;
}

/** Every stretch for which an item is in use: by a step, a hold, or what waits on it. */
export function itemUses(reading: PlanReading): Map<string, ItemUse[]> {
  const { problem } = reading;
  const uses = new Map<string, ItemUse[]>();
  const take = (item: string, start: number, end: number, units: number) => {
    if (end <= start) return;
    const known = uses.get(item);
    if (known) known.push({ start, end, units });
    else uses.set(item, [{ start, end, units }]);
  };
  for (const s of problem.steps) {
    const planned = reading.planned(s.id);
    planned?.equipment.forEach((item, i) =>
      take(item, planned.start, planned.end, s.uses[i]?.units ?? s.oven?.units ?? 1),
    );
  }
  for (const { wait, from, to } of reading.waits) {
    const item = reading.itemOfWait(wait.id);
    if (item) take(item, from.end, to.start, wait.units);
  }
  for (const h of problem.holds) {
    const [item, from, until] = [reading.itemOfHold(h.id), reading.planned(h.from), reading.planned(h.until)];
    if (item && from && until) take(item, from.start, until.end, h.units);
  }
  return uses;
}
