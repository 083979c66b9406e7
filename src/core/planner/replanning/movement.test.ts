import { compile } from '../model/model';
import { Timetable } from '../table/timetable';
import { plainPreference } from '../table/preference';
import type { Plan } from '../../planning-format/plan';
import { twoCakes } from '../testing/two-cakes';
import { readEarlier } from './load-plan';
import { HELD, Movement } from './movement';

/** Ada pipes a cake that an earlier plan had at `was`, now at `at`; what that costs at minute `now`. */
function priceOf(was: number, at: number, { now = 0, by = 'ada' } = {}): number {
  const all = twoCakes([300, 900]);
  const problem = {
    ...all,
    now,
    people: all.people.map((p) => ({ ...p, skills: ['decorate'], shifts: [[0, 900] as [number, number]] })),
  };
  const model = compile(problem);
  const steps = [{ id: 'a-pipe', start: was, end: was + 60, people: [by], equipment: [] }];
  const earlier = readEarlier(model, { steps, waits: [], holds: [], routes: {}, unplaced: [] } as unknown as Plan);
  const table = new Timetable(model);
  const movement = new Movement(model, earlier);
  const step = model.stepIndex.get('a-pipe')!;
  const plain = plainPreference(model);
  const ada = { ...plain, person: (_: number, p: number) => p };
  expect(table.place(step, at, ada)).toBe(true);
  return movement.of(table, model.groups[model.groupOf[step]!]!);
}

describe('the price of moving a rung', () => {
  it('is nothing where it stays', () => {
    expect(priceOf(200, 200)).toBe(0);
  });
  it('rises with the minutes, in either direction alike where both are far', () => {
    expect(priceOf(200, 230)).toBeGreaterThan(priceOf(200, 215));
    expect(priceOf(200, 215)).toBeGreaterThan(0);
  });
  it('is higher the nearer it begins, before or after it is moved', () => {
    expect(priceOf(200, 230)).toBeGreaterThan(priceOf(400, 430));
    expect(priceOf(200, 230, { now: 100 })).toBeGreaterThan(priceOf(200, 230));
    expect(priceOf(400, 100)).toBeGreaterThan(priceOf(400, 700));
  });
  it('is that of an order late by 25 min for what begins within half an hour, however far it moves', () => {
    for (const at of [HELD - 4, 100, 300]) expect(priceOf(HELD - 5, at)).toBe(2500);
    expect(priceOf(200, HELD - 5)).toBe(2500);
    expect(priceOf(HELD + 5, HELD + 25)).toBeLessThan(1000);
  });
  it('counts other hands at the same time, less than another time', () => {
    expect(priceOf(200, 200, { by: 'ben' })).toBeGreaterThan(0);
    expect(priceOf(200, 200, { by: 'ben' })).toBeLessThan(priceOf(200, 201));
  });
});
