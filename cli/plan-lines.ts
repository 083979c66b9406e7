import { createInterface } from 'node:readline';
import type { Readable, Writable } from 'node:stream';
import { replan } from '../src/core/planner/replanning/replan';
import { solve } from '../src/core/planner/solve';
import type { Complaint } from '../src/core/planning-format/complaint';
import type { Plan } from '../src/core/planning-format/plan';
import { readProblem } from '../src/core/planning-format/read-problem';

/** Seconds that a line may take that says neither seconds nor rounds. */
const SECONDS = 5;

/**
 * Plans what comes in, a JSON document a line, and prints one a line, so that a day can be driven from outside in one process:
 * `{problem, before?, seconds?, rounds?, seed?}` gives `{plan, moved, ms}`, or `{problems: [{path, message}], ms}`. With `before`, a plan, it is
 * planned again around that; `rounds` without `seconds` plans the same on every machine.
 */
export async function planLines(input: Readable, output: Writable): Promise<void> {
  for await (const line of createInterface({ input, crlfDelay: Infinity })) {
    if (line.trim() === '') continue;
    const begun = performance.now();
    const answer = planLine(line, () => (performance.now() - begun) / 1000);
    output.write(`${JSON.stringify({ ...answer, ms: Math.round(performance.now() - begun) })}\n`);
  }
}

type Answer = { plan: Plan; moved: number } | { problems: Complaint[] };

function planLine(line: string, elapsed: () => number): Answer {
  const refuse = (path: string, message: string): Answer => ({ problems: [{ path, message }] });
  let asked: unknown;
  try {
    asked = JSON.parse(line);
  } catch (error) {
    return refuse('', `The line cannot be read as JSON: ${(error as Error).message}`);
  }
  if (typeof asked !== 'object' || asked === null || Array.isArray(asked)) return refuse('', 'A line is an object.');
  const { problem, before, seconds, rounds, seed } = asked as Record<string, unknown>;
  if (!isMaybe(seconds, (x) => x >= 0)) return refuse('seconds', 'The seconds must be a number of 0 or more.');
  if (!isMaybe(rounds, (x) => Number.isInteger(x) && x >= 0))
    return refuse('rounds', 'The rounds must be a whole number of 0 or more.');
  if (!isMaybe(seed, (x) => Number.isInteger(x))) return refuse('seed', 'The seed must be a whole number.');
  if (before !== undefined && before !== null && !isPlan(before)) return refuse('before', 'This is no plan.');
  const read = readProblem(problem);
  if (!read.ok) return { problems: read.problems.map((p) => ({ ...p, path: `problem.${p.path}` })) };
  const limit = seconds ?? (typeof rounds === 'number' ? Infinity : SECONDS);
  const options = {
    ...(typeof rounds === 'number' ? { rounds } : {}),
    ...{ seed: seed ?? 1, stop: () => elapsed() >= limit, seconds: elapsed },
  };
  const fresh = () => {
    const solved = solve(read.problem, options);
    return solved.ok ? { ...solved, moved: 0 } : solved;
  };
  const made = before ? replan(read.problem, before as Plan, options) : fresh();
  return made.ok ? { plan: made.plan, moved: made.moved } : { problems: made.problems };
}

const isMaybe = (x: unknown, fits: (n: number) => boolean): x is number | null | undefined =>
  x === undefined || x === null || (typeof x === 'number' && fits(x));

/** Enough of a plan to be planned around: what is wrong with a step that it names is found when it is placed. */
function isPlan(x: unknown): boolean {
  const { steps, routes, unplaced } = (typeof x === 'object' && x !== null ? x : {}) as Partial<Plan>;
  const isStep = (s: unknown) => {
    const { id, start, people, equipment } = (s ?? {}) as Plan['steps'][number];
    return typeof id === 'string' && Number.isInteger(start) && Array.isArray(people) && Array.isArray(equipment);
  };
  const isTable = typeof routes === 'object' && routes !== null;
  return Array.isArray(steps) && steps.every(isStep) && isTable && Array.isArray(unplaced);
}
