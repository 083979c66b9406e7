import { twoCakes } from '../planner/testing/two-cakes';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import { pinchesOf } from './pinches';

/** Two cakes that take an hour of piping each, by whom and from when; everybody is there for the first ten hours. */
function planned(pipes: [start: number, by: string][], change: (problem: Problem) => void = () => {}) {
  const problem = twoCakes([600, 600]);
  for (const p of problem.people) Object.assign(p, { shifts: [[0, 600]], skills: ['decorate'] });
  for (const s of problem.steps) if (s.people) s.people.skill = 'decorate';
  change(problem);
  const steps = pipes.map(([start, by], i) => ({
    ...{ id: `${'ab'[i]}-pipe`, start, end: start + 60, people: [by], equipment: [] },
  }));
  return { problem, plan: { steps, routes: {}, waits: [], holds: [] } as unknown as Plan };
}
const one = (problem: Problem) => void problem.people.splice(1);
const first = twoCakes([600, 600]).people.map((p) => p.id)[0]!;

describe('hours that are full', () => {
  it('are those in which all who can do something are busy, one after the other as one', () => {
    const found = pinchesOf(
      planned(
        [
          [120, first],
          [180, first],
        ],
        one,
      ),
      [0, 600],
      [],
    );
    expect(found).toEqual([
      {
        ...{ full: { kind: 'hands', skills: ['decorate'] }, people: [first], items: [] },
        ...{ start: 120, end: 240, share: 1 },
      },
    ]);
  });

  it('are none while somebody who can do it has room, or nobody is there', () => {
    const two = planned([[120, first]], (p) => {
      if (p.people.length < 2) p.people.push({ ...p.people[0]!, id: 'second', name: 'Second' });
    });
    expect(pinchesOf(two, [0, 600], [])).toEqual([]);
    const away = planned([[120, first]], (p) => {
      one(p);
      p.people[0]!.shifts = [[125, 150]];
    });
    expect(pinchesOf(away, [0, 600], [])).toEqual([]);
  });

  it('are those above 85 %, not at it', () => {
    const busy = (minutes: number) => {
      const { problem, plan } = planned([[120, first]], one);
      return pinchesOf(
        { problem, plan: { ...plan, steps: plan.steps.map((s) => ({ ...s, end: s.start + minutes })) } },
        [0, 600],
        [],
      );
    };
    expect(busy(51)).toHaveLength(0);
    expect(busy(52)).toHaveLength(1);
  });

  it('are told once for all skills that the same people have', () => {
    const found = pinchesOf(
      planned(
        [
          [120, first],
          [180, first],
        ],
        (p) => {
          one(p);
          p.people[0]!.skills = ['decorate', 'write'];
          p.steps.find((s) => s.id === 'b-pipe')!.people!.skill = 'write';
        },
      ),
      [0, 600],
      [],
    );
    expect(found.map((f) => f.full)).toEqual([{ kind: 'hands', skills: ['decorate', 'write'] }]);
  });

  it('are those of an oven and of shelves too, by their units', () => {
    const { problem, plan } = planned([[0, first]]);
    const oven = { id: 'deck', kind: 'oven', units: 2 };
    const cold = { id: 'cold', kind: 'fridge', units: 1 };
    const bake = {
      ...{ ...problem.steps[0]!, id: 'a-bake', work: 'oven' as const, people: null, uses: [] },
      oven: { kind: 'oven', celsius: 170, units: 2 },
    } as unknown as Problem['steps'][number];
    const wait = { ...problem.waits[0]!, id: 'w', from: 'a-bake', to: 'b-pipe', place: 'fridge', units: 1 };
    const full: Problem = {
      ...problem,
      steps: [...problem.steps, bake],
      waits: [wait],
      equipment: [oven, cold] as Problem['equipment'],
    };
    const later: Plan = {
      ...plan,
      steps: [
        { id: 'a-bake', start: 60, end: 120, people: [], equipment: ['deck'] },
        { id: 'b-pipe', start: 240, end: 300, people: [first], equipment: [] },
      ],
      waits: [{ id: 'w', equipment: 'cold' }],
    };
    const found = pinchesOf({ problem: full, plan: later }, [0, 600], ['fridge']).filter(
      (p) => p.full.kind !== 'hands',
    );
    expect(found).toEqual([
      { full: { kind: 'oven', item: 'deck' }, start: 60, end: 120, share: 1, people: [], items: ['deck'] },
      { full: { kind: 'shelves', place: 'fridge' }, start: 120, end: 240, share: 1, people: [], items: ['cold'] },
    ]);
  });
});
