import type { Model } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { combinations } from './routes';

/** Takes the choices and places the fixed steps that exist under them. False if one of them does not fit. */
export function takeRoutes(table: Timetable, group: Group, choices: number[], prefer: Preference): boolean {
  group.routes.forEach((route, i) => (table.choice[route] = choices[i]!));
  for (const s of group.steps) if (table.placed[s] && !table.exists(s)) table.remove(s);
  return placeFixed(table, group, prefer) < 0;
}

/** Puts every fixed step of a group that exists where the problem says. Returns the first that does not fit, or −1. */
function placeFixed(table: Timetable, group: Group, prefer: Preference): number {
  for (const s of group.steps) {
    if (table.model.steps[s]!.fixed === FREE || table.placed[s] || !table.exists(s)) continue;
    if (table.placeFixed(s, prefer)) continue;
    if (table.placed[s]) table.remove(s);
    return s;
  }
  return -1;
}

/** An empty timetable with all that is done, running or pinned in it. Orders whose pinned steps clash are left out. */
export function timetableOfFixed(model: Model, prefer: Preference): { table: Timetable; impossible: number } {
  const table = new Timetable(model);
  for (const group of model.groups) {
    const [first] = combinations(table, group);
    group.routes.forEach((route, i) => (table.choice[route] = first![i]!));
    for (;;) {
      const clash = placeFixed(table, group, prefer);
      if (clash < 0) break;
      const order = model.steps[clash]!.order;
      if (order < 0) return { table, impossible: clash };
      table.leftOut[order] = 1;
      for (const s of group.steps) if (model.steps[s]!.order === order) table.remove(s);
    }
  }
  return { table, impossible: -1 };
}
