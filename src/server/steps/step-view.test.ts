import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadPlanned } = await import('../plan/load-planned');
const { namesOf } = await import('../situation/names');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { loadStep } = await import('./load-step');
const { stepView } = await import('./step-view');

afterAll(() => kitchen.close());

describe('a step’s details', () => {
  it('are there for every step of the plan, in words and times of its kitchen', async () => {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const names = namesOf(situation);
    const known = new Map(cakeSteps(situation).map((s) => [s.id as string, s]));
    let seen = 0;
    for (const at of plan.plan.steps) {
      const view = stepView(at.id, situation, plan);
      const step = known.get(at.id);
      if (!step) {
        // Steps of an order that was handed over are in no plan.
        expect(view).toBeNull();
        continue;
      }
      seen += 1;
      expect(view).toMatchObject({ name: step.name, how: step.how, caution: step.caution, check: step.check });
      expect(view!.who).toEqual(at.people.map((p) => names.person(p)));
      expect(view!.with).toHaveLength(at.equipment.length);
      expect(view!.when).toMatch(/^\w{3} \d{1,2} \w{3}, \d{2}:\d{2} – \d{2}:\d{2}$/);
      for (const line of [...view!.notLater, ...view!.notEarlier, ...view!.waits])
        expect(line).not.toMatch(/undefined|null|NaN|o\d+\./);
    }
    expect(seen).toBeGreaterThan(50);
  });

  it('say of an oven step its heat and its slots, and of a free one why it lies there', async () => {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const baked = plan.problem.steps.find((s) => s.oven && plan.plan.steps.some((p) => p.id === s.id))!;
    expect(stepView(baked.id, situation, plan)!.with.at(-1)).toMatch(
      new RegExp(`^Oven .*, ${baked.oven!.celsius} °C, ${baked.oven!.units} slots$`),
    );
    const reasons = plan.problem.steps
      .filter((s) => !s.placed && s.work === 'hands')
      .map((s) => stepView(s.id, situation, plan))
      .filter((v) => v !== null && v.notLater.length + v.notEarlier.length > 0);
    expect(reasons.length).toBeGreaterThan(10);
  });

  it('are none where the plan does not have the step', async () => {
    expect(await loadStep(kitchen.db, 'o1.nothing')).toBeNull();
    expect(await loadStep(kitchen.db, '')).toBeNull();
  });
});
