import type { DesignProblem } from '../design/design-problem';
import { problemsAt, pieceWrong } from './problems-at';
import { design } from './testing/two-tiers';

const problems: DesignProblem[] = [
  { path: 'pieces.1.form', message: 'No such tin.' },
  { path: 'pieces.1.inside.2', message: 'Too thick.' },
  { path: 'blocks.0.takes.0', message: 'Not so.' },
  { path: 'parts.0', message: 'More than the batch.' },
  { path: 'pieces.10', message: 'Of another.' },
];
const [lower, upper] = design.pieces.map((p) => p.key);

describe('what is wrong with a cake', () => {
  it('is said at the spot: at the piece with all that is in it, at what lies in it, at the work, at a part wherever that is', () => {
    expect(problemsAt({ on: 'piece', piece: upper! }, problems, design)).toEqual(['No such tin.', 'Too thick.']);
    expect(problemsAt({ on: 'piece', piece: lower! }, problems, design)).toEqual([]);
    expect(problemsAt({ on: 'inside', piece: upper!, at: 2 }, problems, design)).toContain('Too thick.');
    expect(problemsAt({ on: 'block', block: design.blocks[0]!.key, take: null }, problems, design)).toEqual([
      'Not so.',
    ]);
    const layer = design.pieces[0]!.inside.findIndex((i) => i.role === design.parts[0]!.role);
    expect(problemsAt({ on: 'inside', piece: lower!, at: layer }, problems, design)).toContain('More than the batch.');
    expect(problemsAt({ on: 'space', where: 'top' }, problems, design)).toEqual([]);
  });
  it('marks the piece that it is in', () => {
    expect(problems.map((p) => pieceWrong(p, design))).toEqual([upper, upper, null, null, null]);
  });
});
