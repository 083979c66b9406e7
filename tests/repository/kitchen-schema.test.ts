import { readFileSync } from 'node:fs';
import { diff } from 'jsondiffpatch';
import { kitchenSchemaText } from '../../src/core/kitchen-file/json-schema';

it('the JSON Schema of the kitchen file in the documents is that of the codecs (npm run kitchen -- schema)', () => {
  // Only what differs: the whole is hundreds of thousands of letters long.
  expect(
    diff(JSON.parse(readFileSync('docs/kitchen-format.schema.json', 'utf8')), JSON.parse(kitchenSchemaText())),
  ).toBe(undefined);
});
