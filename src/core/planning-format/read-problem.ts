import { Complaints } from './complaints';
import { checkCycles } from './check-cycles';
import { OptionalFields } from './optional-fields';
import { OVEN, type Problem, type Step } from './problem';
import type { Complaint } from './complaint';

export type ReadProblem = { ok: true; problem: Problem } | { ok: false; problems: Complaint[] };

type Fields = Record<string, unknown>;
type Listed = Map<string, Fields>;

const WORKS = ['hands', 'oven', 'machine', 'collect'];
const STATES = ['done', 'running', 'pinned'];
const ISO_WITH_OFFSET = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})$/;

/**
 * Checks that an untyped value is a problem of version 1 that can be planned at all, and returns it as one.
 * Otherwise returns everything that is wrong with it, each with its path, in words that a baker understands.
 */
export function readProblem(value: unknown): ReadProblem {
  const c = new Complaints();
  const root = c.record(value, '');
  if (!root) return { ok: false, problems: c.list };
  if (root.format !== 'zest-ladder/problem')
    c.say('format', 'This is not a planning problem: format must be “zest-ladder/problem”.');
  if (root.version !== 1) c.say('version', 'Only version 1 of the format can be read.');
  if (typeof root.origin !== 'string' || !ISO_WITH_OFFSET.test(root.origin) || Number.isNaN(Date.parse(root.origin)))
    c.say('origin', 'The origin must be an ISO 8601 instant with its offset, as 2027-03-01T00:00:00+00:00.');
  const horizon = c.whole(root.horizon, 'horizon', 'The horizon', 0);
  const now = c.whole(root.now, 'now', 'Now');
  if (now > horizon) c.say('now', `Now (${now}) lies after the horizon (${horizon}): there is no time to plan.`);

  const people = listed(c, root.people, 'people');
  const equipment = listed(c, root.equipment, 'equipment');
  const orders = listed(c, root.orders, 'orders');
  const steps = listed(c, root.steps, 'steps');
  const routes = listed(c, root.routes ?? [], 'routes');
  const kitchen = new Kitchen(people, equipment);
  const optional = new OptionalFields(c);

  readPeople(c, people, optional);
  readEquipment(c, equipment);
  readRoutes(c, routes, optional);
  readOrders(c, orders, steps);
  each(steps, 'steps', (s, path) => new StepReader(c, s, path, kitchen, orders, routes, optional).read());
  const waits = listed(c, root.waits, 'waits');
  const holds = listed(c, root.holds, 'holds');
  each(waits, 'waits', (w, path) => {
    readWait(c, w, path, steps, routes, kitchen);
    optional.wait(w, path, steps);
  });
  each(holds, 'holds', (h, path) => readHold(c, h, path, steps, routes, kitchen));

  if (c.list.length === 0) optional.refuseUsed();
  if (c.list.length > 0) return { ok: false, problems: c.list };
  const problem = { ...root, routes: root.routes ?? [] } as unknown as Problem;
  checkCycles(c, problem);
  return c.list.length > 0 ? { ok: false, problems: c.list } : { ok: true, problem };
}

/** The entries of a list by id, with a complaint for each that has none, or one that is taken. */
function listed(c: Complaints, value: unknown, path: string): Listed {
  const byId: Listed = new Map();
  c.array(value, path).forEach((entry, i) => {
    const fields = c.record(entry, `${path}[${i}]`);
    // Unreadable entries keep their place under a key no reference can name, so that paths stay right.
    if (!fields) return void byId.set(`\u0000${i}`, {});
    const id = c.text(fields.id, `${path}[${i}].id`, 'The id');
    if (byId.has(id)) c.say(`${path}[${i}].id`, `The id “${id}” is used twice.`);
    byId.set(byId.has(id) || id === '' ? `\u0000${i}` : id, fields);
  });
  return byId;
}

function each(list: Listed, path: string, visit: (fields: Fields, path: string) => void): void {
  let i = 0;
  for (const [id, fields] of list) {
    if (!id.startsWith('\u0000') || Object.keys(fields).length > 0) visit(fields, `${path}[${i}]`);
    i += 1;
  }
}

/** What the team can do and the equipment can hold, to tell a step that could never be done. */
class Kitchen {
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
    else if (units > most) c.say(path, `This needs ${units} units of one ${kind}, and the largest has ${most}.`);
  }
}

function readPeople(c: Complaints, people: Listed, optional: OptionalFields): void {
  each(people, 'people', (p, path) => {
    c.text(p.name, `${path}.name`, 'The name');
    c.array(p.skills, `${path}.skills`).forEach((s, i) => c.text(s, `${path}.skills[${i}]`, 'A skill'));
    c.spans(p.shifts, `${path}.shifts`, 'The shift');
    optional.pace(p, path);
  });
}

function readEquipment(c: Complaints, equipment: Listed): void {
  each(equipment, 'equipment', (e, path) => {
    const kind = c.text(e.kind, `${path}.kind`, 'The kind');
    c.whole(e.units, `${path}.units`, 'The number of units', 0);
    if (e.closed !== undefined && e.closed !== null) c.spans(e.closed, `${path}.closed`, 'The closed time');
    if (kind !== OVEN) return;
    c.amount(e.heatRate, `${path}.heatRate`, 'How fast the oven heats (°C per minute)', true);
    c.amount(e.coolRate, `${path}.coolRate`, 'How fast the oven cools (°C per minute)', true);
  });
}

function readRoutes(c: Complaints, routes: Listed, optional: OptionalFields): void {
  each(routes, 'routes', (r, path) => {
    const choices = c.array(r.choices, `${path}.choices`);
    if (choices.length === 0) c.say(`${path}.choices`, 'A route needs at least one choice.');
    choices.forEach((x, i) => c.text(x, `${path}.choices[${i}]`, 'A choice'));
    if (new Set(choices).size < choices.length) c.say(`${path}.choices`, 'A choice is named twice.');
    optional.routeCost(r, path);
  });
}

function readOrders(c: Complaints, orders: Listed, steps: Listed): void {
  each(orders, 'orders', (o, path) => {
    c.text(o.name, `${path}.name`, 'The name');
    c.whole(o.pickup, `${path}.pickup`, 'The pickup');
    c.amount(o.weight, `${path}.weight`, 'The weight');
    const collect = c.text(o.collect, `${path}.collect`, 'The hand-over step');
    const step = steps.get(collect);
    if (collect !== '' && !step) c.say(`${path}.collect`, `There is no step “${collect}”.`);
    else if (step && step.work !== 'collect')
      c.say(`${path}.collect`, `The step “${collect}” is not a hand-over (its work is not “collect”).`);
    else if (step && step.order !== o.id)
      c.say(`${path}.collect`, `The step “${collect}” does not belong to this order.`);
  });
}

function readWhen(c: Complaints, value: unknown, path: string, routes: Listed): void {
  if (value === undefined || value === null) return;
  const when = c.record(value, path);
  if (!when) return;
  const route = routes.get(String(when.route));
  if (!route) c.say(`${path}.route`, `There is no route “${String(when.route)}”.`);
  else if (!Array.isArray(route.choices) || !route.choices.includes(when.choice))
    c.say(`${path}.choice`, `The route “${String(when.route)}” has no choice “${String(when.choice)}”.`);
}

function knownStep(c: Complaints, id: unknown, path: string, steps: Listed): void {
  if (typeof id !== 'string' || !steps.has(id)) c.say(path, `There is no step “${String(id)}”.`);
}

function readWait(c: Complaints, w: Fields, path: string, steps: Listed, routes: Listed, kitchen: Kitchen): void {
  knownStep(c, w.from, `${path}.from`, steps);
  knownStep(c, w.to, `${path}.to`, steps);
  if (w.from === w.to) c.say(path, 'A wait leads from one step to another, not to itself.');
  const before = c.list.length;
  const min = c.whole(w.min, `${path}.min`, 'The shortest wait');
  if (w.max !== null && w.max !== undefined) {
    const max = c.whole(w.max, `${path}.max`, 'The longest wait');
    if (c.list.length === before && min > max)
      c.say(path, `The shortest wait (${min} min) is longer than the longest (${max} min).`);
  }
  if (w.place !== null && w.place !== undefined) {
    const place = c.text(w.place, `${path}.place`, 'The place');
    kitchen.checkRoom(c, place, c.whole(w.units, `${path}.units`, 'The number of units', 0), path);
  }
  c.amount(w.ageing, `${path}.ageing`, 'The cost of ageing');
  readWhen(c, w.when, `${path}.when`, routes);
}

function readHold(c: Complaints, h: Fields, path: string, steps: Listed, routes: Listed, kitchen: Kitchen): void {
  knownStep(c, h.from, `${path}.from`, steps);
  knownStep(c, h.until, `${path}.until`, steps);
  kitchen.checkUnits(c, h.kind, h.units, path, 0);
  readWhen(c, h.when, `${path}.when`, routes);
}

/** Reads one step with everything it refers to. */
class StepReader {
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
    const { likely } = (s.minutes ?? {}) as Partial<Step['minutes']>;
    if (likely !== undefined && likely !== 0) c.say(`${path}.minutes`, 'A hand-over takes 0 minutes.');
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
    this.placedEquipment(c.array(placed.equipment, `${path}.equipment`), path);
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
