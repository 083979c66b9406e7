import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { runCli } from './testing/run-cli';
import { checkPlan } from '../src/core/plan-check/check-plan';

const folder = mkdtempSync(path.join(tmpdir(), 'zest-plan-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const plan = (...args: string[]) => runCli('plan', args);
// eslint-disable-next-line @typescript-eslint/no-explicit-any
const answers = (text: string): any[] =>
  text
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l));
const example = 'docs/planning-examples/five-cakes.json';

describe('npm run plan', () => {
  it('writes a plan that the checker accepts, and names the problem by its digest', () => {
    const out = path.join(folder, 'plan.json');
    const run = plan(example, '--out', out, '--seconds', '0.5');
    expect(run.status).toBe(0);
    const written = JSON.parse(readFileSync(out, 'utf8'));
    expect(checkPlan(JSON.parse(readFileSync(example, 'utf8')), written).errors).toEqual([]);
    expect(written.problem).toMatch(/^[0-9a-f]{64}$/);
  });

  it('refuses a bad problem with a list on standard error', () => {
    const bad = path.join(folder, 'bad.json');
    const problem = JSON.parse(readFileSync(example, 'utf8'));
    problem.steps[3].order = 'nobody';
    writeFileSync(bad, JSON.stringify(problem));
    const run = plan(bad);
    expect(run.status).toBe(2);
    expect(JSON.parse(run.stderr)).toEqual([{ path: 'steps[3].order', message: expect.stringContaining('nobody') }]);
    expect(run.stdout).toBe('');
  });

  it('refuses a file that is no JSON, and a missing one', () => {
    const torn = path.join(folder, 'torn.json');
    writeFileSync(torn, '{"format":');
    for (const file of [torn, path.join(folder, 'none.json')]) {
      const run = plan(file);
      expect(run.status).toBe(2);
      expect(JSON.parse(run.stderr)[0].message).toMatch(/cannot be read/);
    }
  });

  it('makes the same plan again where it counts rounds instead of seconds, and refuses half a round', () => {
    const [first, again] = [0, 1].map(() => JSON.parse(plan(example, '--rounds', '3').stdout));
    expect({ ...again, seconds: 0 }).toEqual({ ...first, seconds: 0 });
    expect(first.score.cost).toBeGreaterThan(0);
    const half = plan(example, '--rounds', '1.5');
    expect(half.status).toBe(2);
    expect(JSON.parse(half.stderr)[0].path).toBe('--rounds');
  });

  it('plans a document a line, also around an earlier plan, and says what is wrong with a line without ending', () => {
    const problem = JSON.parse(readFileSync(example, 'utf8'));
    const first = runCli('plan', ['--lines'], `${JSON.stringify({ problem, rounds: 5 })}\n`);
    const [{ plan: before }] = answers(first.stdout);
    expect(checkPlan(problem, before).errors).toEqual([]);
    const earliest = Math.min(...before.steps.map((s: { start: number }) => s.start));
    const lines = [
      JSON.stringify({ problem: { ...problem, now: Math.max(problem.now, earliest) }, before, rounds: 0 }),
      '{"problem":',
      JSON.stringify({ problem, before: { steps: 3 }, rounds: 0 }),
      JSON.stringify({ problem, rounds: -1 }),
      JSON.stringify({ problem: { ...problem, orders: 7 }, rounds: 0 }),
      '',
      JSON.stringify({ problem, rounds: 5 }),
    ];
    const run = runCli('plan', ['--lines'], `${lines.join('\n')}\n`);
    expect(run.status).toBe(0);
    const [again, torn, noPlan, noRounds, noOrders, same] = answers(run.stdout);
    expect(again).toMatchObject({ moved: 0, ms: expect.any(Number) });
    expect(torn.problems[0]).toMatchObject({ path: '', message: expect.stringContaining('cannot be read as JSON') });
    expect(noPlan.problems).toEqual([{ path: 'before', message: 'This is no plan.' }]);
    expect(noRounds.problems[0].path).toBe('rounds');
    expect(noOrders.problems[0].path).toBe('problem.orders');
    expect(same.plan.steps).toEqual(before.steps);
  });
});
