import { readFileSync } from 'node:fs';
import { kitchenSchemaText } from '../../src/core/kitchen-file/json-schema';

it('the JSON Schema of the kitchen file in the documents is that of the codecs (npm run kitchen -- schema)', () => {
  // Compared as a whole: what differs would be hundreds of thousands of letters long.
  expect(readFileSync('docs/kitchen-format.schema.json', 'utf8') === kitchenSchemaText()).toBe(true);
});
