/**
 * Plans a problem from a file. See `cli/README.md`.
 * Exit 0: the plan is written; 2: the problem cannot be read or planned, with a list of what is wrong on stderr.
 */
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { readProblem } from '../src/core/planning-format/read-problem';
import { solve } from '../src/core/planner/solve';
import { planLines } from './plan-lines';
import type { Complaint } from '../src/core/planning-format/complaint';

function refuse(problems: Complaint[]): never {
  process.stderr.write(`${JSON.stringify(problems, null, 1)}\n`);
  process.exit(2);
}

function readArguments() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        seconds: { type: 'string' },
        rounds: { type: 'string' },
        seed: { type: 'string', default: '1' },
        lines: { type: 'boolean', default: false },
      },
    });
  } catch (error) {
    refuse([{ path: '', message: (error as Error).message }]);
  }
}

const { values, positionals } = readArguments();
if (values.lines) {
  await planLines(process.stdin, process.stdout);
  process.exit(0);
}
const [file] = positionals;
// Who names the rounds wants the same plan on every machine: then no clock ends the search, unless it is asked for too.
const seconds = Number(values.seconds ?? (values.rounds === undefined ? '5' : 'Infinity'));
const rounds = values.rounds === undefined ? undefined : Number(values.rounds);
const seed = Number(values.seed);
if (!file)
  refuse([
    {
      path: '',
      message:
        'Usage: npm run plan -- PROBLEM.json [--out PLAN.json] [--seconds 5] [--rounds 60] [--seed 1], or: npm run plan -- --lines',
    },
  ]);
if (!(seconds >= 0)) refuse([{ path: '--seconds', message: 'The seconds must be a number of 0 or more.' }]);
if (rounds !== undefined && !(Number.isInteger(rounds) && rounds >= 0))
  refuse([{ path: '--rounds', message: 'The rounds must be a whole number of 0 or more.' }]);
if (!Number.isInteger(seed)) refuse([{ path: '--seed', message: 'The seed must be a whole number.' }]);

const begun = performance.now();
const elapsed = () => (performance.now() - begun) / 1000;
let bytes: Buffer;
let json: unknown;
try {
  bytes = readFileSync(file);
  json = JSON.parse(bytes.toString('utf8'));
} catch (error) {
  refuse([{ path: '', message: `The file cannot be read as JSON: ${(error as Error).message}` }]);
}
const read = readProblem(json);
if (!read.ok) refuse(read.problems);
const solved = solve(read.problem, {
  seed,
  ...(rounds === undefined ? {} : { rounds }),
  stop: () => elapsed() >= seconds,
  digest: createHash('sha256').update(bytes).digest('hex'),
  seconds: elapsed,
});
if (!solved.ok) refuse(solved.problems);
const text = `${JSON.stringify(solved.plan)}\n`;
if (values.out) writeFileSync(values.out, text);
else process.stdout.write(text);
