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
});
