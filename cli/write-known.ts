/** Writes down what is known of shapes, cakes and figures, for the tests that compare it. See `cli/README.md`. */
import { writeFileSync } from 'node:fs';
import { KNOWN_CAKES, knownCake, knownFigures } from '../src/core/breakdown/testing/known';
import { KNOWN_SHAPES } from '../src/core/shape/testing/known';

const write = (folder: string, known: object) => {
  const text = `${JSON.stringify(known, null, 2)}\n`;
  writeFileSync(new URL(`../src/core/${folder}/testing/known.json`, import.meta.url), text);
  process.stdout.write(`${folder}: ${text.split('\n').length} lines\n`);
};
const cakes = Object.fromEntries(KNOWN_CAKES.map((name) => [name, knownCake(name)]));
write('breakdown', { cakes, figures: knownFigures() });
write('shape', Object.fromEntries(Object.entries(KNOWN_SHAPES).map(([name, make]) => [name, make()])));
