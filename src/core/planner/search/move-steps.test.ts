import type { Problem, Step } from '../../planning-format/problem';
import { compile } from '../model/model';
import { groupCost } from '../table/cost';
import { plainPreference } from '../table/preference';
import { Timetable } from '../table/timetable';
import type { Aim } from './aim';
import { moveSteps } from './move-steps';

/** Ada pipes in an hour, Ben in one and a half; what is piped is used at once. */
function kitchen(): Problem {
  const step = (id: string, likely: number, work: Step['work'] = 'hands'): Step => ({
    ...{ id, name: id, order: 'o', work, minutes: { low: likely, likely, high: likely }, uses: [], oven: null },
    ...{ people: work === 'hands' ? { count: 1, skill: 'pipe' } : null, earliest: null },
  });
  const wait = (from: string, to: string, max: number | null) => ({
    ...{ id: `${from}>${to}`, from, to, min: 0, max, place: null, units: 0, ageing: 0, why: '' },
  });
  return {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00Z', horizon: 600, now: 0 },
    people: [
      { id: 'ada', name: 'Ada', skills: ['pipe'], shifts: [[0, 600]] },
      { id: 'ben', name: 'Ben', skills: ['pipe'], shifts: [[0, 600]], pace: { pipe: 1.5 } },
    ],
    ...{ equipment: [], holds: [], routes: [] },
    orders: [{ id: 'o', name: 'o', pickup: 400, weight: 1, collect: 'out' }],
    steps: [step('pipe', 60), step('use', 30), step('out', 0, 'collect')],
    waits: [wait('pipe', 'use', 0), wait('use', 'out', null)],
  };
}

describe('a few steps placed anew', () => {
  it.each([
    [1, 'ben', 100],
    [0, 'ada', 130],
  ])('go home only where their waits are kept to in the way that is preferred (%i)', (mode, who, start) => {
    const model = compile(kitchen());
    const table = new Timetable(model);
    const prefer = { ...plainPreference(model), mode: () => mode };
    for (const [s, at] of [
      [2, 400],
      [1, 190],
    ] as const)
      expect(table.place(s, at, prefer)).toBe(true);
    table.lengths.choose(0, 1);
    expect(table.place(0, 100, prefer)).toBe(true);
    const aim: Aim = { costOf: groupCost, home: () => 100, placeNear: null, placeTail: null };
    expect(moveSteps(table, [0], [...model.groups], prefer, () => 0, aim)).toBe(true);
    expect(table.start[0]).toBe(start);
    expect(table.crew[0]!.map((p) => model.problem.people[p]!.id)).toEqual([who]);
    expect(table.end(0)).toBe(190);
  });
});
