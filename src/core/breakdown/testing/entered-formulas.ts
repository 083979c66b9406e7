import type { Formula } from '../../formula/formula';
import { formOf, formulaForm, formulaOf, type FormulaForm } from '../../input/formula-input';
import { EMPTY_LINE, type LineForm } from '../../input/formula-line-input';
import { draftKey, EMPTY_STEP, NO_CHECK, NO_WAIT, type StepForm, type WaitForm } from '../../input/formula-step-input';

/** Formulas of twelve families as somebody types them into the editor, from nothing: for tests of what comes of them. */

const NOTHING: Formula = {
  ...{ id: '', name: '', family: '', story: '', lines: [], loss: 0.03, density: 1, purpose: 'filling', steps: [] },
  waits: [],
  keeping: { place: 'fridge', min: 0, max: 2880, units: 1, ageing: 0.01, why: '' },
};

const line = (ingredient: string, grams: number, more: Partial<LineForm> = {}): LineForm => ({
  ...{ ...EMPTY_LINE, ingredient, grams },
  ...more,
});
const made = (formula: string, grams: number, into: number): LineForm => ({
  ...{ ...EMPTY_LINE, formula, grams, into: draftKey(into) },
});

type Typed = Omit<Partial<StepForm>, 'waits'> & { waits?: Partial<WaitForm>[] };
const steps = (...typed: Typed[]): StepForm[] =>
  typed.map((s, i) => ({
    ...EMPTY_STEP,
    ...{ key: draftKey(i), skill: s.work === undefined || s.work === 'hands' ? 'mix' : '' },
    ...s,
    waits: (s.waits ?? [{}]).map((w) => ({ ...NO_WAIT, ...w })),
  }));
const mixer = [{ kind: 'mixer', units: 1 }];
const hob = [{ kind: 'hob', units: 1 }];

const enter = (id: string, typed: Partial<FormulaForm>): Formula =>
  formulaOf(formulaForm.validateSync({ ...formOf(NOTHING), ...typed }, { abortEarly: false }), null, id);

export const ENTERED: readonly Formula[] = [
  enter('soft-cream', {
    ...{ name: 'Soft whipped cream', family: 'Whipped creams', purpose: 'frosting', density: 0.5, keepMax: 720 },
    lines: [line('cream', 500), line('icing-sugar', 40, { low: 25, high: 60, sign: 'it tastes round' })],
    steps: steps({ name: 'Whip soft', low: 4, likely: 6, high: 9, uses: mixer, chill: true }),
  }),
  enter('bay-custard', {
    ...{ name: 'Set bay custard', family: 'Custards', purpose: 'filling', density: 0.9, keepMin: 120 },
    lines: [
      line('milk', 600, { into: draftKey(0) }),
      line('egg-yolks', 120, { into: draftKey(0) }),
      line('gelatine', 8, { into: draftKey(1) }),
    ],
    steps: steps(
      {
        ...{
          name: 'Cook the custard',
          low: 10,
          likely: 13,
          high: 18,
          perKilo: 4,
          uses: hob,
          caution: 'Hot milk scalds.',
        },
        check: {
          ...NO_CHECK,
          kind: 'temperature at least',
          text: 'In the middle',
          limit: 82,
          tooFar: 86,
          otherwise: 'Cook on.',
        },
        reminders: [{ after: null, share: 50, every: null, text: 'Scrape the bottom' }],
      },
      { name: 'Melt the gelatine in', low: 2, likely: 3, high: 5 },
      {
        ...{ name: 'Fold the cream in', low: 3, likely: 4, high: 6 },
        waits: [{ min: 60, max: 180, place: 'fridge', why: 'cold, but not set' }],
      },
    ),
  }),
  enter('citrus-mousse', {
    ...{ name: 'Orange mousse', family: 'Mousses', purpose: 'set filling', density: 0.7 },
    lines: [line('orange-juice', 300), line('gelatine', 9)],
    steps: steps(
      { name: 'Warm and melt', likely: 8, low: 6, high: 11, uses: hob },
      { name: 'Fold the mousse', likely: 5, low: 4, high: 7 },
    ),
  }),
  enter('nut-topping', {
    ...{ name: 'Walnut topping', family: 'Toppings', purpose: 'crumbs', keepPlace: '', keepMax: 240 },
    lines: [line('butter', 150), line('honey', 90), line('chopped-walnuts', 200)],
    steps: steps({ name: 'Boil the topping up', likely: 9, low: 7, high: 13, uses: hob }),
  }),
  enter('topped-dough', {
    ...{ name: 'Raised sheet with a topping', family: 'Yeast doughs', purpose: 'layers', batter: 'yeast', loss: 12 },
    ...{ keepPlace: '', keepMin: 60, keepMax: 600, density: 0.6, stands: 20 },
    lines: [line('strong-flour', 500), line('milk', 250), line('fresh-yeast', 20), line('butter', 80)],
    steps: steps(
      { name: 'Knead', low: 9, likely: 12, high: 15, uses: mixer },
      {
        ...{ name: 'Press into tins', likely: 6, low: 5, high: 9, perTin: 2, tinsUntil: draftKey(4) },
        waits: [{ min: 45, max: 90, place: '', why: 'proves until doubled', attended: true }],
      },
      { name: 'Spread the topping', likely: 5, low: 4, high: 7, waits: [{ min: 20, max: 40, why: 'proves again' }] },
      { name: 'Bake', work: 'oven', low: 20, likely: 24, high: 30, celsius: 190, slots: 1, bySize: true, each: 'load' },
      { name: 'Turn out', skill: 'bake', low: 2, likely: 3, high: 5, waits: [{ min: 10, max: 60, why: 'sets' }] },
    ),
  }),
  enter('smoked-caramel', {
    ...{
      name: 'Burnt cream caramel',
      family: 'Caramels',
      purpose: 'filling',
      density: 1.2,
      loss: 9,
      keepPlace: '',
      keepMax: 10_080,
    },
    keepBest: 'any',
    lines: [line('caster-sugar', 400, { into: draftKey(0) }), line('cream', 300, { into: draftKey(1) })],
    steps: steps(
      { name: 'Heat the cream', likely: 5, low: 4, high: 7, uses: hob, waits: [] },
      {
        name: 'Melt the sugar dry',
        likely: 9,
        low: 7,
        high: 13,
        uses: hob,
        waits: [],
        caution: 'Sugar at 180 °C burns to the bone.',
      },
      {
        ...{ name: 'Pour the hot cream in', likely: 4, low: 3, high: 6, uses: hob, caution: 'It rises and spits.' },
        waits: [
          { from: '', max: 0, why: 'the sugar burns on' },
          { from: draftKey(0), max: 10, why: 'the cream must be hot' },
        ],
      },
    ),
    rescues: [{ failure: 'is lumpy', help: 'warm gently until they melt' }],
  }),
  enter('dried-foam', {
    ...{ name: 'Dried foam pebbles', family: 'Meringues', purpose: 'decoration', density: 0.3, loss: 20 },
    ...{ keepPlace: 'dry box', keepMax: 20_160, keepBest: 'later', keepBetterAfter: 12 },
    lines: [line('egg-whites', 100), line('caster-sugar', 200)],
    steps: steps(
      { name: 'Whip the foam', likely: 8, low: 6, high: 11, uses: mixer },
      { name: 'Pipe pebbles', skill: 'decorate', likely: 3, low: 2, high: 4, perPiece: 0.25 },
      { name: 'Dry', work: 'oven', low: 80, likely: 90, high: 110, celsius: 90, slots: 1 },
      {
        name: 'Lift off',
        likely: 3,
        low: 2,
        high: 5,
        waits: [{ min: 240, max: 900, ovenOff: true, why: 'dries on in the oven that is off' }],
      },
    ),
  }),
  enter('stirred-ganache', {
    ...{
      name: 'Stirred ganache',
      family: 'Ganaches',
      purpose: 'frosting',
      density: 1.15,
      keepPlace: '',
      keepMax: 1440,
    },
    lines: [line('dark-couverture', 400), line('cream', 400)],
    steps: steps(
      { name: 'Boil and pour', likely: 9, low: 7, high: 12, uses: hob },
      {
        ...{ name: 'Stir smooth', likely: 4, low: 3, high: 6 },
        waits: [{ min: 90, max: 240, attended: true, why: 'thickens, stirred now and then' }],
      },
    ),
  }),
  enter('cloth-sheet', {
    ...{ name: 'Plain rolled sheet', family: 'Sheets', purpose: 'layers', batter: 'sheet', density: 0.45, loss: 12 },
    ...{ keepPlace: '', keepMin: 30, keepMax: 720 },
    lines: [line('whole-eggs', 250), line('caster-sugar', 120), line('cake-flour', 110)],
    steps: steps(
      { name: 'Whisk and spread', likely: 14, low: 11, high: 18, uses: mixer, tinsUntil: draftKey(2) },
      { name: 'Bake the sheet', work: 'oven', low: 8, likely: 9, high: 11, celsius: 210, slots: 2, each: 'load' },
      {
        name: 'Roll in sugared cloth',
        skill: 'bake',
        likely: 4,
        low: 3,
        high: 5,
        when: 'cloth=dry',
        waits: [{ max: 3, why: 'rolls while hot' }],
      },
      {
        key: draftKey(2),
        name: 'Roll in damp cloth',
        skill: 'bake',
        likely: 5,
        low: 4,
        high: 7,
        when: 'cloth=damp',
        waits: [],
      },
    ),
  }),
  enter('plum-two-ways', {
    ...{ name: 'Plums, two ways', family: 'Fruit', purpose: 'filling', density: 1.05, loss: 18, keepMin: 60 },
    lines: [
      line('plums', 500, { note: 'cubes', into: draftKey(1), keeps: 80 }),
      line('plums', 400, { note: 'cooked', keeps: 80, low: 350, high: 480, sign: 'it drops slowly' }),
      line('caster-sugar', 120),
    ],
    steps: steps(
      {
        name: 'Cook the purée',
        likely: 18,
        low: 14,
        high: 25,
        perKilo: 6,
        uses: hob,
        prepare: [{ text: 'Stone the plums', before: 60 }],
      },
      { name: 'Stir the cubes in', likely: 3, low: 2, high: 4 },
    ),
  }),
  enter('spice-blend', {
    ...{
      name: 'House spice blend',
      family: 'Blends',
      purpose: 'crumbs',
      density: 0.5,
      loss: 0,
      keepPlace: 'dry box',
      keepMax: 40_320,
    },
    ...{ keepBest: 'any', batchLeast: 40 },
    lines: [line('spice-mix', 90), line('orange-zest', 10)],
    steps: steps({ name: 'Grind the blend', likely: 4, low: 3, high: 6 }),
  }),
  enter('spiced-syrup', {
    ...{
      name: 'Spiced syrup',
      family: 'Syrups',
      purpose: 'soak',
      density: 1.15,
      loss: 8,
      keepMax: 10_080,
      keepBest: 'any',
    },
    lines: [line('water', 300), line('caster-sugar', 300)],
    steps: steps({ name: 'Boil the syrup', likely: 8, low: 6, high: 10, uses: hob }),
  }),
].map((f): Formula => {
  // What goes into another formula is chosen once both are there.
  const parts: Record<string, LineForm[]> = {
    'bay-custard': [made('soft-cream', 200, 2)],
    'citrus-mousse': [made('soft-cream', 260, 1)],
    'topped-dough': [made('nut-topping', 220, 2), made('spice-blend', 6, 0)],
    'spiced-syrup': [made('spice-blend', 12, 0)],
  };
  const own = parts[f.id];
  if (!own) return f;
  const form = formOf(f);
  const keys = f.steps.map((s) => s.key);
  const more = own.map((l) => ({ ...l, into: keys[Number(l.into.slice(4))]! }));
  return formulaOf(formulaForm.validateSync({ ...form, lines: [...form.lines, ...more] }), f, f.id);
});
