import { demoBuilds } from '../../data/demo/builds';
import { demoLibrary } from '../../data/demo/demo-library';
import type { OrderForm } from '../input/order-input';
import { calendarOf } from '../situation/make-problem';
import type { PlanningKitchen } from '../situation/situation';
import { readOrder } from './read-order';

const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
const kitchen: PlanningKitchen = {
  ...{ clock, library: demoLibrary, team: [], equipment: [], olderFormulas: new Map() },
  calendar: calendarOf([], clock),
  builds: new Map(demoBuilds.map((b) => [b.id, b])),
  newestVersions: new Map([['quince-jelly', 4]]),
};
const rule = { now: new Date('2027-03-10T09:00:00Z'), zone: 'UTC', daysAhead: 120 };
const form: OrderForm = {
  ...{ title: 'Harbour choir', customer: 'Maud', pickup: '2027-03-20T12:00', portions: 10, build: 'quince-tower' },
  ...{ size: JSON.stringify([{ form: 'round', diameter: 240 }]), inscription: '', avoid: [], note: '' },
  ...{ without: [], swaps: {}, choices: {} },
};
const read = (change: Partial<OrderForm>, before: Parameters<typeof readOrder>[3] = null) =>
  readOrder({ ...form, ...change }, kitchen, rule, before);
const wrong = (change: Partial<OrderForm>) => {
  const answer = read(change);
  return answer.ok ? {} : answer.fields;
};

describe('what was typed for an order', () => {
  it('is taken with the tiers that it names, and the versions of all its formulas', () => {
    const taken = read({});
    if (!taken.ok) throw new Error(JSON.stringify(taken.fields));
    expect(taken.fields.tiers).toEqual([{ form: 'round', diameter: 240 }]);
    expect(taken.fields.pickup).toEqual(new Date('2027-03-20T12:00:00Z'));
    const formulas = taken.breakdown.components.map((c) => c.formula.id);
    expect(Object.keys(taken.fields.versions).sort()).toEqual([...new Set(formulas)].sort());
    for (const f of formulas) expect(taken.fields.versions[f]).toBe(kitchen.newestVersions.get(f) ?? 1);
  });

  it('is refused beside each field that is wrong, all at once', () => {
    expect(wrong({ pickup: '2027-03-01T12:00', portions: 400 })).toEqual({
      pickup: 'This time has passed.',
      size: expect.stringMatching(/^This gives \d+ portions: choose a larger one\.$/),
    });
    expect(wrong({ build: 'nothing' })).toEqual({ build: 'There is no such build.' });
    expect(wrong({ size: '[{"form":"round","diameter":241}]' })).toEqual({
      size: 'The kitchen has no tins for this size.',
    });
    expect(wrong({ size: 'round' })).toHaveProperty('size');
    expect(wrong({ avoid: ['gluten'] }).build).toMatch(/contains gluten \(/);
  });

  it('may keep a pickup that has passed meanwhile, and what was set by hand as long as the build is the same', () => {
    const taken = read({});
    if (!taken.ok) throw new Error('It can be taken.');
    const [role] = taken.breakdown.components.map((c) => c.role);
    const before = { id: 3, ...taken.fields, pickup: new Date('2027-03-02T12:00:00Z'), overrides: { [role!]: 77 } };
    const again = read({ pickup: '2027-03-02T12:00' }, before);
    expect(again).toMatchObject({ ok: true, fields: { pickup: before.pickup, overrides: before.overrides } });
    expect(read({ pickup: '2027-03-02T12:00', build: 'fig-sails' }, { ...before, build: 'lace-tower' })).toMatchObject({
      ok: true,
      fields: { overrides: {} },
    });
  });
});
