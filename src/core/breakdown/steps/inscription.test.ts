import { HAND_OVER } from '../../ids/ids';
import type { Stage, StageWait, Work } from '../../design/work';
import { inscribed } from './inscription';

const stage = (key: string, skill: string | null, more: Partial<Stage> = {}): Stage => ({
  ...{
    key,
    name: key,
    skill,
    minutes: { low: 6, likely: 8, high: 12 },
    takes: [],
    pieces: [0],
    how: `Do ${key}.`,
    ...more,
  },
});
const wait = (from: string, to: string, min: number, max: number | null, more: Partial<StageWait> = {}): StageWait => ({
  ...{ from, to, min, max, place: 'fridge', why: `${from} sets`, units: 2, pieces: [0], ...more },
});
const build = {
  stages: [stage('coat', 'coat'), stage('decorate', 'decorate'), stage('box', null)],
  waits: [
    wait('coat', 'decorate', 20, 600),
    wait('decorate', 'box', 240, 1080, { when: { route: 'set', choice: 'freezer' } }),
    wait('decorate', 'box', 20, null, { when: { route: 'set', choice: 'fridge' } }),
    wait('box', HAND_OVER, 0, 1200),
  ],
} as unknown as Work;

describe('an inscription', () => {
  it('brings a stage that writes it, between what decorates and what boxes, on every route', () => {
    const made = inscribed(build, 'Safe seas');
    expect(made.stages.map((s) => s.key)).toEqual(['coat', 'decorate', 'inscribe', 'box']);
    const writing = made.stages[2]!;
    expect(writing).toMatchObject({ skill: 'decorate', minutes: { low: 7, likely: 9, high: 14 } });
    expect(writing.how).toContain('Inscription: “Safe seas”, letter for letter.');
    expect(made.waits.map((w) => [w.from, w.to, w.min, w.max, w.when?.choice ?? null])).toEqual([
      ['coat', 'decorate', 20, 600, null],
      ['decorate', 'inscribe', 0, 720, 'freezer'],
      ['inscribe', 'box', 240, 1080, 'freezer'],
      ['decorate', 'inscribe', 0, 720, 'fridge'],
      ['inscribe', 'box', 20, null, 'fridge'],
      ['box', HAND_OVER, 0, 1200, null],
    ]);
  });
  it('is told to the stage that writes, where the build has one', () => {
    const writes = {
      ...build,
      stages: [stage('coat', 'coat'), stage('decorate', 'decorate', { inscribes: true }), stage('box', null)],
    };
    const made = inscribed(writes, 'Maud, 80');
    expect(made.stages.map((s) => s.how)).toEqual([
      'Do coat.',
      'Do decorate. Inscription: “Maud, 80”, letter for letter.',
      'Do box.',
    ]);
    expect(made.waits).toBe(build.waits);
  });
  it('is written after the last stage, where that is a craftsman’s', () => {
    const short = {
      ...build,
      stages: [stage('inscribe', null), stage('decorate', 'decorate')],
      waits: [wait('decorate', HAND_OVER, 30, null)],
    };
    const made = inscribed(short, 'A');
    expect(made.stages.map((s) => s.key)).toEqual(['inscribe', 'decorate', 'inscribe-on']);
    expect(made.waits.map((w) => [w.from, w.to, w.min])).toEqual([
      ['decorate', 'inscribe-on', 0],
      ['inscribe-on', HAND_OVER, 30],
    ]);
  });
  it('asks nothing where there is none, or nothing to write on', () => {
    expect(inscribed(build, '')).toBe(build);
    const bare = { ...build, stages: [], waits: [] };
    expect(inscribed(bare, 'A')).toBe(bare);
  });
});
