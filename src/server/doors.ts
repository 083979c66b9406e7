import { say } from '../core/words/say';
import { array, mixed, number, object, string } from 'yup';
import { formulaForm } from '../core/input/formula-input';
import { newKitchenForm } from '../core/input/new-kitchen-input';
import { buildForm } from '../core/input/build-input';
import { orderForm } from '../core/input/order-input';
import { MOST_LETTERS, pictureForm } from '../core/input/picture-input';
import { wordsByKey } from '../core/input/words-by-key';
import { ALLERGENS, type Allergen } from '../core/formula/formula';
import { adjustmentList } from '../core/steering/adjustment-schema';
import { acceptBatch, splitBatch } from './pull-list/batches';
import { runCalculator } from './workbench/calculators';
import { buildsToAsk, canWeTake } from './orders/capacity';
import { changePart, type PartChange } from './orders/change-part';
import { loadChances } from './plan/chances';
import { loadDemo } from './demo/load-demo';
import { correctTold, takeBackStep, whatFollows } from './bench/corrections';
import { extendStep, finishStep, MOST_EXTENSION, startStep, takeAnyway } from './bench/floor';
import { exportFormula, LARGEST_RECIPES, readRecipeFile, retireFormula, saveFormula } from './formulas/formulas';
import { tryChoices } from './kitchen/try-choices';
import { KITCHEN_FILE, KITCHEN_POSTS } from './kitchen/kitchen-doors';
import { TABLE_FILE, TABLE_POSTS } from './tables/table-doors';
import { makeKitchen } from './kitchen/new-kitchen';
import { takeNewerRules } from './orders/newer-rules';
import { bringBack, changeOrder, handOver, leaveOut, takeOrder } from './orders/orders';
import { retireBuild, saveBuild } from './builds/save-build';
import { panelFile } from './builds/panel-template';
import { runSheetFile } from './orders/run-sheet-pdf';
import { addPicture, pictureFile } from './orders/pictures';
import { loadPullList, tickLine } from './pull-list/pull-list';
import { pullListFile } from './pull-list/pull-list-pdf';
import { helpFor } from './orders/remedies/remedies';
import { planned } from './plan/replan';
import { refuse } from './shared/result';
import { answerOrder } from './orders/answer-order';
import { beginCopy, beginFrom, composerKitchen, loadBeginnings, loadOlderOrders } from './orders/composer';
import { loadSearch } from './search/search';
import { asking, writing, type Door } from './shared/door';
import { anything, flag, nothing, optionalText, order, roles, rowId, shortId, sure, version } from './shared/fields';
import { loadMove, loadStep } from './steps/load-step';
import { redoEdit, steer, takeOver, undoEdit } from './steering/steering';
import { loadLoad } from './wall/load-view';
import { tryWhatIf } from './wall/what-if';

const avoided = array()
  .of(
    string()
      .oneOf<Allergen>([...ALLERGENS], 'This is not on the list.')
      .required(),
  )
  .max(ALLERGENS.length, 'Each of them once.');
const question = object({
  build: optionalText(120),
  size: optionalText(4000),
  swaps: wordsByKey().typeError('These exchanges cannot be read.').default(undefined).optional(),
  words: optionalText(60),
  avoid: avoided.default(undefined).optional(),
  portions: number().typeError('How many portions? A number.').required('How many portions?'),
  pickup: string().max(40, 'This is no time.').required('When is it collected?'),
});
const checkAnswer = object({
  holds: mixed<true>().oneOf([true], 'Does it hold?').required(),
  why: string().max(300, 'At most 300 letters.').optional(),
  value: number().optional(),
});
/** What may be told with a tap. */
const told = {
  when: string().max(40, 'This is no time.').optional(),
  sure,
  why: string().max(300, 'At most 300 letters.').optional(),
};
const correction = {
  event: rowId,
  when: string().max(40, 'This is no time.').nullable().default(undefined).defined('When was it?'),
  sure: told.sure,
};
const partChange = object({
  kind: string().oneOf(['formula', 'amount', 'choice', 'newest formulas'], 'This cannot be changed.').required(),
  role: string()
    .max(120)
    .when('kind', { is: (k: string) => k === 'formula' || k === 'amount', then: (s) => s.required('Which part?') }),
  key: string()
    .max(120)
    .when('kind', { is: 'choice', then: (s) => s.required('Which question?') }),
  formula: string()
    .max(120)
    .nullable()
    .when('kind', { is: 'formula', then: (s) => s.defined('Which formula?') }),
  grams: number()
    .typeError('Grams, a number.')
    .nullable()
    .when('kind', { is: 'amount', then: (s) => s.defined('How many grams?') }),
  choice: string()
    .max(120)
    .nullable()
    .when('kind', { is: 'choice', then: (s) => s.defined('Which answer?') }),
});

/** Every way in by which something is sent to the whole database (`POST /api/do/NAME`). */
export const HOUSE_POSTS = {
  'new-kitchen': asking<typeof newKitchenForm, Awaited<ReturnType<typeof makeKitchen>>, void>(newKitchenForm, (form) =>
    makeKitchen(form),
  ),
  'load-demo': asking<typeof nothing, Awaited<ReturnType<typeof loadDemo>>, void>(nothing, () => loadDemo()),
};

/**
 * Every way in by which something is sent to a kitchen (`POST /k/KITCHEN/api/do/NAME`). Their names are addresses: they stay as they are from one build to
 * the next, so that a tablet that was opened before an update goes on.
 */
export const POSTS = {
  replan: writing(nothing, async (_, db) =>
    (await planned(db, say`the lead asked for it`, { thorough: true }))
      ? { ok: true }
      : refuse('Planning did not come to an end: the newest plan stands as it was.'),
  ),
  steer: writing(
    object({ wanted: adjustmentList }),
    ({ wanted }, db) => (wanted.length > 0 ? steer(db, wanted) : Promise.resolve(refuse('Nothing is asked for.'))),
    { strict: true },
  ),
  'take-over': writing(object({ trial: shortId }), ({ trial }, db) => takeOver(db, trial)),
  undo: writing(nothing, (_, db) => undoEdit(db)),
  redo: writing(nothing, (_, db) => redoEdit(db)),
  'take-order': writing(orderForm, (form, db) => takeOrder(db, form)),
  'change-order': writing(orderForm.shape(order), ({ id, version: opened, ...form }, db) =>
    changeOrder(db, id, opened, form),
  ),
  'add-picture': writing(pictureForm, (form, db) => addPicture(db, form), { most: MOST_LETTERS + 2000 }),
  'leave-out': writing(object({ ...order, without: roles }), (x, db) => leaveOut(db, x.id, x.version, x.without)),
  'take-newer-rules': writing(object(order), (x, db) => takeNewerRules(db, x.id, x.version)),
  'hand-over': writing(object(order), (x, db) => handOver(db, x.id, x.version)),
  'bring-back': writing(object(order), (x, db) => bringBack(db, x.id, x.version)),
  'start-step': writing(object({ step: shortId, person: shortId, ...told }), ({ step, person, ...x }, db) =>
    startStep(db, step, person, x),
  ),
  'finish-step': writing(
    object({ step: shortId, answer: checkAnswer.default(undefined).optional(), ...told }),
    ({ step, answer, ...x }, db) => finishStep(db, step, answer, x),
  ),
  'extend-step': writing(
    object({
      step: shortId,
      minutes: number().typeError('Minutes, a number.').integer().min(1).max(MOST_EXTENSION).required(),
    }),
    (x, db) => extendStep(db, x.step, x.minutes),
  ),
  'take-back-step': writing(object({ step: shortId, sure: told.sure }), (x, db) => takeBackStep(db, x.step, x.sure)),
  'correct-told': writing(object(correction), (x, db) => correctTold(db, x)),
  'use-anyway': writing(object({ step: shortId, why: told.why.defined('Why can it be used?') }), (x, db) =>
    takeAnyway(db, x.step, x.why),
  ),
  'change-part': writing(object({ ...order, change: partChange.required() }), (x, db) =>
    changePart(db, x.id, x.version, x.change as PartChange),
  ),
  'save-formula': writing(
    formulaForm.shape({ id: string().max(120).nullable().defined('This is missing.'), version, sure }),
    ({ id, version: opened, sure: both, ...form }, db) => saveFormula(db, id, opened, form, both),
  ),
  'save-build': writing(
    buildForm.shape({ id: shortId.nullable().default(undefined).defined('This is missing.'), version }),
    ({ id, version: opened, ...form }, db) => saveBuild(db, { id, version: opened }, form),
  ),
  'retire-build': writing(object({ id: shortId, version, retired: flag }), (x, db) => retireBuild(db, x)),
  'retire-formula': writing(object({ id: shortId, version, retired: flag }), (x, db) =>
    retireFormula(db, x.id, x.version, x.retired),
  ),
  'accept-batch': writing(
    object({
      members: array()
        .of(object({ order: shortId, role: shortId }))
        .max(60, 'At most 60 members.')
        .required(),
    }),
    ({ members }, db) => acceptBatch(db, members),
  ),
  'split-batch': writing(object({ id: rowId }), ({ id }, db) => splitBatch(db, id)),
  tick: writing(
    object({
      key: string().min(1).max(200, 'This line is not there.').required('This line is not there.'),
      ticked: flag,
    }),
    (x, db) => tickLine(db, x.key, x.ticked),
  ),
  ...KITCHEN_POSTS,
  ...TABLE_POSTS,
  'answer-order': asking(orderForm.shape({ id: rowId.nullable().defined('This is missing.') }), ({ id, ...form }, db) =>
    answerOrder(db, id, form),
  ),
  'what-follows': asking(object(correction), (x, db) => whatFollows(db, x)),
  'can-we-take': asking(question, (x, db) => canWeTake(db, x)),
  'try-what-if': asking(
    object({ wanted: adjustmentList, order: question.nullable().default(undefined).optional() }),
    (x, db) => tryWhatIf(db, x.wanted, x.order ?? null),
    { strict: true },
  ),
  'try-choices': asking(object({ key: shortId }), ({ key }, db) => tryChoices(db, key)),
  calculate: asking(object({ name: shortId, input: anything }), (x, db) => runCalculator(db, x.name, x.input)),
  'read-recipes': asking(
    object({
      name: string().max(300, 'This name is too long.').required('This is missing.'),
      content: string().max(LARGEST_RECIPES, 'This file is too large for recipes.').required('This file is empty.'),
      country: string().max(40).required('This is missing.'),
    }),
    (x, db) => readRecipeFile(db, x.name, x.content, x.country),
    { most: 3 * LARGEST_RECIPES },
  ),
} satisfies Record<string, Door>;

const portions = number()
  .typeError('How many portions? A number.')
  .integer()
  .min(1, 'At least one.')
  .max(400, 'At most 400.')
  .required('How many portions?');
const NO_STEP = 'This step is not in the plan any more.';

/** Every way in by which something of a kitchen is asked by its address (`/k/KITCHEN/api/…`). */
export const GETS = {
  builds: asking(nothing, (_, db) => buildsToAsk(db)),
  chances: asking(nothing, (_, db) => loadChances(db)),
  load: asking(nothing, (_, db) => loadLoad(db), { none: 'There is no plan yet.' }),
  'run-sheet': asking(object({ id: rowId }), ({ id }, db) => runSheetFile(db, id), { none: 'There is no such order.' }),
  search: asking(nothing, (_, db) => loadSearch(db)),
  'composer-kitchen': asking(nothing, (_, db) => composerKitchen(db), { none: 'There is no kitchen yet.' }),
  'begin-from': asking(
    object({ build: shortId, portions, size: optionalText(4000), swaps: optionalText(4000) }),
    (x, db) => beginFrom(db, x),
    { none: 'There is no such build.' },
  ),
  'begin-copy': asking(object({ id: rowId }), ({ id }, db) => beginCopy(db, id), { none: 'There is no such order.' }),
  beginnings: asking(object({ portions, words: optionalText(60), avoid: optionalText(400) }), (x, db) =>
    loadBeginnings(db, x.portions, x.words ?? '', x.avoid ?? ''),
  ),
  'older-orders': asking(nothing, (_, db) => loadOlderOrders(db)),
  picture: asking(object({ id: rowId }), ({ id }, db) => pictureFile(db, id), { none: 'There is no such picture.' }),
  step: asking(object({ id: shortId }), ({ id }, db) => loadStep(db, id), { none: NO_STEP }),
  'step-move': asking(object({ id: shortId }), ({ id }, db) => loadMove(db, id), { none: NO_STEP }),
  remedies: asking(object({ id: rowId }), ({ id }, db) => helpFor(db, id)),
  'kitchen-file': KITCHEN_FILE,
  table: TABLE_FILE,
  'formula-export': asking(
    object({ id: shortId, as: optionalText(10) }),
    (x, db) => exportFormula(db, x.id, x.as === 'csv' ? 'csv' : 'json'),
    { none: 'There is no such formula.' },
  ),
  'pull-list': asking(
    object({ day: optionalText(40), days: optionalText(10) }),
    async (x, db) => {
      const view = await loadPullList(db, x.day, Number(x.days ?? 1));
      return view && pullListFile(view);
    },
    { none: 'There is no plan yet.' },
  ),
  templates: asking(
    object({
      calc: shortId,
      fields: optionalText(20_000),
      page: number().typeError('Which page? A number.').integer().min(0).max(10_000).optional(),
    }),
    (x, db) => panelFile(db, x.calc, x.fields ?? '{}', x.page ?? null),
  ),
} satisfies Record<string, Door>;

export type PostName = keyof typeof POSTS;
type PostDoor<K extends PostName> = (typeof POSTS)[K];
/** What a door takes, and what it answers. */
export type Sent<K extends PostName> = Parameters<PostDoor<K>['run']>[0];
export type Answered<K extends PostName> = Awaited<ReturnType<PostDoor<K>['run']>>;

export type HousePostName = keyof typeof HOUSE_POSTS;
export type HouseAnswered<K extends HousePostName> = Awaited<ReturnType<(typeof HOUSE_POSTS)[K]['run']>>;
export type HouseSent<K extends HousePostName> = Parameters<(typeof HOUSE_POSTS)[K]['run']>[0];
