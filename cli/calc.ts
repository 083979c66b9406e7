/**
 * Runs one calculator of the core, or with `--batch` all that standard input asks for. See `cli/README.md`.
 * Exit 0: the result is on stdout as JSON; 2: a wrong name or field, with what is right on stderr as JSON.
 */
import { readFileSync } from 'node:fs';
import { calculate, CALCULATORS, calculatorNamed } from '../src/core/calculators/registry';
import { documentCalculators } from '../src/core/calculators/document';
import { TYPING } from '../src/core/measure/parse-quantity';
import { describe } from '../src/core/calculators/read-input';
import { starterBuilds } from '../src/data/kitchens/starter';
import { demoLibrary } from '../src/data/kitchens/demo-parts';

function refuse(body: unknown): never {
  process.stderr.write(`${JSON.stringify(body, null, 1)}\n`);
  process.exit(2);
}

const context = { kitchen: demoLibrary, builds: new Map(starterBuilds.map((b) => [b.id, b])), typing: TYPING };

/** One answer for each entry of the list, in its order; what is wrong with an entry is told in its own place. */
function answerBatch(list: unknown): unknown[] {
  if (!Array.isArray(list)) refuse({ message: 'Standard input must be a JSON list of {calc, input}.' });
  return list.map((entry: unknown) => {
    const { calc, input = {} } = (entry ?? {}) as { calc?: unknown; input?: unknown };
    const calculator = typeof calc === 'string' ? calculatorNamed(calc) : null;
    const begun = performance.now();
    const result = calculator
      ? calculate(calculator, input, context)
      : { ok: false, problems: [{ path: 'calc', message: `There is no calculator “${String(calc)}”.` }] };
    return { ...result, ms: Math.round((performance.now() - begun) * 1000) / 1000 };
  });
}

const [name, json = '{}'] = process.argv.slice(2);
if (name === '--batch') {
  let list: unknown;
  try {
    list = JSON.parse(readFileSync(0, 'utf8'));
  } catch (error) {
    refuse({ message: `Standard input cannot be read as JSON: ${(error as Error).message}` });
  }
  process.stdout.write(`${JSON.stringify(answerBatch(list), null, 1)}\n`);
  process.exit(0);
}
if (name === '--document') {
  process.stdout.write(`${documentCalculators(demoLibrary.coefficients)}\n`);
  process.exit(0);
}
const found = name === undefined ? null : calculatorNamed(name);
if (!found)
  refuse({
    message: name === undefined ? 'Usage: npm run calc -- NAME \'{"…": …}\'' : `There is no calculator “${name}”.`,
    names: CALCULATORS.map((c) => ({ name: c.name, title: c.title })),
  });
const fields = Object.fromEntries(
  Object.entries(found.fields).map(([field, spec]) => [
    field,
    `${describe(spec, demoLibrary.coefficients)}${spec.default === undefined ? '' : ' (may be left out)'}`,
  ]),
);
let given: unknown;
try {
  given = JSON.parse(json);
} catch (error) {
  refuse({ message: `The fields cannot be read as JSON: ${(error as Error).message}`, fields });
}
const result = calculate(found, given, context);
if (!result.ok) refuse({ problems: result.problems, fields });
process.stdout.write(`${JSON.stringify(result.values, null, 1)}\n`);
