import { readFileSync } from 'node:fs';
import { documentCalculators } from '../src/core/calculators/document';
import { demoLibrary as kitchen } from '../src/data/kitchens/demo-parts';
import { runCli } from './testing/run-cli';

describe('npm run calc', () => {
  const run = (...args: string[]) => runCli('calc', args);
  it('prints JSON', () => {
    const good = run('yeast', '{"grams": 20, "to": "instant"}');
    expect([good.status, JSON.parse(good.stdout)]).toEqual([0, { grams: 8 }]);
  });
  it('a wrong name, a wrong field, no JSON: exit 2 and the list of what is right', () => {
    const wrong = run('yeasts');
    expect(wrong.status).toBe(2);
    expect(JSON.parse(wrong.stderr).names.map((n: { name: string }) => n.name)).toContain('yeast');
    const field = run('yeast', '{"gram": 20}');
    expect(field.status).toBe(2);
    expect(Object.keys(JSON.parse(field.stderr).fields)).toEqual(['grams', 'from', 'to']);
    expect(run('yeast', '{').status).toBe(2);
  });
  it('--batch answers a list from standard input, each entry in its place', () => {
    const asked = [
      { calc: 'yeast', input: { grams: 20, to: 'instant' } },
      { calc: 'yeasts' },
      { calc: 'coat', input: { height: -1 } },
      null,
    ];
    const batch = runCli('calc', ['--batch'], JSON.stringify(asked));
    expect(batch.status).toBe(0);
    expect(JSON.parse(batch.stdout)).toEqual([
      { ok: true, values: { grams: 8 }, ms: expect.any(Number) },
      { ok: false, problems: [{ path: 'calc', message: 'There is no calculator “yeasts”.' }], ms: expect.any(Number) },
      {
        ok: false,
        problems: [{ path: 'height', message: expect.stringContaining('at least 0') }],
        ms: expect.any(Number),
      },
      { ok: false, problems: [{ path: 'calc', message: expect.any(String) }], ms: expect.any(Number) },
    ]);
    expect(runCli('calc', ['--batch'], '{}').status).toBe(2);
    expect(runCli('calc', ['--batch'], '[').status).toBe(2);
  });
  it('every calculator stands in the reference as it is', () => {
    const squeeze = (text: string) => text.replace(/[\s_*\\|-]+/g, '');
    const reference = squeeze(readFileSync('cli/README.md', 'utf8'));
    for (const section of documentCalculators(kitchen.coefficients).split('\n\n'))
      expect(reference).toContain(squeeze(section));
  });
});
