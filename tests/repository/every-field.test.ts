import type { TSchema } from '@sinclair/typebox';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { groupOf, type Item } from '../../src/core/kitchen/item';
import { openingCodec, REGISTERS } from '../../src/core/stored/registers';
import { ITEM_FORMS } from '../../src/core/input/item-input';
import { formulaForm } from '../../src/core/input/formula-input';
import { ingredientForm } from '../../src/core/input/ingredient-input';
import { newKitchenForm } from '../../src/core/input/new-kitchen-input';
import { openingForm } from '../../src/core/input/opening-input';
import { personForm } from '../../src/core/input/person-input';
import { standingForm } from '../../src/core/input/standing-input';
import { supplierForm } from '../../src/core/input/supplier-input';
import { STARTER_SETS } from '../../src/core/kitchen/starter-sets';

/** Everything that the screens of the kitchen say in code. */
const SCREENS = ['src/ui/kitchen', 'src/ui/kitchens', 'src/ui/parts']
  .flatMap((folder) => readdirSync(folder).map((file) => readFileSync(path.join(folder, file), 'utf8')))
  .join('\n');

/** Paths of all fields of a stored document, lists and names by `*`. */
function fieldsOf(schema: TSchema, at = ''): string[] {
  const s = schema as {
    anyOf?: TSchema[];
    properties?: Record<string, TSchema>;
    items?: TSchema;
    patternProperties?: Record<string, TSchema>;
  };
  const shapes = s.anyOf?.filter((x) => (x as { type?: string }).type !== 'null') ?? [];
  if (shapes.length > 0 && shapes.some((x) => 'properties' in x || 'items' in x))
    return shapes.flatMap((x) => fieldsOf(x, at));
  if (s.properties) return Object.entries(s.properties).flatMap(([k, v]) => fieldsOf(v, at === '' ? k : `${at}.${k}`));
  if (s.items && !Array.isArray(s.items)) return fieldsOf(s.items, `${at}.*`);
  if (s.patternProperties) return Object.values(s.patternProperties).flatMap((v) => fieldsOf(v, `${at}.*`));
  return [at];
}

/** Fields that are set elsewhere than in the form of their entry, or follow from what is set there; with where. */
const ELSEWHERE: Readonly<Record<string, string>> = {
  'people reading.weight': 'Units, under How we do it',
  'people reading.volume': 'Units, under How we do it',
  'people reading.temperature': 'Units, under How we do it',
  'people reading.length': 'Units, under How we do it',
  'people reading.country': 'Units, under How we do it',
  'people reading.decimal': 'Units, under How we do it',
  'ingredients flour': 'follows from what it is',
  'ingredients egg': 'follows from what it is',
  'ingredients gelatine': 'follows from what it is',
  'ingredients unconfirmed': 'the box of who has read its label',
  'ingredients leftOver': 'of what the cakes leave over: nothing that is bought',
};
/** What a form calls something else than the document does. */
const CALLED: Readonly<Record<string, string>> = {
  'items oven.deck.length': 'deckLength',
  'items oven.deck.width': 'deckWidth',
  'items mould.use': 'words',
  'items mould.depth': 'words',
};

const FORMS = {
  people: [personForm],
  items: Object.values(ITEM_FORMS),
  ingredients: [ingredientForm],
  suppliers: [supplierForm],
  'standing work': [standingForm],
};

/** Is there a field of this name in one of the forms? Its last word is looked for at any depth. */
function inForms(forms: readonly { describe: () => unknown }[], name: string): boolean {
  const holds = (d: unknown): boolean => {
    const { fields = {}, innerType } = d as { fields?: Record<string, unknown>; innerType?: unknown };
    return name in fields || Object.values(fields).some(holds) || (innerType !== undefined && holds(innerType));
  };
  return forms.some((f) => holds(f.describe()));
}

const onScreen = (name: string) => new RegExp(`name="${name}"|\\.${name}\`|\\b${name}\\b`).test(SCREENS);

describe.each(Object.keys(FORMS) as (keyof typeof FORMS)[])('every field of the %s', (register) => {
  const fields = [
    ...new Set(fieldsOf(REGISTERS[register].schema).map((f) => f.replace(/^mould\.form\..*/, 'mould.use'))),
  ];
  it.each(fields)('%s can be reached on a screen', (field) => {
    const key = `${register} ${field}`;
    if (ELSEWHERE[key] !== undefined) return;
    const name =
      CALLED[key] ??
      field
        .split('.')
        .filter((p) => p !== '*')
        .at(-1)!;
    expect([field, inForms(FORMS[register], name)]).toEqual([field, true]);
    expect([field, onScreen(name)]).toEqual([field, true]);
  });
  it('is looked for where it is said to be: nothing is said of a field that is not there', () => {
    const told = [...Object.keys(ELSEWHERE), ...Object.keys(CALLED)].filter((k) => k.startsWith(`${register} `));
    expect(told.filter((k) => !fields.includes(k.slice(register.length + 1)))).toEqual([]);
  });
});

describe('every field of a formula’s form', () => {
  const screens = ['src/ui/formulas', 'src/ui/parts']
    .flatMap((folder) => readdirSync(folder).map((file) => readFileSync(path.join(folder, file), 'utf8')))
    .join('\n');
  /** Names of all fields, at any depth. */
  const namesIn = (d: unknown): string[] => {
    const { fields = {}, innerType } = d as { fields?: Record<string, unknown>; innerType?: unknown };
    return [
      ...Object.entries(fields).flatMap(([name, inner]) => [name, ...namesIn(inner)]),
      ...(innerType === undefined ? [] : namesIn(innerType)),
    ];
  };
  // The version of the form itself is no field.
  const names = [...new Set(namesIn(formulaForm.describe()))].filter((n) => n !== 'form' && n !== 'id');
  it.each(names)('%s has an editor', (name) => {
    // Either it is named as a field of the form, or it is one of a list or a group whose own fields are.
    const edited = new RegExp(`name="${name}"|\\.${name}\\b|'${name}'|\\b${name}:`).test(screens);
    expect([name, edited]).toEqual([name, true]);
  });
});

describe('every field of a kitchen', () => {
  it.each(fieldsOf(openingCodec.schema))('%s of its hours can be reached on a screen', (field) => {
    expect([field, inForms([openingForm], field.split('.').at(-1)!)]).toEqual([field, true]);
  });
  it.each(['name', 'zone', 'country', 'decimal', 'weight', 'temperature', 'length'])(
    '%s is asked for at the beginning',
    (field) => {
      expect([field, inForms([newKitchenForm], field), onScreen(field)]).toEqual([field, true, true]);
    },
  );
  it('each thing of the starter sets has a form', () => {
    const groups = new Set(STARTER_SETS.flatMap((s) => s.items).map((i: Item) => groupOf(i)));
    expect([...groups].sort()).toEqual(Object.keys(ITEM_FORMS).sort());
  });
});
