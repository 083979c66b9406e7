import { Complaints } from './complaints';
import { OptionalFields } from './optional-fields';
import type { Step } from './problem';
import { type Fields, type Listed, WORKS, STATES, Kitchen, readWhen } from './read-parts';

/** Reads one step with everything it refers to. */
export class StepReader {
  constructor(
    private readonly c: Complaints,
    private readonly s: Fields,
    private readonly path: string,
    private readonly kitchen: Kitchen,
    private readonly orders: Listed,
    private readonly routes: Listed,
    private readonly optional: OptionalFields,
  ) {}

  read(): void {
    const { c, s, path } = this;
    c.text(s.name, `${path}.name`, 'The name');
    if (s.order !== null && !(typeof s.order === 'string' && this.orders.has(s.order)))
      c.say(`${path}.order`, `There is no order “${String(s.order)}”.`);
    if (typeof s.work !== 'string' || !WORKS.includes(s.work)) {
      c.say(`${path}.work`, `Work is one of ${WORKS.join(', ')}.`);
      return;
    }
    this.optional.risingMinutes(s.minutes, `${path}.minutes`);
    this.crew();
    this.equipment();
    if (s.earliest !== null && s.earliest !== undefined) c.whole(s.earliest, `${path}.earliest`, 'The earliest start');
    readWhen(c, s.when, `${path}.when`, this.routes);
    if (s.work === 'collect') this.collect();
    if (s.placed !== undefined && s.placed !== null) this.placed();
  }

  private crew(): void {
    const { c, s, path } = this;
    if (s.work !== 'hands') {
      if (s.people !== null && s.people !== undefined) c.say(`${path}.people`, 'Only work of hands takes people.');
      return;
    }
    const people = c.record(s.people, `${path}.people`);
    if (!people) return;
    const count = c.whole(people.count, `${path}.people.count`, 'The number of people', 1);
    const skill = people.skill ?? null;
    if (skill !== null && typeof skill !== 'string') {
      c.say(`${path}.people.skill`, 'A skill is a text, or null for anyone.');
      return;
    }
    const able = this.kitchen.withSkill(skill);
    if (able >= count) return;
    const who = able === 0 ? 'nobody' : `only ${able}`;
    const what = skill === null ? 'on the team' : `on the team with the skill “${skill}”`;
    c.say(`${path}.people`, `“${String(s.name)}” needs ${count}, and there is ${who} ${what}.`);
  }

  private equipment(): void {
    const { c, s, path, kitchen } = this;
    c.array(s.uses, `${path}.uses`).forEach((u, i) => {
      const use = c.record(u, `${path}.uses[${i}]`);
      if (use) kitchen.checkUnits(c, use.kind, use.units, `${path}.uses[${i}]`, 0);
    });
    if (s.work !== 'oven') {
      if (s.oven !== null && s.oven !== undefined) c.say(`${path}.oven`, 'Only oven work has an oven.');
      return;
    }
    const oven = c.record(s.oven, `${path}.oven`);
    if (!oven) return;
    if (typeof oven.celsius !== 'number' || !Number.isFinite(oven.celsius))
      c.say(`${path}.oven.celsius`, 'The oven needs its temperature in °C.');
    kitchen.checkRoom(
      c,
      'oven',
      c.whole(oven.units, `${path}.oven.units`, 'The number of deck slots', 0),
      `${path}.oven`,
    );
    this.optional.ovenChoices(oven, `${path}.oven`, kitchen.equipment);
  }

  private collect(): void {
    const { c, s, path } = this;
    const order = typeof s.order === 'string' ? this.orders.get(s.order) : undefined;
    if (!order || order.collect !== s.id)
      c.say(path, `“${String(s.name)}” is a hand-over, but no order names it as its own.`);
    const { likely, planned } = (s.minutes ?? {}) as Partial<Step['minutes']>;
    if (likely !== undefined && (planned ?? likely) !== 0) c.say(`${path}.minutes`, 'A hand-over takes 0 minutes.');
  }

  private placed(): void {
    const { c, s, kitchen } = this;
    const path = `${this.path}.placed`;
    const placed = c.record(s.placed, path);
    if (!placed) return;
    if (!STATES.includes(String(placed.state))) c.say(`${path}.state`, `The state is one of ${STATES.join(', ')}.`);
    const start = c.whole(placed.start, `${path}.start`, 'The start');
    const end = c.whole(placed.end, `${path}.end`, 'The end');
    if (end < start) c.say(path, `It ends (${end}) before it starts (${start}).`);
    const people = c.array(placed.people, `${path}.people`);
    people.forEach((id, i) => {
      if (typeof id !== 'string' || !kitchen.people.has(id))
        c.say(`${path}.people[${i}]`, `There is nobody “${String(id)}”.`);
    });
    if (s.work !== 'hands' && people.length > 0) c.say(`${path}.people`, 'Nobody is named where nobody works by hand.');
    if (s.work === 'hands' && placed.state === 'pinned') this.pinnedCrew(people, path);
    const items = c.array(placed.equipment, `${path}.equipment`);
    this.placedEquipment(items, path);
    const { choices } = (s.oven ?? {}) as { choices?: unknown };
    if (placed.state !== 'pinned' || !Array.isArray(choices)) return;
    if (!choices.some((x) => (x as Fields | null)?.equipment === items.at(-1)))
      c.say(`${path}.equipment`, `It may not be baked in “${String(items.at(-1))}”.`);
  }

  private pinnedCrew(people: unknown[], path: string): void {
    const wanted = (this.s.people ?? {}) as { count?: number; skill?: string | null };
    if (new Set(people).size !== people.length || people.length !== wanted.count)
      this.c.say(`${path}.people`, `A pinned step names each of its ${String(wanted.count)} people once.`);
    for (const id of people) {
      const skills = this.kitchen.people.get(String(id))?.skills;
      if (wanted.skill && Array.isArray(skills) && !skills.includes(wanted.skill))
        this.c.say(`${path}.people`, `“${String(id)}” lacks the skill “${wanted.skill}”.`);
    }
  }

  private placedEquipment(items: unknown[], path: string): void {
    const { c, s, kitchen } = this;
    const uses = Array.isArray(s.uses) ? (s.uses as Fields[]) : [];
    const kinds = [...uses.map((u) => u?.kind), ...(s.oven ? ['oven'] : [])];
    if (items.length !== kinds.length) {
      c.say(
        `${path}.equipment`,
        `It names ${items.length} items and needs ${kinds.length}, one for each use and then the oven.`,
      );
      return;
    }
    items.forEach((id, i) => {
      const item = typeof id === 'string' ? kitchen.equipment.get(id) : undefined;
      if (!item) c.say(`${path}.equipment[${i}]`, `There is no equipment “${String(id)}”.`);
      else if (item.kind !== kinds[i])
        c.say(`${path}.equipment[${i}]`, `“${String(id)}” is a ${String(item.kind)}, not a ${String(kinds[i])}.`);
    });
  }
}
