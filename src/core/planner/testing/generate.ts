import { lengthWith } from '../../planning-format/lengths';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import type { Span } from '../../time/spans';
import { seededRandom, type Random } from '../model/random';

export interface GenerateOptions {
  cakes: number;
  seed: number;
  days?: number;
  /** Chance that an order shares a batch with the one before. */
  batches?: number;
  /** Share of steps near the start that are done, running or pinned. */
  facts?: boolean;
  /** Some waits wish for more than their least, some work had rather not lie in the last hours, and some choices have a price. */
  wishes?: boolean;
  /** Some people are slower than others, some bakes are for some ovens only, somebody attends some waits, and some lie in an oven that is off. */
  ways?: boolean;
}

const DAY = 1440;

/**
 * Makes up a kitchen and its orders: layers with a tin held, a cooked or whipped filling, a set mousse by one of two
 * routes, a sugar piece made ahead, stacking, coats, decoration and a last chill. The same options give the same problem.
 */
export function generateProblem({
  cakes,
  seed,
  days = 5,
  batches = 0,
  facts = false,
  wishes = false,
  ways = false,
}: GenerateOptions): Problem {
  const random = seededRandom(seed * 7919 + cakes);
  const int = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const team = Math.max(4, Math.min(15, Math.ceil(cakes / 3) + 2));
  const problem: Problem = {
    format: 'zest-ladder/problem',
    version: 1,
    origin: '2027-03-01T00:00:00+00:00',
    horizon: days * DAY,
    now: facts ? int(500, 900) : 0,
    people: makeTeam(team, days, random),
    equipment: makeEquipment(Math.ceil(cakes / 8)),
    orders: [],
    steps: [],
    waits: [],
    holds: [],
    routes: [],
  };
  let batch: string | null = null;
  for (let i = 0; i < cakes; i++) {
    const maker = new CakeMaker(problem, `o${i + 1}`, random, int);
    const pickup = int(1, days - 1) * DAY + int(8, 18) * 60 + (random() < 0.1 ? -DAY : 0);
    batch = maker.make(Math.max(30, pickup), random() < batches ? batch : null, batches > 0);
  }
  if (ways) addWays(problem, random);
  if (facts) addFacts(problem, random);
  if (wishes) addWishes(problem, random);
  return problem;
}

function makeTeam(size: number, days: number, random: Random): Problem['people'] {
  const skills = [
    ['mix', 'bake'],
    ['mix', 'bake', 'fill'],
    ['fill', 'coat', 'pipe'],
    ['mix', 'fill', 'coat', 'pipe', 'sugar'],
  ];
  return Array.from({ length: size }, (_, i) => {
    const shifts: Span[] = [];
    for (let d = 0; d < days; d++) {
      if (i > 3 && random() < 0.25) continue;
      const start = d * DAY + (i % 2 === 0 ? 360 : 600);
      const rest = start + 220 + Math.floor(random() * 60);
      shifts.push([start, rest], [rest + (random() < 0.1 ? 0 : 30), start + 510]);
    }
    return { id: `p${i + 1}`, name: `Baker ${i + 1}`, skills: skills[i % 4]!, shifts };
  });
}

function makeEquipment(scale: number): Problem['equipment'] {
  const one = (id: string, kind: string, units: number) => ({ id, kind, units });
  const ovens = Array.from({ length: scale }, (_, i) => ({
    ...one(`oven-${i + 1}`, 'oven', 6),
    heatRate: 6,
    coolRate: 2.5,
    ...(i === 1 ? { closed: [[DAY + 600, DAY + 900]] as Span[] } : {}),
  }));
  const many = (kind: string, count: number, units: number) =>
    Array.from({ length: count }, (_, i) => one(`${kind}-${i + 1}`, kind, units));
  return [
    ...ovens,
    ...many('mixer', scale + 1, 1),
    ...many('hob', 1, 4),
    ...many('fridge', scale, 24),
    ...many('freezer', scale, 10),
    ...many('turntable', scale + 1, 1),
    one('tin', 'tin', 4 * scale),
    one('ring', 'ring', 2 * scale),
  ];
}

type Int = (low: number, high: number) => number;
type Rest = Partial<Step>;

class CakeMaker {
  private steps = 0;

  constructor(
    private readonly problem: Problem,
    private readonly order: string,
    private readonly random: Random,
    private readonly int: Int,
  ) {}

  make(pickup: number, shared: string | null, mayShare: boolean): string | null {
    const { problem, random, int, order } = this;
    const collect = this.step('Hand over', 'collect', 0);
    problem.orders.push({ id: order, name: `Cake ${order}`, pickup, weight: int(1, 4), collect });

    const stack = this.hands('Stack and fill', int(20, 50), 'fill', 'turntable');
    const mix = this.hands('Mix batter', int(10, 25), 'mix', 'mixer');
    const bake = this.step('Bake', 'oven', int(20, 60), {
      oven: { celsius: [150, 165, 175, 180, 200][int(0, 4)]!, units: int(1, 3) },
    });
    const turnOut = this.hands('Turn out', 5, 'bake');
    this.wait(mix, bake, 0, int(3, 15));
    this.wait(bake, turnOut, 5, int(10, 40));
    this.wait(turnOut, stack, int(60, 120), int(1440, 2880), random() < 0.5 ? 'fridge' : null, 1);
    problem.holds.push({ id: `h${problem.holds.length}`, kind: 'tin', units: int(1, 3), from: mix, until: turnOut });

    let batch = shared;
    if (shared) this.wait(shared, stack, 0, 4320, 'fridge', 1);
    else {
      const cook = this.hands('Cook the filling', int(10, 25), null, 'hob', mayShare);
      if (mayShare) batch = cook;
      this.wait(cook, stack, int(60, 240), 2880, 'fridge', 1);
    }
    if (random() < 0.35) this.mousse(stack);
    const coat = this.hands('Coat', int(15, 40), 'coat', 'turntable');
    this.wait(stack, coat, 30, 1080, 'fridge', 2);
    const decorate = this.hands('Decorate', int(15, 90), 'pipe', 'turntable');
    this.wait(coat, decorate, 20, 600, 'fridge', 2);
    if (random() < 0.3) {
      const sugar = this.hands('Pull sugar', int(30, 90), 'sugar', 'hob');
      this.wait(sugar, decorate, int(30, 600), 2880);
    }
    if (random() < 0.15) {
      const lift = this.hands('Lift the tiers', 10, null);
      problem.steps[problem.steps.length - 1]!.people!.count = 2;
      this.wait(decorate, lift, 0, 30);
      this.wait(lift, collect, 0, 600);
    }
    this.wait(decorate, collect, int(10, 60), 1080, 'fridge', 2);
    return batch;
  }

  private mousse(stack: string): void {
    const { problem, int } = this;
    const route = `r${problem.routes.length + 1}`;
    problem.routes.push({ id: route, choices: ['freezer', 'fridge'] });
    const pour = this.hands('Pour the mousse', int(15, 30), 'mix', 'mixer');
    const unmould = this.hands('Unmould', 10, null);
    const frozen = { route, choice: 'freezer' };
    this.wait(pour, unmould, int(180, 360), 10080, 'freezer', 1, frozen);
    this.wait(pour, unmould, int(400, 600), 1440, 'fridge', 2, { route, choice: 'fridge' });
    const thaw = this.step('Thaw', 'machine', int(30, 60), { when: frozen });
    this.wait(unmould, thaw, 0, 15, null, 0, frozen);
    this.wait(thaw, stack, 0, 240);
    this.wait(unmould, stack, 0, 900);
    problem.holds.push({ id: `h${problem.holds.length}`, kind: 'ring', units: 1, from: pour, until: unmould });
  }

  private step(name: string, work: Step['work'], likely: number, rest: Rest = {}): string {
    const id = `${this.order}-s${++this.steps}`;
    const minutes = { low: Math.floor(likely * 0.8), likely, high: Math.ceil(likely * 1.4) };
    this.problem.steps.push({
      ...{ id, name, order: this.order, work, minutes, people: null, uses: [], oven: null, earliest: null },
      ...rest,
    });
    return id;
  }

  private hands(name: string, likely: number, skill: string | null, kind?: string, shared = false): string {
    return this.step(name, 'hands', likely, {
      people: { count: 1, skill },
      uses: kind ? [{ kind, units: 1 }] : [],
      ...(shared ? { order: null } : {}),
    });
  }

  private wait(
    from: string,
    to: string,
    min: number,
    max: number | null,
    place: string | null = null,
    units = 0,
    when?: Wait['when'],
  ): void {
    const ageing = [0, 0.002, 0.01, 0.05][this.int(0, 3)]!;
    const id = `w${this.problem.waits.length + 1}`;
    this.problem.waits.push({ id, from, to, min, max, place, units, ageing, why: '', ...(when ? { when } : {}) });
  }
}

/** Declares some first steps done, running or pinned, not always in a way that the rest can live with. */
function addFacts(problem: Problem, random: Random): void {
  const begun = new Set(problem.waits.map((w) => w.to));
  for (const s of problem.steps) {
    if (begun.has(s.id) || s.work !== 'hands' || random() > 0.5) continue;
    const person = problem.people.find((p) => s.people!.skill === null || p.skills.includes(s.people!.skill));
    const likely = person ? lengthWith(s, [person], []) : 0;
    const equipment = s.uses.map((u) => problem.equipment.find((e) => e.kind === u.kind)!.id);
    if (!person) continue;
    const state = (['done', 'running', 'pinned'] as const)[Math.floor(random() * 3)]!;
    const start =
      state === 'pinned'
        ? problem.now + Math.floor(random() * 600)
        : problem.now - (state === 'done' ? 200 : 5) - Math.floor(random() * 100);
    const end = state === 'done' ? start + likely + 3 : Math.max(problem.now + 5, start + likely);
    s.placed = {
      start,
      end: state === 'pinned' ? start + likely : end,
      people: [person.id],
      equipment,
      state,
    };
  }
}

/** What differs by who does it, or in which oven; and what is asked of waits beside their place. */
function addWays(problem: Problem, random: Random): void {
  const drawn = <T>(list: T[]) => list[Math.floor(random() * list.length)]!;
  for (const p of problem.people)
    if (random() < 0.4) p.pace = Object.fromEntries(p.skills.map((s) => [s, drawn([0.8, 1, 1.3, 1.6, 2])]));
  const [first] = problem.equipment.filter((e) => e.kind === 'oven');
  const closed = first!.closed ?? [];
  problem.equipment.push({ ...first!, id: 'oven-small', units: 3, ...(closed.length > 0 ? { closed } : {}) });
  const ovens = problem.equipment.filter((e) => e.kind === 'oven');
  for (const s of problem.steps) {
    if (!s.oven || random() < 0.4) continue;
    const { celsius } = s.oven;
    const few = ovens.filter((o) => o.units >= s.oven!.units && random() < 0.8);
    if (few.length === 0) continue;
    s.oven.choices = few.map(({ id: equipment }) => {
      const more = drawn([0, 0, 5, 10]);
      const { low, likely, high } = s.minutes;
      return {
        equipment,
        celsius: celsius + drawn([0, 0, -15]),
        minutes: { low: low + more, likely: likely + more, high: high + more },
      };
    });
  }
  const bakes = new Map(problem.steps.filter((s) => s.oven).map((s) => [s.id, s]));
  for (const w of problem.waits) {
    if (w.min >= 60 && w.min < 300 && random() < 0.15) w.attended = true;
    const bake = bakes.get(w.from);
    if (!bake || w.place !== null || random() > 0.35) continue;
    // It dries on in there, over night as well as by day.
    Object.assign(w, { place: 'oven', units: bake.oven!.units, sameItemAs: bake.id, max: 900 });
    if (random() < 0.7) w.heat = 'off';
  }
}

function addWishes(problem: Problem, random: Random): void {
  const costs = [0.002, 0.01, 0.03, 0.1];
  const cost = () => costs[Math.floor(random() * costs.length)]!;
  for (const w of problem.waits) {
    if (random() > 0.3) continue;
    w.wish = { least: Math.min(w.max ?? Infinity, w.min + Math.floor(random() * 900)), cost: cost() };
  }
  const collectOf = new Map(problem.orders.map((o) => [o.id, o.collect]));
  for (const s of problem.steps) {
    const to = s.order === null ? undefined : collectOf.get(s.order);
    if (to === undefined || s.work !== 'hands' || random() > 0.5) continue;
    problem.waits.push({
      ...{ id: `early ${s.id}`, from: s.id, to, min: 0, max: null, place: null, units: 0, ageing: 0, why: '' },
      ...{ wish: { least: 360, cost: 0.02 }, ...(s.when ? { when: s.when } : {}) },
    });
  }
  for (const r of problem.routes) r.cost = { [r.choices[Math.floor(random() * r.choices.length)]!]: 5 + 20 * random() };
}
