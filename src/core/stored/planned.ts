import { Type } from '@sinclair/typebox';
import type { Plan } from '../planning-format/plan';
import type { Equipment, Hold, Order, Placed, Problem, Step, StepMinutes, Wait } from '../planning-format/problem';
import type { Margins } from '../situation/free-minutes';
import type { ReadyTime } from '../planner/answers/ready-times';
import { codec, describes } from './codec';
import { byName, flag, list, maybe, number, oneOf, optional, routeChoice, span, text, uses } from './shapes';

/** A plan with the problem that it solves, when each order could be ready, and the waits that were overstepped. */
export interface Planned {
  problem: Problem;
  plan: Plan;
  ready: ReadyTime[];
  stood: string[];
  /** How many times the minutes that are reckoned are kept free before each order leaves, by its id. */
  margins: Margins;
}

const placed = describes<Placed>()(
  Type.Object({
    start: number,
    end: number,
    people: list(text),
    equipment: list(text),
    state: oneOf(['done', 'running', 'pinned']),
  }),
);

const stepMinutes = describes<StepMinutes>()(
  Type.Object({ low: number, likely: number, high: number, planned: optional(number) }),
);

export const stepFields = {
  name: text,
  work: oneOf(['hands', 'oven', 'machine', 'collect']),
  minutes: stepMinutes,
  people: maybe(Type.Object({ count: number, skill: maybe(text) })),
  uses,
  oven: maybe(Type.Object({ celsius: number, units: number })),
  earliest: maybe(number),
  when: optional(routeChoice),
  placed: optional(placed),
};
const step = describes<Step>()(Type.Object({ id: text, order: maybe(text), ...stepFields }));

export const wait = describes<Wait>()(
  Type.Object({
    id: text,
    from: text,
    to: text,
    min: number,
    max: maybe(number),
    place: maybe(text),
    units: number,
    ageing: number,
    wish: optional(Type.Object({ least: number, cost: number })),
    attended: optional(flag),
    sameItemAs: optional(text),
    heat: optional(oneOf(['off'])),
    why: text,
    when: optional(routeChoice),
  }),
);
export const hold = describes<Hold>()(
  Type.Object({ id: text, kind: text, units: number, from: text, until: text, when: optional(routeChoice) }),
);
export const route = Type.Object({ id: text, choices: list(text), cost: optional(byName(number)) });

const equipment = describes<Equipment>()(
  Type.Object({
    id: text,
    kind: text,
    units: number,
    heatRate: optional(number),
    coolRate: optional(number),
    closed: optional(list(span)),
  }),
);
const order = describes<Order>()(Type.Object({ id: text, name: text, pickup: number, weight: number, collect: text }));

const problem = describes<Problem>()(
  Type.Object({
    format: Type.Literal('zest-ladder/problem'),
    version: Type.Literal(1),
    origin: text,
    horizon: number,
    now: number,
    people: list(Type.Object({ id: text, name: text, skills: list(text), shifts: list(span) })),
    equipment: list(equipment),
    orders: list(order),
    steps: list(step),
    waits: list(wait),
    holds: list(hold),
    routes: list(route),
  }),
);

const taken = list(Type.Object({ id: text, equipment: text }));
const plan = describes<Plan>()(
  Type.Object({
    format: Type.Literal('zest-ladder/plan'),
    version: Type.Literal(1),
    problem: maybe(text),
    status: oneOf(['complete', 'late', 'partial']),
    routes: byName(text),
    steps: list(Type.Object({ id: text, start: number, end: number, people: list(text), equipment: list(text) })),
    waits: taken,
    holds: taken,
    unplaced: list(Type.Object({ order: text, reason: text, blockers: list(text) })),
    score: Type.Object({ unplaced: number, lateness: number, ageing: number, ovenChanges: number, cost: number }),
    bound: Type.Object({ cost: maybe(number) }),
    seconds: number,
  }),
);

const ready = describes<ReadyTime>()(
  Type.Object({
    order: text,
    ready: maybe(number),
    chain: list(Type.Object({ step: text, start: number, end: number })),
  }),
);

/** The two planning documents in it are of the open format, and carry their own versions. */
export const plannedCodec = codec<Planned>()({
  format: 'zest-ladder/planned',
  schema: Type.Object({ problem, plan, ready: list(ready), stood: list(text), margins: byName(number) }),
  migrations: [(v0) => v0, (v1) => ({ ...v1, margins: {} })],
});
