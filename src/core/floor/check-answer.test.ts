import type { Check } from '../formula/formula';
import { CHECKS, type CheckName } from '../kinds/checks';
import { checkProblem } from './check-answer';

const check = (kind: Check['kind'], limit?: number): Check => ({
  ...{ kind, text: 'the sign', otherwise: 'Wait.' },
  ...(limit === undefined ? {} : { limit }),
});

describe('a check gates the end of its step', () => {
  it('nothing to check lets everybody through', () => expect(checkProblem(null, undefined)).toBeNull());
  it.each((Object.keys(CHECKS) as CheckName[]).map((k) => [k]))(
    '%s: shut until somebody says that it holds',
    (kind) => {
      expect(checkProblem(check(kind), undefined)).toContain('the sign');
      expect(checkProblem(check(kind), { holds: true })).toBeNull();
    },
  );
  it('a number has to be there, and on the right side of its limit', () => {
    expect(checkProblem(check('temperature at least', 82), { holds: true })).toContain('What did it read');
    expect(checkProblem(check('temperature at least', 82), { holds: true, value: 81 })).toContain('Wait.');
    expect(checkProblem(check('temperature at least', 82), { holds: true, value: 82 })).toBeNull();
    expect(checkProblem(check('temperature at most', 30), { holds: true, value: 31 })).toContain('31 is not there yet');
    expect(checkProblem(check('temperature at most', 30), { holds: true, value: 29 })).toBeNull();
  });

  it('a number that is none is asked for again; a kind that nothing is measured by needs only that it holds', () => {
    const hot: Check = { kind: 'temperature at least', text: 'It is 82 °C', limit: 82, otherwise: 'Cook on.' };
    for (const value of [undefined, NaN, Infinity, '82' as never])
      expect(checkProblem(hot, { holds: true, ...(value === undefined ? {} : { value }) })).toBe(
        'What did it read? It is 82 °C.',
      );
    expect(checkProblem({ ...hot, kind: 'level' }, { holds: true, value: 1 })).toBeNull();
    expect(checkProblem(hot, { holds: true, value: 82 })).toBeNull();
    expect(checkProblem(hot, { holds: true, value: 81.9 })).toBe('81.9 is not there yet (It is 82 °C). Cook on.');
  });
});
