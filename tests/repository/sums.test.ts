import { readFileSync } from 'node:fs';
import { runCli } from '../../cli/testing/run-cli';

interface Sum {
  calc: string;
  input: Record<string, unknown>;
  gives: Record<string, number | string | boolean>;
  how: string;
}

/** Sums that were worked out apart from the code, each with the way it was done. */
const sums = JSON.parse(readFileSync('tests/sums/by-hand.json', 'utf8')) as Sum[];

type Answer = { ok: true; values: Record<string, unknown> } | { ok: false; problems: { message: string }[] };

const at = (values: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((v, key) => (v as Record<string, unknown> | undefined)?.[key], values);

describe('sums by hand', () => {
  const batch = runCli('calc', ['--batch'], JSON.stringify(sums.map(({ calc, input }) => ({ calc, input }))));
  const answers = JSON.parse(batch.stdout) as Answer[];

  it('are a hundred at the least', () => expect([sums.length >= 100, answers.length]).toEqual([true, sums.length]));

  it.each(sums.map((s, i) => [`${s.calc}: ${s.how}`, i] as const))('%s', (_, i) => {
    const { gives } = sums[i]!;
    const answer = answers[i]!;
    if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
    for (const [path, wanted] of Object.entries(gives)) {
      const got = at(answer.values, path);
      if (typeof wanted !== 'number') expect([path, got]).toEqual([path, wanted]);
      else
        expect([path, Math.abs((got as number) - wanted) <= 1e-6 * Math.max(1, Math.abs(wanted)), got]).toEqual([
          path,
          true,
          got,
        ]);
    }
  });
});
