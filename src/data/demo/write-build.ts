import type { BuildStage, BuildWait } from '../../core/breakdown/build';
import { HAND_OVER } from '../../core/breakdown/build';
import { HOUR } from './write-formula';

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
