import type { TSchema } from '@sinclair/typebox';
import { EVENT_KINDS } from '../kinds/events';
import { answersCodec } from '../stored/order-answers';
import { detailsCodec } from '../stored/order-details';
import { buildCodec } from '../stored/build';
import type { Codec } from '../stored/codec';
import { keptBatchCodec, keptCodec } from '../stored/compiled';
import { eventCodec } from '../stored/event';
import { figuresCodec } from '../stored/kitchen-figures';
import { formulaCodec } from '../stored/formula';
import { plannedCodec } from '../stored/planned';
import { openingCodec, REGISTERS } from '../stored/registers';
import { REGISTER_OF, REGISTER_SECTIONS } from './documents';
import { kitchenFile } from './shape';

type Json = Record<string, unknown>;

/** A document as it stands in a file: its shape, with its format and its newest version. */
function documentSchema({ format, version, schema }: Codec<unknown>): Json {
  const { properties = {}, required = [], ...rest } = plain(schema) as { properties?: Json; required?: string[] };
  return {
    ...rest,
    type: 'object',
    properties: { format: { const: format }, version: { const: version }, ...properties },
    required: ['format', 'version', ...required],
  };
}

/** Only what JSON can say. */
const plain = (schema: TSchema): Json => JSON.parse(JSON.stringify(schema)) as Json;

/** The newest shape of each document, by the name under which the schema of the file refers to it. */
const DOCUMENTS: Record<string, Codec<unknown>> = {
  ...Object.fromEntries(REGISTER_SECTIONS.map((s) => [s, REGISTERS[REGISTER_OF[s]] as Codec<unknown>])),
  ...{ figures: figuresCodec as Codec<unknown>, opening: openingCodec as Codec<unknown> },
  ...{ formula: formulaCodec as Codec<unknown>, build: buildCodec as Codec<unknown> },
  ...{ answers: answersCodec as Codec<unknown>, details: detailsCodec as Codec<unknown> },
  ...{ plan: plannedCodec as Codec<unknown> },
  ...{ orderWork: keptCodec as Codec<unknown>, batchWork: keptBatchCodec as Codec<unknown> },
};

const ref = (name: string) => ({ $ref: `#/$defs/${name}` });

/**
 * The JSON Schema of the kitchen file, made from the codecs that read it: the newest version of every document. Older versions are read as
 * well, and are not described.
 */
function kitchenJsonSchema(): Json {
  const file = plain(kitchenFile) as { properties: Record<string, Json> };
  const item = (section: string) =>
    (file.properties[section]!.items as { properties: Record<string, Json> }).properties;
  for (const section of REGISTER_SECTIONS) item(section).body = ref(section);
  const kitchen = (file.properties.kitchen!.anyOf as { properties?: Record<string, Json> }[])[0]!.properties!;
  kitchen.figures = ref('figures');
  kitchen.opening = { anyOf: [ref('opening'), { type: 'null' }] };
  (item('formulas').versions!.items as { properties: Json }).properties.body = ref('formula');
  item('builds').body = ref('build');
  item('orders').answers = ref('answers');
  item('orders').details = { anyOf: [ref('details'), { type: 'null' }] };
  item('work').body = { anyOf: [ref('orderWork'), ref('batchWork')] };
  item('plans').body = ref('plan');
  item('events').body = { anyOf: EVENT_KINDS.map((kind) => ref(`event: ${kind}`)) };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Zest Ladder kitchen file',
    ...file,
    $defs: {
      ...Object.fromEntries(Object.entries(DOCUMENTS).map(([name, codec]) => [name, documentSchema(codec)])),
      ...Object.fromEntries(
        EVENT_KINDS.map((kind) => [`event: ${kind}`, documentSchema(eventCodec(kind) as Codec<unknown>)]),
      ),
    },
  };
}

/** The schema as text, one line a document, so that a change of one is one line. */
export function kitchenSchemaText(): string {
  const { $defs, ...file } = kitchenJsonSchema() as { $defs: Json };
  const line = ([name, value]: [string, unknown]) => `${JSON.stringify(name)}: ${JSON.stringify(value)}`;
  const head = Object.entries(file).map((f) => `  ${line(f)}`);
  const defs = Object.entries($defs).map((d) => `    ${line(d)}`);
  return `{\n${[...head, `  "$defs": {\n${defs.join(',\n')}\n  }`].join(',\n')}\n}\n`;
}
