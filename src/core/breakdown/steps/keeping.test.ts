import { orderId, type StepId } from '../../ids/ids';
import type { Component } from '../amounts/component';
import type { Stage, Work } from '../../design/work';
import { keepingOf, stagesTaking } from './keeping';

const order = orderId(4);
const stage = (key: string, takes: string[], more: Partial<Stage> = {}) =>
  ({ key, name: key, takes, ...more }) as Stage;
const build = (...stages: Stage[]) => ({ stages }) as Work;
const kept = { place: 'fridge', min: 10, max: 5760, units: 1, ageing: 0.006, why: 'back to 21 °C' };
const tempering = { outOfCold: 50, minutes: { low: 4, likely: 6, high: 10 }, stands: 720 };
const frosting = (keeping: object) =>
  ({
    ...{ role: 'frosting', label: 'Vanilla buttercream', amount: { grams: 1736 } },
    formula: {
      keeping,
      steps: [
        { key: 'whip', work: 'hands', skill: 'mix', uses: [{ kind: 'mixer', units: 1 }] },
        { key: 'rest', work: 'machine' },
      ],
    },
  }) as unknown as Component;
const ends = ['o4.frosting.whip' as StepId];
const keptFor = (component: Component, from: Work) =>
  keepingOf(order, component, stagesTaking(order, component.role, from), ends);
const short = (waits: { from: string; to: string; min: number; max: number | null; place: string | null }[]) =>
  waits.map((w) => [w.from, w.to, w.min, w.max, w.place]);

describe('what is made waits for its use', () => {
  const stages = [stage('crumb', ['frosting']), stage('box', []), stage('coat', ['frosting'])];
  it('in its place until the last stage that takes it', () => {
    const { steps, waits } = keptFor(frosting(kept), build(...stages));
    expect(steps).toEqual([]);
    expect(short(waits)).toEqual([
      ['o4.frosting.whip', 'o4.crumb', 10, 5760, null],
      ['o4.frosting.whip', 'o4.coat', 10, 5760, 'fridge'],
    ]);
  });
  it('and what comes out of the cold is beaten up first: a step of the cake, with its time out of the cold before', () => {
    const { steps, waits } = keptFor(frosting({ ...kept, tempering }), build(...stages));
    expect(steps).toEqual([
      expect.objectContaining({
        ...{ id: 'o4.beat-frosting', name: 'Beat up vanilla buttercream', role: 'frosting', work: 'hands' },
        ...{ minutes: tempering.minutes, people: { count: 1, skill: 'mix' }, uses: [{ kind: 'mixer', units: 1 }] },
        ...{ grams: 1736, amount: '1\u2009736 g' },
        preparations: [
          { kind: 'take out', text: 'Take vanilla buttercream out of the cold, if it is there', before: 50 },
        ],
      }),
    ]);
    expect(short(waits)).toEqual([
      ['o4.frosting.whip', 'o4.beat-frosting', 10, 5760, 'fridge'],
      ['o4.beat-frosting', 'o4.crumb', 0, 720, null],
      ['o4.beat-frosting', 'o4.coat', 0, 720, null],
    ]);
  });
  it('and had rather be made ahead where it is better later: by as long as that, within what it keeps', () => {
    const wishes = (keeping: object) =>
      keptFor(frosting({ ...kept, ...keeping }), build(...stages)).waits.map((w) => w.wish?.least);
    expect(wishes({})).toEqual([undefined, undefined]);
    expect(wishes({ betterAfter: 600 })).toEqual([600, 600]);
    expect(wishes({ betterAfter: 9000 })).toEqual([5760, 5760]);
    expect(wishes({ betterAfter: 10 })).toEqual([undefined, undefined]);
    // What is beaten up is at its best until it is: the wish is to there.
    expect(wishes({ betterAfter: 600, tempering })).toEqual([600, undefined, undefined]);
    const [first] = keptFor(frosting({ ...kept, betterAfter: 600 }), build(...stages)).waits;
    expect(first!.wish!.cost).toBeCloseTo(0.006 + 0.02, 12);
  });
  it('on the route of the stage that takes it', () => {
    const routed = build(stage('coat', ['frosting'], { when: { route: 'set', choice: 'fridge' } }));
    const when = { route: 'o4.set', choice: 'fridge' };
    expect(keptFor(frosting(kept), routed).waits[0]).toMatchObject({ when });
    expect(keptFor(frosting({ ...kept, tempering }), routed).waits.at(-1)).toMatchObject({ when });
  });
  it('nowhere where nothing takes it', () => {
    expect(keptFor(frosting({ ...kept, tempering }), build(stage('box', [])))).toEqual({
      ...{ steps: [], waits: [] },
    });
  });
});
