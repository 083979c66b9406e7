import { lowerBound } from '../bounds/bound';
import { groupCost } from '../table/cost';
import { compile } from '../model/model';
import { placeGroup, type PlacingPolicy } from './place-group';
import { combinations } from './routes';
import { placeCheapest, placeCheapestRoute } from './place-cheapest';
import { search } from '../search/search';
import { plainPreference } from '../table/preference';
import { generateProblem } from '../testing/generate';
import { twoCakes } from '../testing/two-cakes';
import { seeds } from '../../testing/chance';

const searched = (cakes: number, seed: number, rounds = 0, wishes = false) => {
  const model = compile(generateProblem({ cakes, seed, wishes }));
  const found = search(model, { seed: 1, rounds, stop: () => false });
  if (!found.ok) throw new Error('no plan');
  return { model, table: found.table };
};

describe('a group placed where it costs least', () => {
  it('costs nothing more than placed late, beside the same others', () => {
    let cheaper = 0;
    // Not in every kitchen: where routes are many it may be placed dearer, as one that was drawn was.
    for (const seed of [1, 2, 3, 4, 5, 6, 7, 8]) {
      const { model, table } = searched(6, seed);
      const prefer = plainPreference(model);
      const policy: PlacingPolicy = { prefer, noise: () => 0, routes: (g) => combinations(table, g) };
      for (const group of model.groups) {
        const before = table.record(group);
        table.removeGroup(group);
        expect(placeGroup(table, group, policy)).toBe(true);
        const late = groupCost(table, group);
        table.removeGroup(group);
        expect(placeCheapestRoute(table, group, policy)).toBe(true);
        const best = groupCost(table, group);
        // Where it took too long the two are the same.
        expect(best).toBeLessThanOrEqual(late + 1e-6);
        if (best < late - 1e-6) cheaper += 1;
        table.removeGroup(group);
        table.restore(group, before);
      }
    }
    expect(cheaper).toBeGreaterThan(5);
  });

  it('says that nowhere is cheap enough, and leaves the timetable without the group', () => {
    const { model, table } = searched(5, 2, 50);
    const prefer = plainPreference(model);
    for (const group of model.groups) {
      const cost = groupCost(table, group);
      const before = table.record(group);
      table.removeGroup(group);
      if (placeCheapest(table, group, prefer) === 'placed') {
        const least = groupCost(table, group);
        expect(least).toBeLessThanOrEqual(cost + 1e-6);
        table.removeGroup(group);
        if (least > 0.01) expect(placeCheapest(table, group, prefer, least - 0.01)).toBe('impossible');
      }
      expect(group.steps.filter((s) => table.placed[s] !== 0)).toEqual([]);
      table.restore(group, before);
    }
  });

  it('makes work earlier that had rather not lie in the last hours, where that costs less than its age', () => {
    const startFor = (ageing: number, cost: number) => {
      const problem = twoCakes([300, 900]);
      const [rest] = problem.waits;
      Object.assign(rest!, { ageing, wish: { least: rest!.min + 60, cost } });
      const found = search(compile(problem), { seed: 1, rounds: 20, stop: () => false });
      if (!found.ok) throw new Error('no plan');
      return found.table.start[found.table.model.stepIndex.get('a-pipe')!]!;
    };
    // At its latest it begins at 210, an hour of piping and half an hour of rest before 300.
    expect([startFor(0.01, 0.02), startFor(0.02, 0.01)]).toEqual([150, 210]);
  });

  it('lets steps of one order give way to each other', () => {
    // Two parts of one cake, one pair of hands, and both would rather be made last.
    const problem = twoCakes([100, 300]);
    const second = { ...problem.steps.find((s) => s.id === 'a-pipe')!, id: 'a-ice' };
    problem.steps.push(second);
    problem.waits.push({ ...problem.waits[0]!, id: 'a-ice-rest', from: 'a-ice' });
    problem.orders[0]!.pickup = 200;
    const model = compile(problem);
    const found = search(model, { seed: 1, rounds: 0, stop: () => false });
    if (!found.ok) throw new Error('no plan');
    const group = model.groups.find((g) => g.steps.includes(model.stepIndex.get('a-ice')!))!;
    found.table.removeGroup(group);
    expect(placeCheapest(found.table, group, plainPreference(model))).toBe('placed');
    const starts = ['a-pipe', 'a-ice'].map((id) => found.table.start[model.stepIndex.get(id)!]!).sort((x, y) => x - y);
    // Both want to start at 110, 30 minutes of rest before 200; one goes an hour before.
    expect(starts).toEqual([50, 110]);
  });
});

describe('the bound', () => {
  it.each([false, true])('is what one cake costs, as nobody else is there; with wishes: %s', (wishes) => {
    for (let seed = 1; seed <= 15; seed++) {
      const { model, table } = searched(1, seed, 400, wishes);
      const cost = model.groups.reduce((sum, g) => sum + groupCost(table, g), 0);
      const bound = lowerBound(model);
      expect(bound).toBeLessThanOrEqual(cost + 1e-6);
      expect(cost).toBeLessThanOrEqual(bound * 1.02 + 1e-6);
    }
  });

  it('counts orders that share a batch', () => {
    let counted = 0;
    for (const seed of seeds(1, 6)) {
      const model = compile(generateProblem({ cakes: 4, seed, batches: 0.8 }));
      const found = search(model, { seed: 1, rounds: 60, stop: () => false });
      if (!found.ok) throw new Error('no plan');
      const bound = lowerBound(model);
      expect(bound).toBeLessThanOrEqual(found.cost + 1e-6);
      if (bound > 0 && model.groups.some((g) => g.orders.length > 1)) counted += 1;
    }
    expect(counted).toBeGreaterThan(0);
  });
});
