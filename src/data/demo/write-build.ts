import { HAND_OVER } from '../../core/ids/ids';
import type { BuildStage, BuildWait } from '../../core/breakdown/build';
import { DAY, HOUR } from './write-formula';

type Times = [low: number, likely: number, high: number, perTier?: number];

export const stage = (
  key: string,
  name: string,
  skill: string | null,
  [low, likely, high, perTier]: Times,
  takes: string[],
  how: string,
  more: Partial<BuildStage> = {},
): BuildStage => ({
  ...{ key, name, skill, minutes: { low, likely, high, ...(perTier ? { perTier } : {}) }, takes, how },
  ...more,
});

export const chills = (
  from: string,
  to: string,
  min: number,
  max: number,
  why: string,
  more: Partial<BuildWait> = {},
): BuildWait => ({
  ...{ from, to, min, max, place: 'fridge', units: 2, why, ageing: 0.01 },
  ...more,
});

export const BLADE = 'Long serrated blade: cut away from the hand, on a mat.';
export const box = stage('box', 'Check and box', null, [6, 8, 12, 4], [], 'Name, inscription, board, box, care card.', {
  sign: 'level, cold, the right name',
});
export const boxed = (from: string, min: number) => [
  chills(from, 'box', min, 18 * HOUR, 'sets before the box', { ageing: 0.015 }),
  chills('box', HAND_OVER, 0, 20 * HOUR, 'waits cold for its people', { ageing: 0.02 }),
];
export const level = 'Level, split, soak; a dab of frosting on the board; best layer on top, cut side down.';

/** Set in a ring by the freezer, then glazed cold and thawed, or by hours in the fridge. The glaze takes minutes to set. */
export const ringWaits = (fridgeHours: number, glazeSets: number): BuildWait[] => [
  chills('build', 'release', 4 * HOUR, 7 * DAY, 'frozen right through', {
    place: 'freezer',
    units: 1,
    ageing: 0.002,
    when: { route: 'set', choice: 'freezer' },
  }),
  chills('build', 'release', fridgeHours * HOUR, DAY, 'set right through', {
    when: { route: 'set', choice: 'fridge' },
  }),
  {
    from: 'release',
    to: 'glaze',
    min: 0,
    max: 12,
    place: null,
    units: 0,
    why: 'the glaze grips only while it is cold',
    ageing: 0.05,
  },
  chills('glaze', 'decorate', glazeSets, 8 * HOUR, 'the glaze sets'),
  chills('decorate', 'box', 4 * HOUR, 18 * HOUR, 'thaws slowly to the heart', {
    when: { route: 'set', choice: 'freezer' },
    ageing: 0.015,
  }),
  chills('decorate', 'box', 20, 18 * HOUR, 'sets before the box', {
    when: { route: 'set', choice: 'fridge' },
    ageing: 0.015,
  }),
  chills('box', HAND_OVER, 0, 12 * HOUR, 'waits cold for its people', { ageing: 0.02 }),
];
