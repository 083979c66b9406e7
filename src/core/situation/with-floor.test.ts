import type { StepState } from '../floor/floor-state';
import type { Problem, Step, Wait } from '../planning-format/problem';
import { withFloor } from './with-floor';

const minutes = (likely: number) => ({ low: likely, likely, high: likely });
const step = (id: string, more: Partial<Step> = {}): Step => ({
  ...{ id, name: id, order: 'o', work: 'oven', minutes: minutes(60), people: null, uses: [], earliest: null },
  oven: { celsius: 90, units: 1 },
  ...more,
});
const hands = (id: string) =>
  step(id, { work: 'hands', oven: null, people: { count: 1, skill: 'pipe' }, minutes: minutes(20) });
const wait = (more: Partial<Wait>): Wait => ({
  ...{ id: 'dry', from: 'bake', to: 'pick', min: 0, max: null, place: 'oven', units: 1, ageing: 0, why: '' },
  ...more,
});
/** Somebody from six to two on two days; one oven. */
const kitchen = (steps: Step[], waits: Wait[], now: number): Problem => ({
  ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00Z', horizon: 2880, now },
  people: [
    {
      id: 'ben',
      name: 'Ben',
      skills: ['pipe'],
      pace: { pipe: 1.6 },
      shifts: [
        [360, 840],
        [1800, 2280],
      ],
    },
  ],
  equipment: [{ id: 'deck', kind: 'oven', units: 4, heatRate: 3, coolRate: 2 }],
  ...{ orders: [], steps, waits, holds: [], routes: [] },
});
const told = (id: string, start: number, end: number | null, more: Partial<StepState> = {}): [string, StepState] => [
  id,
  {
    ...{ step: id, state: end === null ? 'running' : 'done', start, end, extended: 0, until: null },
    ...{ people: [], equipment: ['deck'], event: 1, ...more },
  },
];

describe('what runs ends', () => {
  it('when whoever does it will be over with it, by their own pace', () => {
    const states = new Map([told('pipe', 400, null, { people: ['ben'], equipment: [] })]);
    const { problem } = withFloor(kitchen([hands('pipe')], [], 405), states);
    expect(problem.steps[0]!.placed).toMatchObject({ start: 400, end: 432, people: ['ben'] });
  });
  it('when the oven is over with it in which it is', () => {
    const oven = { celsius: 90, units: 1, choices: [{ equipment: 'deck', celsius: 95, minutes: minutes(70) }] };
    const { problem } = withFloor(kitchen([step('bake', { oven })], [], 405), new Map([told('bake', 400, null)]));
    expect(problem.steps[0]!.placed).toMatchObject({ end: 470 });
  });
});

describe('what is asked of a wait beside its minutes', () => {
  const drying = wait({ sameItemAs: 'bake', heat: 'off', max: 1500 });
  const steps = [step('bake'), hands('pick'), step('roast')];
  it('stays as long as the oven is left alone', () => {
    const states = new Map([told('bake', 400, 460)]);
    expect(withFloor(kitchen(steps, [drying], 500), states).problem.waits).toEqual([drying]);
  });
  it('is lifted once something else was put into that oven', () => {
    const states = new Map([told('bake', 400, 460), told('roast', 490, null)]);
    expect(withFloor(kitchen(steps, [drying], 500), states).problem.waits).toEqual([wait({ max: 1500 })]);
  });
  it('is lifted once nobody was there to attend it, and not before', () => {
    const stirred = wait({ place: null, units: 0, attended: true });
    const at = (now: number) =>
      withFloor(kitchen(steps, [stirred], now), new Map([told('bake', 700, 760)])).problem.waits;
    expect(at(840)).toEqual([stirred]);
    expect(at(841)).toEqual([wait({ place: null, units: 0 })]);
  });
});
