import { Complaints } from './complaints';

export type Fields = Record<string, unknown>;

export type Listed = Map<string, Fields>;

export const WORKS = ['hands', 'oven', 'machine', 'collect'];

export const STATES = ['done', 'running', 'pinned'];

/** What the team can do and the equipment can hold, to tell a step that could never be done. */
export class Kitchen {
  constructor(
    readonly people: Listed,
    readonly equipment: Listed,
  ) {}

  withSkill(skill: string | null): number {
    let count = 0;
    for (const p of this.people.values())
      if (skill === null || (Array.isArray(p.skills) && p.skills.includes(skill))) count += 1;
    return count;
  }

  mostUnits(kind: string): number {
    let most = 0;
    for (const e of this.equipment.values())
      if (e.kind === kind && typeof e.units === 'number') most = Math.max(most, e.units);
    return most;
  }

  checkUnits(c: Complaints, kind: unknown, units: unknown, path: string, least: number): void {
    const name = c.text(kind, `${path}.kind`, 'The kind of equipment');
    const wanted = c.whole(units, `${path}.units`, 'The number of units', least);
    this.checkRoom(c, name, wanted, path);
  }

  checkRoom(c: Complaints, kind: string, units: number, path: string): void {
    if (kind === '') return;
    const most = this.mostUnits(kind);
    if (most === 0) c.say(path, `The kitchen has no ${kind}.`);
    else if (units > most) c.say(path, `This takes ${units} of “${kind}” at once, and there are ${most}.`);
  }
}

export function readWhen(c: Complaints, value: unknown, path: string, routes: Listed): void {
  if (value === undefined || value === null) return;
  const when = c.record(value, path);
  if (!when) return;
  const route = routes.get(String(when.route));
  if (!route) c.say(`${path}.route`, `There is no route “${String(when.route)}”.`);
  else if (!Array.isArray(route.choices) || !route.choices.includes(when.choice))
    c.say(`${path}.choice`, `The route “${String(when.route)}” has no choice “${String(when.choice)}”.`);
}
