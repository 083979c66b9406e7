import type { Check } from '../formula/formula';
import { CHECKS, type CheckName } from '../kinds/checks';
import { checkProblem, goneTooFar } from './check-answer';

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
    expect(checkProblem(check('temperature at most', 30), { holds: true, value: 31 })).toContain(
      '31 °C is not there yet',
    );
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
    expect(checkProblem(hot, { holds: true, value: 81.9 })).toBe('81.9 °C is not there yet (It is 82 °C). Cook on.');
  });

  it('beyond the other end of its range it asks for a second look and for the reason, and advises by the side on which it missed', () => {
    const curd: Check = { ...check('temperature at least', 82), tooFar: 85, beyond: 'Strain it.' };
    const read = (value: number, why?: string) => checkProblem(curd, { holds: true, value, why });
    const tooFar = '97 °C has gone too far (the sign). Look again: right probe, right bowl, in the middle? Strain it.';
    expect(read(97)).toBe(tooFar);
    expect(read(97, '  ')).toBe(tooFar);
    expect(read(97)).not.toContain(curd.otherwise);
    expect([read(85), read(97, 'No grains in it.')]).toEqual([null, null]);
    // A reason opens no gate that is not reached, and what is done then is another thing.
    expect(read(81, 'In a hurry.')).toBe('81 °C is not there yet (the sign). Wait.');
    expect(checkProblem({ ...check('temperature at least', 82), tooFar: 85 }, { holds: true, value: 97 })).toMatch(
      /in the middle\?$/,
    );
    const tempered: Check = { ...check('temperature at most', 32), tooFar: 28 };
    const cooled = (value: number) => checkProblem(tempered, { holds: true, value });
    expect([cooled(32), cooled(28), cooled(33) === null, cooled(26)?.includes('too far')]).toEqual([
      null,
      null,
      false,
      true,
    ]);
    expect(goneTooFar(check('level'), { holds: true, value: 3 })).toBe(false);
    // Without another end, with no number, or by a kind that nothing is measured by, nothing goes too far.
    const hot = { holds: true as const, value: 97 };
    expect(goneTooFar(check('temperature at least', 82), hot)).toBe(false);
    expect(goneTooFar({ ...check('level', 82), tooFar: 85 }, hot)).toBe(false);
    for (const value of [undefined, NaN, Infinity, '97' as never])
      expect(goneTooFar(curd, value === undefined ? { holds: true } : { holds: true, value })).toBe(false);
  });
});
