import { fc, runs } from '../testing/chance';
import type { Problem } from './problem';
import { readProblem } from './read-problem';
import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';

const good = () => generateProblem({ cakes: 3, seed: 2, batches: 0.5 });

function complaints(change: (p: Problem) => void) {
  const problem = good();
  change(problem);
  const read = readProblem(problem);
  return read.ok ? [] : read.problems;
}

describe('reading a problem', () => {
  it('accepts a good one', () => expect(readProblem(good())).toMatchObject({ ok: true }));

  it.each<[string, (p: Problem) => void, string, RegExp]>([
    ['an unknown step', (p) => (p.waits[0]!.to = 'nobody'), 'waits[0].to', /no step/],
    [
      'a min above the max',
      (p) => Object.assign(p.waits[0]!, { min: 9, max: 3 }),
      'waits[0]',
      /longer than the longest/,
    ],
    [
      'a shift that ends before it starts',
      (p) => (p.people[1]!.shifts[0] = [500, 400]),
      'people[1].shifts[0]',
      /before it starts/,
    ],
    [
      'shifts that overlap',
      (p) =>
        (p.people[0]!.shifts = [
          [0, 100],
          [50, 200],
        ]),
      'people[0].shifts[1]',
      /before the one in front/,
    ],
    [
      'a skill that nobody has',
      (p) => (p.steps.find((s) => s.people)!.people = { count: 1, skill: 'juggling' }),
      'steps[1].people',
      /nobody/,
    ],
    ['more units than any item has', (p) => (p.holds[0]!.units = 99), 'holds[0]', /takes 99 of .* there are 4/],
    ['an id used twice', (p) => (p.equipment[1]!.id = p.equipment[0]!.id), 'equipment[1].id', /used twice/],
    ['an oven without its rates', (p) => delete p.equipment[0]!.heatRate, 'equipment[0].heatRate', /heats/],
    ['an origin without an offset', (p) => (p.origin = '2027-03-01T00:00:00'), 'origin', /offset/],
    ['half minutes', (p) => (p.orders[0]!.pickup = 12.5), 'orders[0].pickup', /whole number/],
    ['another version', (p) => ((p as { version: number }).version = 2), 'version', /version 1/],
  ])('refuses %s', (_, change, path, message) => {
    const list = complaints(change);
    expect(list.map((c) => c.path)).toContain(path);
    expect(list.find((c) => c.path === path)!.message).toMatch(message);
  });

  describe('fields that may be left out', () => {
    const step = (p: Problem, work: string) => p.steps.find((s) => s.work === work)!;
    const placed = (p: Problem) => p.waits.find((w) => w.place !== null)!;
    const oven = (p: Problem) => p.equipment.find((e) => e.kind === 'oven')!;
    const listed = (p: Problem, ...ids: string[]) =>
      ids.map((equipment) => ({ equipment, celsius: 170, minutes: { low: 1, likely: 2, high: 3 } }));
    /** A wait in the oven out of which its first step comes. */
    const drying = (p: Problem) =>
      Object.assign(
        p.waits.find((w) => w.from === step(p, 'oven').id)!,
        {
          ...{ place: 'oven', units: 1, sameItemAs: step(p, 'oven').id },
        },
      );
    it.each<[string, (p: Problem) => unknown]>([
      ['pace', (p) => Object.assign(p.people[0]!, { pace: { mix: 1.6 } })],
      ['attended', (p) => Object.assign(p.waits[0]!, { attended: true })],
      ['sameItemAs', drying],
      ['heat', (p) => Object.assign(drying(p), { heat: 'off' })],
      ['choices', (p) => Object.assign(step(p, 'oven').oven!, { choices: listed(p, oven(p).id) })],
    ])('%s is read', (_, change) => expect(complaints(change)).toEqual([]));
    it.each<[string, (p: Problem) => unknown, RegExp]>([
      [
        'a hand-over that is planned to last',
        (p) => Object.assign(step(p, 'collect').minutes, { planned: 7 }),
        /0 minutes/,
      ],
      [
        'a planned time that is no number',
        (p) => Object.assign(step(p, 'oven').minutes, { planned: 'long' }),
        /planned time/,
      ],
      ['a pace of nothing', (p) => Object.assign(p.people[0]!, { pace: { mix: 0 } }), /above 0/],
      ['a wish below the wait', (p) => Object.assign(p.waits[0]!, { min: 5, wish: { least: 1, cost: 1 } }), /below/],
      ['a wish without its cost', (p) => Object.assign(p.waits[0]!, { wish: { least: 9 } }), /cost of a minute/],
      ['a wait in nothing', (p) => Object.assign(placed(p), { sameItemAs: 'nowhere' }), /no step/],
      [
        'a wait in what the step does not use',
        (p) => Object.assign(placed(p), { place: 'fridge', sameItemAs: step(p, 'collect').id }),
        /uses nothing of the kind/,
      ],
      [
        'a fridge that is off',
        (p) => {
          step(p, 'hands').uses.push({ kind: placed(p).place!, units: 1 });
          return Object.assign(placed(p), { sameItemAs: step(p, 'hands').id, heat: 'off' });
        },
        /wait in an oven/,
      ],
      [
        'a bake that is pinned in an oven that is not listed',
        (p) => {
          Object.assign(step(p, 'oven').oven!, { choices: listed(p, oven(p).id) });
          p.equipment.push({ ...oven(p), id: 'other' });
          step(p, 'oven').placed = { start: 10, end: 12, people: [], equipment: ['other'], state: 'pinned' };
        },
        /may not be baked in/,
      ],
      ['heat that is on', (p) => Object.assign(placed(p), { heat: 'on' }), /off/],
      ['a cost of no choice', (p) => p.routes.push({ id: 'r', choices: ['a'], ...{ cost: { b: 3 } } }), /no choice/],
      ['no ovens', (p) => Object.assign(step(p, 'oven').oven!, { choices: [] }), /at least one/],
      [
        'a list with a fridge',
        (p) => Object.assign(step(p, 'oven').oven!, { choices: [{ equipment: 'x', celsius: 1, minutes: {} }] }),
        /no oven/,
      ],
    ])('%s is a fault of its own', (_, change, message) =>
      expect(complaints(change).map((c) => c.message)).toContainEqual(expect.stringMatching(message)),
    );
    it('wishes, costs of choices and values that change nothing are planned with', () => {
      const list = complaints((p) => {
        Object.assign(p.people[0]!, { pace: { mix: 1 } });
        Object.assign(p.waits[0]!, { attended: false });
        p.waits[0]!.wish = { least: p.waits[0]!.min, cost: 1 };
        p.routes.push({ id: 'r', choices: ['a'], cost: { a: 3 } });
      });
      expect(list).toEqual([]);
    });
  });

  it('refuses a ring of waits, and names its steps', () => {
    const list = complaints((p) => {
      const { from, to } = p.waits[0]!;
      p.waits.push({ ...p.waits[0]!, id: 'back', from: to, to: from });
    });
    expect(list[0]!.message).toMatch(/in a ring/);
  });

  it('never crashes on nonsense, and never plans it', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => expect(readProblem(value).ok).toBe(false)),
      runs(100, 300),
    );
  });

  it('never crashes where one field is replaced; what it accepts can be planned', () => {
    const paths = fieldPaths(good());
    const junk = fc.oneof(
      fc.constant(null),
      fc.constant(-1),
      fc.constant(1.5),
      fc.constant('x'),
      fc.constant([]),
      fc.constant({}),
      fc.constant(1e12),
    );
    fc.assert(
      fc.property(fc.constantFrom(...paths), junk, (path, value) => {
        const problem = good();
        const holder = path
          .slice(0, -1)
          .reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, problem as never);
        holder[path[path.length - 1]!] = value;
        const read = readProblem(problem);
        if (read.ok) expect(() => solve(read.problem, { seed: 1, rounds: 0, stop: () => false })).not.toThrow();
      }),
      runs(100, 400),
    );
  });
});

function fieldPaths(value: unknown, path: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return path.length > 0 ? [path] : [];
  const below = Object.entries(value).flatMap(([key, v]) => fieldPaths(v, [...path, key]));
  return path.length > 0 ? [path, ...below] : below;
}
