import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { runCli } from './testing/run-cli';
import { checkPlan } from '../src/core/plan-check/check-plan';

const folder = mkdtempSync(path.join(tmpdir(), 'zest-plan-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const plan = (...args: string[]) => runCli('plan', args);
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
});
