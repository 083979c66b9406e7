import { formProblems, span } from '../shape/form';
import { say } from '../words/say';
import type { Design } from './design';
import type { DesignProblem } from './design-problem';

/** More than this is no cake: what somebody sends is never reckoned beyond it. Lengths in mm. */
const MOST = { pieces: 40, times: 400, inside: 80, blocks: 100, parts: 100, span: 2000, height: 1000, grams: 200_000 };

/** What of a design is beyond all measure, before anything is reckoned of it. */
export function limitProblems({ pieces, blocks, parts }: Design): DesignProblem[] {
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
  for (const { path, value } of numbersOf({ pieces, blocks, parts }, ''))
    if (!Number.isFinite(value) || Math.abs(value) > MOST.grams)
      problems.push({ path, message: say`This number is beyond all measure.` });
  return problems;
}

/** Every number in a value, with its place. */
function numbersOf(value: unknown, path: string): { path: string; value: number }[] {
  if (typeof value === 'number') return [{ path, value }];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([k, v]) => numbersOf(v, path === '' ? k : `${path}.${k}`));
}
