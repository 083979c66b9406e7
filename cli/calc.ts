/**
 * Runs one calculator of the core. See `cli/README.md`.
 * Exit 0: the result is on stdout as JSON; 2: a wrong name or field, with what is right on stderr as JSON.
 */
import { calculate, CALCULATORS, calculatorNamed } from '../src/core/calculators/registry';
import { documentCalculators } from '../src/core/calculators/document';
import { describe } from '../src/core/calculators/read-input';
import { demoBuilds } from '../src/data/demo/builds';
import { demoLibrary } from '../src/data/demo/demo-library';

function refuse(body: unknown): never {
  process.stderr.write(`${JSON.stringify(body, null, 1)}\n`);
  process.exit(2);
}

const [name, json = '{}'] = process.argv.slice(2);
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
const result = calculate(found, given, {
  kitchen: demoLibrary,
  builds: new Map(demoBuilds.map((b) => [b.id, b])),
});
if (!result.ok) refuse({ problems: result.problems, fields });
process.stdout.write(`${JSON.stringify(result.values, null, 1)}\n`);
