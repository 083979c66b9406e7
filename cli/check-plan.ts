/**
 * Checks a plan against its problem. See `cli/README.md`.
 * Exit 0: the plan keeps every rule; 1: it does not; 2: a file cannot be read. The verdict is on stdout as JSON.
 */
import { readFileSync } from 'node:fs';
import { checkPlan } from '../src/core/plan-check/check-plan';

const [problemFile, planFile] = process.argv.slice(2);
if (!problemFile || !planFile) {
  process.stderr.write('Usage: npm run check-plan -- PROBLEM.json PLAN.json\n');
  process.exit(2);
}

function read(file: string): never {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as never;
  } catch (error) {
    process.stderr.write(`${file} cannot be read as JSON: ${(error as Error).message}\n`);
    process.exit(2);
  }
}

const verdict = checkPlan(read(problemFile), read(planFile));
process.stdout.write(`${JSON.stringify(verdict, null, 1)}\n`);
process.exit(verdict.ok ? 0 : 1);
