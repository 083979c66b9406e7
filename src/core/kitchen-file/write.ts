import type { KitchenFile } from './shape';

/**
 * A file as text: one line a record, so that two of them can be compared line by line, and that a large one need not be held as a whole by whoever
 * reads it.
 */
function* fileLines(file: KitchenFile): Generator<string> {
  yield '{\n';
  const fields = Object.entries(file);
  for (const [i, [name, value]] of fields.entries()) {
    const end = i < fields.length - 1 ? ',\n' : '\n';
    if (!Array.isArray(value)) {
      yield `  ${JSON.stringify(name)}: ${JSON.stringify(value)}${end}`;
      continue;
    }
    yield `  ${JSON.stringify(name)}: [${value.length > 0 ? '\n' : ''}`;
    for (const [k, record] of value.entries())
      yield `    ${JSON.stringify(record)}${k < value.length - 1 ? ',' : ''}\n`;
    yield `${value.length > 0 ? '  ' : ''}]${end}`;
  }
  yield '}\n';
}

export const fileText = (file: KitchenFile): string => [...fileLines(file)].join('');
