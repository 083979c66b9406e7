import { Complaints } from './complaints';
import { checkCycles } from './check-cycles';
import { OptionalFields } from './optional-fields';
import { OVEN, type Problem } from './problem';
import type { Complaint } from './complaint';
import { StepReader } from './read-step';
import { type Fields, type Listed, Kitchen, readWhen } from './read-parts';

export type ReadProblem = { ok: true; problem: Problem } | { ok: false; problems: Complaint[] };

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
