import { starterBuilds } from '../../data/kitchens/starter';
import { demoLibrary } from '../../data/kitchens/demo-parts';
import { withUndecided } from '../compose/edits/undecided';
import { NO_DAY, undecidedOf } from '../design/undecided';
import type { OrderForm } from '../input/order-input';
import { calendarOf } from '../situation/make-problem';
import type { PlanningKitchen } from '../situation/situation';
import { readOrder } from './read-order';

const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
const kitchen: PlanningKitchen = {
  ...{ clock, library: demoLibrary, team: [], equipment: [], ovens: [], standingWork: [], olderFormulas: new Map() },
  calendar: calendarOf([], clock),
  builds: new Map(starterBuilds.map((b) => [b.id, b])),
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

  it('gets a design of its own, and keeps that while its build and tiers are the same, whatever becomes of the build', () => {
    const taken = read({});
    if (!taken.ok) throw new Error('refused');
    const { design } = taken.fields;
    expect(design!.pieces.map((p) => p.form)).toEqual([{ form: 'round', diameter: 240 }]);
    const own = { ...design!, name: 'As it was then' };
    const before = { ...taken.fields, id: 7, design: own };
    const again = read({ note: 'Ring first' }, before);
    const larger = read({ size: JSON.stringify([{ form: 'round', diameter: 280 }]) }, before);
    expect([again, larger].map((r) => r.ok && r.fields.design!.name)).toEqual(['As it was then', design!.name]);
  });

  it('asks for what is open in its build by a day of its own, and not by the build’s, which has none', () => {
    const build = kitchen.builds.get('quince-tower')!;
    const open = withUndecided(build.design, { part: build.design.parts[0]!.role }, { what: 'sponge', by: NO_DAY });
    const own = { ...kitchen, builds: new Map([['quince-tower', { ...build, design: open }]]) };
    const taken = readOrder(form, own, rule, null);
    if (!taken.ok) throw new Error(JSON.stringify(taken.fields));
    expect(undecidedOf(taken.fields.design!)).toEqual([{ what: 'sponge', by: '2027-03-15' }]);
    // A day that somebody has said stays, and so does that of an order that is changed.
    const said = withUndecided(open, { part: build.design.parts[0]!.role }, { what: 'sponge', by: '2027-03-12' });
    const again = readOrder(form, own, rule, null, said);
    expect(again.ok && undecidedOf(again.fields.design!)[0]!.by).toBe('2027-03-12');
    const late = { ...rule, now: new Date('2027-03-14T09:00:00Z') };
    const changed = readOrder(form, own, late, { ...taken.fields, id: 7, design: said }, said);
    expect(changed.ok && undecidedOf(changed.fields.design!)[0]!.by).toBe('2027-03-12');
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
    // The form says it anew: set, otherwise, not any more, and never of what is not in the cake.
    const said = (byHand: Record<string, number>) => read({ pickup: '2027-03-02T12:00', byHand }, before);
    expect(said({ [role!]: 81, nothing: 5 })).toMatchObject({ ok: true, fields: { overrides: { [role!]: 81 } } });
    expect(said({})).toMatchObject({ ok: true, fields: { overrides: {} } });
    expect(read({ pickup: '2027-03-02T12:00', build: 'fig-sails' }, { ...before, build: 'lace-tower' })).toMatchObject({
      ok: true,
      fields: { overrides: {} },
    });
  });
});
