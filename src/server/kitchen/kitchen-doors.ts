import { array, mixed, object, string } from 'yup';
import { blockForm } from '../../core/input/block-input';
import { ingredientForm, ingredientOf } from '../../core/input/ingredient-input';
import { ITEM_FORMS } from '../../core/input/item-input';
import { kitchenPlaceForm } from '../../core/input/new-kitchen-input';
import { openingForm } from '../../core/input/opening-input';
import { personForm, personOf } from '../../core/input/person-input';
import { standingForm, standingOf } from '../../core/input/standing-input';
import { supplierForm, supplierOf } from '../../core/input/supplier-input';
import { SETUP_STEPS } from '../../core/kitchen/setup-steps';
import type { Decimal } from '../../core/measure/parse-number';
import { COUNTRIES } from '../../core/measure/units';
import { REGISTERS, type RegisterName } from '../../core/stored/registers';
import { PARTS } from '../../data/repositories/contents';
import { putBackBuild } from '../builds/save-build';
import { asking, writing, type Door } from '../shared/door';
import { flag, numbersByKey, optionalText, rowId, shortId, sure, version, wordsByKey } from '../shared/fields';
import { openKitchen } from '../shared/open-kitchen';
import { refuse, type Result } from '../shared/result';
import { addStarterSet, addTins } from './add-items';
import { putBack, retireEntry } from './entries';
import { exportKitchen, importAsKitchen, importInto, LARGEST_FILE, lookInto } from './kitchen-file';
import { saveKitchen, saveReading } from './kitchen-settings';
import { renameKitchen, saveOpening, saveSetUp } from './opening';
import { saveBlock, saveFrom, saveItem } from './save-forms';
import { tryFigures } from './try-figures';
import { addFromLibrary } from './starter-library';

const reading = object({
  weight: mixed<'g' | 'oz'>().oneOf(['g', 'oz'], 'g or oz.').required(),
  volume: mixed<'ml' | 'cups'>().oneOf(['ml', 'cups'], 'ml or cups.').required(),
  temperature: mixed<'C' | 'F' | 'gas'>().oneOf(['C', 'F', 'gas'], 'C, F or gas.').required(),
  length: mixed<'cm' | 'in'>().oneOf(['cm', 'in'], 'cm or in.').required(),
  country: mixed<(typeof COUNTRIES)[number]>()
    .oneOf([...COUNTRIES], 'This country’s cups are not known.')
    .required(),
  decimal: mixed<Decimal>().oneOf(['point', 'comma', 'ask'], 'A point, a comma, or ask.').optional(),
});
/** Which entry of a register is saved: none for a new one, the version that was opened, and whether it is sure. */
const entry = {
  id: string().max(120, 'At most 120 letters.').nullable().default(undefined).defined('This is missing.'),
  version,
  sure,
};
const ids = array().of(shortId).max(400, 'At most 400.').required();

/** What is sent about the kitchen itself: its figures and units, and the entries of its registers. */
export const KITCHEN_POSTS = {
  'save-kitchen': writing(
    object({
      version,
      change: object({
        figures: numbersByKey().typeError('Figures are numbers by name.').optional(),
        choices: wordsByKey().typeError('Answers are words by question.').optional(),
        reading: reading.default(undefined).optional(),
      }).required(),
    }),
    (x, db) => saveKitchen(db, x.version, x.change),
  ),
  'try-figures': asking(
    object({
      build: shortId.nullable().default(undefined).defined('This is missing.'),
      figures: numbersByKey().typeError('Figures are numbers by name.').required(),
    }),
    (x, db) => tryFigures(db, x),
  ),
  'save-reading': writing(
    object({ person: shortId, reading: reading.nullable().default(undefined).defined('This is missing.') }),
    (x, db) => saveReading(db, x.person, x.reading),
  ),
  'save-person': writing(personForm.shape(entry), (x, db) => saveFrom(db, 'people', x, personOf)),
  'save-oven': writing(ITEM_FORMS.ovens.shape(entry), (x, db) => saveItem(db, 'ovens', x)),
  'save-machine': writing(ITEM_FORMS.machines.shape(entry), (x, db) => saveItem(db, 'machines', x)),
  'save-tin': writing(ITEM_FORMS.tins.shape(entry), (x, db) => saveItem(db, 'tins', x)),
  'save-place': writing(ITEM_FORMS.places.shape(entry), (x, db) => saveItem(db, 'places', x)),
  'save-ingredient': writing(ingredientForm.shape(entry), (x, db) => saveFrom(db, 'ingredients', x, ingredientOf)),
  'save-supplier': writing(supplierForm.shape(entry), (x, db) => saveFrom(db, 'suppliers', x, supplierOf)),
  'save-standing-work': writing(standingForm.shape(entry), (x, db) => saveFrom(db, 'standing work', x, standingOf)),
  'save-block': writing(blockForm.shape(entry), (x, db) => saveBlock(db, x)),
  'retire-entry': writing(
    object({
      register: mixed<RegisterName>()
        .oneOf(Object.keys(REGISTERS) as RegisterName[], 'There is no such list.')
        .required(),
      ...{ id: shortId, version, retired: flag, sure },
    }),
    ({ register, ...x }, db) => retireEntry(db, register, x),
  ),
  'put-back': writing(
    object({ event: rowId, sure }),
    async (x, db) => (await putBackBuild(db, x.event)) ?? putBack(db, x.event, x.sure),
  ),
  'add-starter-set': writing(object({ key: shortId }), (x, db) => addStarterSet(db, x.key)),
  'add-tins': writing(
    object({ text: string().max(20_000, 'At most 20 000 letters.').required('Which tins? One a line.') }),
    (x, db) => addTins(db, x.text),
  ),
  'add-from-library': writing(object({ formulas: ids, builds: ids }), (x, db) => addFromLibrary(db, x)),
  'save-opening': writing(openingForm.shape({ version }), ({ version: opened, ...form }, db) =>
    saveOpening(db, opened, form),
  ),
  'rename-kitchen': writing(kitchenPlaceForm.shape({ version }), ({ version: opened, ...x }, db) =>
    renameKitchen(db, opened, x),
  ),
  'save-set-up': writing(
    object({
      done: array()
        .of(
          string()
            .oneOf([...SETUP_STEPS])
            .required(),
        )
        .max(SETUP_STEPS.length)
        .nullable()
        .default(undefined)
        .defined('This is missing.'),
    }),
    (x, db) => saveSetUp(db, x.done),
  ),
} satisfies Record<string, Door>;

const day = string()
  .matches(/^\d{4}-\d{2}-\d{2}$/, 'A day, as 2027-05-22.')
  .optional();
const listOf = (text: string | undefined) => (text ?? '').split(',').filter((x) => x !== '');

/** A kitchen file that is sent: looked into, made a kitchen of its own, or taken into one that is here. */
export const KITCHEN_UPLOAD = {
  schema: object({
    do: string().oneOf(['look', 'make', 'take'], 'look, make or take.').required('What is to be done with it?'),
    into: optionalText(60),
    anchor: day,
    sections: optionalText(400),
    replace: optionalText(60_000),
  }),
  most: LARGEST_FILE,
  run: async (
    x: { do: string; into?: string; anchor?: string; sections?: string; replace?: string },
    bytes: Uint8Array,
  ): Promise<Result> => {
    const anchor = x.anchor ?? null;
    if (x.do === 'make') return importAsKitchen(bytes, anchor);
    const into = x.into === undefined ? null : await openKitchen(x.into);
    if (x.into !== undefined && !into) return refuse('There is no such kitchen.');
    if (x.do === 'look') return lookInto(bytes, into, anchor);
    if (!into) return refuse('Into which kitchen?');
    return importInto(into, bytes, { sections: listOf(x.sections), replace: listOf(x.replace) }, anchor);
  },
};

/** The kitchen, or parts of it, as a file. */
export const KITCHEN_FILE = asking(
  object({ parts: optionalText(60), as: string().oneOf(['zip', 'json'], 'zip or json.').optional(), anchor: day }),
  (x, db) => {
    const parts = PARTS.filter((p) => x.parts === undefined || listOf(x.parts).includes(p));
    return exportKitchen(db, { parts, as: x.as === 'json' ? 'json' : 'zip', anchor: x.anchor ?? null });
  },
);
