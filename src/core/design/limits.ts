import { formProblems, span } from '../shape/form';
import { say } from '../words/say';
import type { Design } from './design';
import type { DesignProblem } from './design-problem';

/** More than this is no cake: what somebody sends is never reckoned beyond it. Lengths in mm. */
const MOST = { pieces: 40, times: 400, inside: 80, blocks: 100, parts: 100, span: 2000, height: 1000, grams: 200_000 };

/** What of a design is beyond all measure, before anything is reckoned of it. */
export function limitProblems({ pieces, blocks, parts, waits = [] }: Design): DesignProblem[] {
  const problems: DesignProblem[] = [];
  const most = (path: string, has: number, allowed: number) => {
    if (!(has <= allowed)) problems.push({ path, message: say`At most ${allowed}.` });
  };
  if (pieces.length === 0) problems.push({ path: 'pieces', message: say`There is no piece to it yet.` });
  most('pieces', pieces.length, MOST.pieces);
  most('blocks', blocks.length, MOST.blocks);
  most('parts', parts.length, MOST.parts);
  most(
    'pieces',
    pieces.reduce((sum, p) => sum + Math.max(1, p.count ?? 1), 0),
    MOST.times,
  );
  pieces.forEach((p, i) => {
    most(`pieces.${i}.inside`, p.inside.length, MOST.inside);
    for (const form of [p.form, ...(p.tin ? [p.tin] : [])]) {
      for (const message of formProblems(form)) problems.push({ path: `pieces.${i}.form`, message });
      most(`pieces.${i}.form`, span(form), MOST.span);
    }
    for (const height of [p.ringHeight, p.dummy, p.madeOf?.height])
      if (height !== undefined) most(`pieces.${i}`, height, MOST.height);
  });
  for (const { path, value } of numbersOf({ pieces, blocks, parts, waits }, ''))
    if (!Number.isFinite(value) || Math.abs(value) > MOST.grams)
      problems.push({ path, message: say`This number is beyond all measure.` });
    else if (value < 0) problems.push({ path, message: say`A number, 0 or more.` });
  return [...problems, ...shareProblems({ pieces, blocks, parts }, '')];
}

/** Shares of something that are more than the whole of it, or nothing; so much *for each gram* of something may be more. */
function shareProblems(value: unknown, path: string): DesignProblem[] {
  if (typeof value !== 'object' || value === null) return [];
  const { share, rule } = value as { share?: unknown; rule?: unknown };
  const wrong = typeof share === 'number' && rule !== 'share' && (share <= 0 || share > 1 + 1e-6);
  const own = wrong
    ? [{ path: `${path}.share`, message: say`A share of the batch: more than 0 and at most all of it.` }]
    : [];
  const within = Object.entries(value).flatMap(([k, v]) => shareProblems(v, path === '' ? k : `${path}.${k}`));
  return [...own, ...within];
}

/** Every number in a value, with its place. */
function numbersOf(value: unknown, path: string): { path: string; value: number }[] {
  if (typeof value === 'number') return [{ path, value }];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([k, v]) => numbersOf(v, path === '' ? k : `${path}.${k}`));
}
