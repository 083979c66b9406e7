import type { Breaches } from './breaches';
import type { Gap } from './gaps';
import type { Use } from './items';
import type { Reading } from './reading';

const loadsIn = (uses: Use[]) =>
  uses.filter((u) => u.celsius !== null).sort((a, b) => a.start - b.start || a.end - b.end);

/** Rule 6: one temperature at a time, time to heat or cool between two, and no load in an oven that is off. */
export function checkOvens(uses: Map<string, Use[]>, gaps: Gap[], reading: Reading, breaches: Breaches): void {
  for (const [item, list] of uses) {
    const { kind, heatRate, coolRate } = reading.equipment.get(item)!;
    if (kind !== 'oven') continue;
    const loads = loadsIn(list);
    loads.forEach((first, i) =>
      loads.slice(i + 1).forEach((later) => {
        const rise = later.celsius! - first.celsius!;
        if (rise === 0 || (first.fact && later.fact)) return;
        const needed = Math.ceil(Math.abs(rise) / (rise > 0 ? heatRate! : coolRate!));
        if (later.start - first.end < needed)
          breaches.say(
            6,
            `${item}: ${later.what} starts ${later.start - first.end} min after ${first.what}, not ${needed}`,
          );
      }),
    );
  }
  const items = new Map(reading.plan.waits.map((w) => [w.id, w.equipment]));
  for (const { wait, start, end, fact } of gaps) {
    if (wait.heat !== 'off') continue;
    for (const load of loadsIn(uses.get(items.get(wait.id) ?? '') ?? []))
      if (!(fact && load.fact) && load.start < end && start < load.end)
        breaches.say(6, `${load.what} is baked while wait ${wait.id} has the oven off`);
  }
}

/** Pairs of neighbouring loads in one oven at different temperatures. */
export function ovenChangesIn(uses: Map<string, Use[]>): number {
  let changes = 0;
  for (const list of uses.values())
    loadsIn(list).forEach((load, i, loads) => {
      if (i > 0 && load.celsius !== loads[i - 1]!.celsius) changes += 1;
    });
  return changes;
}
