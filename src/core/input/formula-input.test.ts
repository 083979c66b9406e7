import { formOf, formulaForm, formulaOf, type FormulaForm } from './formula-input';
import { EMPTY_LINE } from './formula-line-input';
import { draftKey, EMPTY_STEP, NO_CHECK, NO_WAIT } from './formula-step-input';
import { preparationsOf } from '../breakdown/steps/preparations';
import { startingCoefficients } from '../breakdown/figures/starting-figures';
import type { Formula } from '../formula/formula';
import { formula as formulaSchema } from '../stored/formula';
import { starterFormulas } from '../../data/kitchens/starter';

/** As it goes through the database: what is undefined is gone. */
const stored = <T>(x: T): T => JSON.parse(JSON.stringify(x)) as T;

describe('a formula in its form', () => {
  it.each(starterFormulas.map((f) => [f.id, f] as const))(
    '%s: opened and saved untouched, nothing of it changes',
    async (_, f) => {
      const form = await formulaForm.validate(formOf(f), { abortEarly: false });
      expect(stored(formulaOf(form, f, f.id))).toEqual(stored(f));
    },
  );

  const [sponge] = starterFormulas;
  const edit = async (change: (form: FormulaForm) => void) => {
    const form = formOf(sponge!);
    change(form);
    return stored(formulaOf(await formulaForm.validate(form, { abortEarly: false }), sponge!, sponge!.id));
  };

  it('a new step gets a key of its own and its place in the ladder', async () => {
    const edited = await edit((form) =>
      form.steps.splice(1, 0, { ...EMPTY_STEP, name: 'Bake', waits: [{ ...NO_WAIT, min: 5 }] }),
    );
    expect(edited.steps.map((s) => s.key)).toEqual(['mix', 'bake-2', 'bake', 'turn-out']);
    expect(edited.waits.map((w) => [w.from, w.to, w.min])).toEqual([
      ['bake', 'turn-out', 10],
      ['mix', 'bake-2', 5],
      ['bake-2', 'bake', 0],
    ]);
  });
  it('what the form does not show stays: checks, reminders, tins', async () => {
    const edited = await edit((form) => (form.steps[1]!.likely = 45));
    expect(edited.steps[1]).toMatchObject({ minutes: { likely: 45 }, check: { kind: 'skewer clean' }, each: 'load' });
    expect(edited.steps[0]!.tinsUntil).toBe('turn-out');
  });
  it('a step taken out leaves no tins waiting for it', async () => {
    const edited = await edit((form) => void form.steps.pop());
    expect(edited.steps[0]!.tinsUntil).toBe('bake');
  });
  it('an ingredient goes into the step that the form says, a new one too: gelatine is soaked for it', async () => {
    const into = async (key: string) => {
      const edited = await edit((form) => {
        form.steps.push({ ...EMPTY_STEP, key: draftKey(9), name: 'Melt in' });
        form.lines.push({ ...EMPTY_LINE, ingredient: 'leaf', grams: 6, into: key });
      });
      const leaf = { id: 'leaf', name: 'Leaf', allergens: ['gelatine' as const], density: null, gelatine: true };
      const soaked = edited.steps.filter((s) =>
        preparationsOf(edited, s, [], new Map([['leaf', leaf]]), startingCoefficients).some((p) => p.kind === 'soak'),
      );
      return [edited.lines.at(-1)!.step, ...soaked.map((s) => s.key)];
    };
    expect(await into(draftKey(9))).toEqual(['melt-in', 'melt-in']);
    expect(await into('turn-out')).toEqual(['turn-out', 'turn-out']);
    expect(await into('')).toEqual([undefined, 'mix']);
    expect(await into('gone')).toEqual([undefined, 'mix']);
  });
  it('an ingredient may go into two steps, each time with its own note', async () => {
    const two = { ...sponge!, lines: [{ ingredient: 'milk', grams: 5, note: 'warm', step: 'bake' }] };
    two.lines.push({ ingredient: 'milk', grams: 7, note: 'cold', step: 'turn-out' });
    const form = await formulaForm.validate(formOf(two));
    expect(formulaOf(form, two, 'x').lines).toEqual(two.lines);
  });
  it('a form of a page that was open before more could be said is refused: what it does not say would be lost', async () => {
    const old: Partial<FormulaForm> = formOf(sponge!);
    delete old.form;
    await expect(formulaForm.validate(old)).rejects.toThrow('open the formula again');
    await expect(formulaForm.validate({ ...old, form: 1 })).rejects.toThrow('open the formula again');
  });
  it('says how it is kept in store, and keeps what a page of before does not say', async () => {
    const kept = { place: 'freezer', keeps: 7 * 1440, by: 'piece' as const };
    const before: Formula = { ...sponge!, inStore: kept };
    const saved = async (change: object) =>
      formulaOf(await formulaForm.validate({ ...formOf(before), ...change }), before, 'x').inStore;
    expect(await saved({})).toEqual(kept);
    expect(await saved({ storeBy: undefined, storeDays: undefined })).toEqual(kept);
    expect(await saved({ storeBy: 'no' })).toBeUndefined();
    expect(await saved({ thawLeast: 2, thawMost: 24, thawPlace: 'fridge' })).toEqual({
      ...kept,
      thaw: { min: 120, max: 1440, place: 'fridge' },
    });
    const wrong = async (change: object) =>
      formulaForm.validate({ ...formOf(before), ...change }).catch((e: { path: string }) => e.path);
    expect(await wrong({ thawLeast: 5, thawMost: 2 })).toBe('thawMost');
    expect(await wrong({ thawLeast: 5 })).toBe('thawMost');
    expect(await wrong({ storeDays: null })).toBe('storeDays');
    expect(await wrong({ storePlace: '' })).toBe('storePlace');
  });
  it('says when it is best: what has aged at a pace of its own keeps that, what is better later is made ahead', async () => {
    const before: Formula = { ...sponge!, keeping: { ...sponge!.keeping, max: 3000, ageing: 0.008 } };
    const saved = async (change: Partial<FormulaForm>, of = before) =>
      formulaOf(await formulaForm.validate({ ...formOf(of), ...change }), of, 'x').keeping;
    expect(await saved({})).toEqual(before.keeping);
    expect(await saved({ keepBest: 'any' })).toEqual({ ...before.keeping, ageing: 0 });
    const later = await saved({ keepBest: 'later', keepBetterAfter: 12.5 });
    expect(later).toEqual({ ...before.keeping, betterAfter: 750 });
    const ripe = { ...before, keeping: later };
    expect(formOf(ripe)).toMatchObject({ keepBest: 'later', keepBetterAfter: 12.5 });
    expect(await saved({}, ripe)).toEqual(later);
    expect(await saved({ keepBest: 'fresh' }, ripe)).toEqual(before.keeping);
    expect(await saved({ keepBest: 'fresh' }, { ...before, keeping: { ...later, ageing: 0 } })).toMatchObject({
      ageing: 0.01,
    });
  });
  it('says what is wrong beside the field', async () => {
    const wrong = (change: Partial<FormulaForm>) =>
      formulaForm.validate({ ...formOf(sponge!), ...change }, { abortEarly: false }).then(
        () => '',
        (e: { inner: { path: string }[] }) => e.inner.map((x) => x.path).join(),
      );
    expect(await wrong({ name: ' ' })).toBe('name');
    expect(await wrong({ lines: [] })).toBe('lines');
    expect(await wrong({ lines: [{ ...EMPTY_LINE, ingredient: 'butter', grams: 0 }] })).toBe('lines[0].grams');
    const line = (more: object) => wrong({ lines: [{ ...EMPTY_LINE, ingredient: 'butter', ...more }] });
    expect(await line({ ingredient: '' })).toBe('lines[0].ingredient');
    expect(await line({ formula: 'custard' })).toBe('lines[0].ingredient');
    expect(await line({ low: 50 })).toBe('lines[0].high');
    expect(await line({ low: 50, high: 90 })).toBe('lines[0].high,lines[0].sign');
    expect(await line({ low: 50, high: 150, sign: 'it ribbons' })).toBe('');
    expect(await line({ keeps: 0 })).toBe('lines[0].keeps');
    expect(await wrong({ loss: 99 })).toBe('loss');
    expect(await wrong({ colour: 'red' })).toBe('colour');
    expect(await wrong({ batchLeast: 500, batchMost: 400 })).toBe('batchMost');
    expect(await wrong({ measuredGrams: 850, measuredHeight: 48 })).toBe('measuredHeight');
    expect(await wrong({ measuredForm: '{"form":"constructor"}' })).toContain('measuredForm');
    expect(await wrong({ temperOut: 30 })).toBe('temperStands');
    const step = (more: object) => wrong({ steps: [{ ...EMPTY_STEP, name: 'x', ...more }] });
    expect(await step({ check: { ...NO_CHECK, kind: 'doubled' } })).toBe(
      'steps[0].check.text,steps[0].check.otherwise',
    );
    expect(await step({ reminders: [{ after: null, share: null, every: null, text: 'Stir' }] })).toBe(
      'steps[0].reminders[0].share',
    );
    expect(await step({ waits: [{ ...NO_WAIT, min: 5, max: 4 }] })).toBe('steps[0].waits[0].max');
    expect(await step({ waits: [NO_WAIT, NO_WAIT] })).toBe('steps[0].waits');
    expect(await step({ when: 'cloth=silk' })).toBe('steps[0].when');
    expect(await wrong({ steps: [{ ...EMPTY_STEP, name: 'x', low: 20, likely: 10, high: 30 }] })).toBe(
      'steps[0].likely',
    );
    expect(await wrong({ steps: [{ ...EMPTY_STEP, name: 'x', work: 'oven' }] })).toBe('steps[0].celsius');
    expect(await wrong({ keepMin: 90, keepMax: 60 })).toBe('keepMax');
    expect(await wrong({ keepBest: 'later', keepBetterAfter: null })).toBe('keepBetterAfter');
    expect(await wrong({ keepBest: 'later', keepBetterAfter: 0 })).toBe('keepBetterAfter');
    expect(await wrong({ keepMin: 0, keepMax: 60, keepBest: 'later', keepBetterAfter: 2 })).toBe('keepBetterAfter');
    expect(await wrong({ keepBest: 'old' as never })).toBe('keepBest');
  });

  const everything: Formula = {
    ...{ id: 'all', name: 'All of it', family: 'Trials', story: 'Says all there is.', loss: 0.125, density: 0.85 },
    ...{ batter: 'foam', purpose: 'layers', stands: 20, domes: true, batch: { least: 200, most: 4000 } },
    measured: { grams: 850, form: { form: 'round', diameter: 200 }, height: 48 },
    ...{
      retired: true,
      colour: '#e8c9a0',
      rescue: 'Begin anew.',
      rescues: [{ failure: 'is too thin', help: 'cook on' }],
    },
    lines: [
      { ingredient: 'plum', grams: 350, note: 'slices', step: 'fold', keeps: 0.7 },
      { ingredient: 'plum', grams: 150, note: 'purée', range: { low: 120, high: 200, sign: 'it drops slowly' } },
    ],
    parts: [
      { formula: 'cream', grams: 90, step: 'fold', note: 'just whipped' },
      { formula: 'spice', grams: 3 },
    ],
    steps: [
      {
        ...{ key: 'mix', name: 'Mix', work: 'hands', skill: 'mix', how: 'Slowly.', sign: 'one colour', chill: true },
        minutes: { low: 5, likely: 7, high: 11, perKilo: 2, perPiece: 0.5, perTin: 1.5 },
        uses: [{ kind: 'mixer', units: 2 }],
        ...{ each: 'batch', tinsUntil: 'fold', caution: 'Raw egg.' },
        check: {
          kind: 'temperature at least',
          text: 'At the heart',
          limit: 82,
          tooFar: 86,
          otherwise: 'Go on.',
          beyond: 'Begin anew.',
        },
        reminders: [
          { after: 3, every: 2, text: 'Stir' },
          { after: 0, share: 0.5, text: 'Scrape' },
        ],
        prepare: [{ text: 'Sieve the sugar', before: 10 }],
      },
      {
        ...{ key: 'bake', name: 'Bake dry', work: 'oven', minutes: { low: 20, likely: 25, high: 32 }, how: '' },
        ...{ oven: { celsius: 170, slots: 2, bySize: true }, when: { school: 'cloth', choice: 'dry' } },
      },
      {
        ...{ key: 'bake', name: 'Bake damp', work: 'oven', minutes: { low: 20, likely: 25, high: 32 }, how: '' },
        ...{ oven: { celsius: 160, slots: 2 }, when: { school: 'cloth', choice: 'damp' } },
      },
      { key: 'stew', name: 'Stew', work: 'hands', minutes: { low: 1, likely: 2, high: 3 }, skill: null, how: '' },
      { key: 'fold', name: 'Fold', work: 'hands', minutes: { low: 1, likely: 2, high: 3 }, skill: 'mix', how: '' },
    ],
    waits: [
      { from: 'stew', to: 'fold', min: 10, max: 60, place: 'proofer', why: 'warm', attended: true, ageing: 0.002 },
      { from: 'mix', to: 'bake', min: 0, max: 20, place: null, why: '' },
      { from: 'bake', to: 'fold', min: 480, max: null, place: null, why: 'dries on', ovenOff: true },
    ],
    keeping: {
      ...{ place: 'dry box', min: 5, max: 900, units: 2, ageing: 0.004, betterAfter: 600, why: 'sets' },
      tempering: { outOfCold: 60, minutes: { low: 3, likely: 5, high: 9 }, stands: 120 },
    },
    inStore: {
      ...{ place: 'freezer', keeps: 28 * 1440, by: 'piece', thaw: { min: 90, max: 1440, place: 'fridge' } },
      ...{ level: 6, makes: 12 },
    },
  };

  it('says all that a formula can say', async () => {
    const form = await formulaForm.validate(formOf(everything), { abortEarly: false });
    expect(stored(formulaOf(form, everything, 'all'))).toEqual(stored(everything));
    expect(stored(formulaOf(form, null, 'all')).waits).toHaveLength(3);
  });

  it('has a field for each field of the stored formula', () => {
    // Every key of the schema is said by the formula above, which its form carries.
    const said = new Set<string>();
    const collect = (value: unknown, at: string): void => {
      if (Array.isArray(value)) value.forEach((v) => collect(v, at));
      else if (typeof value === 'object' && value !== null)
        for (const [k, v] of Object.entries(value)) {
          said.add(`${at}.${k}`);
          collect(v, `${at}.${k}`);
        }
    };
    collect(everything, '');
    const missing: string[] = [];
    const walk = (schema: { properties?: object; items?: object; anyOf?: object[] }, at: string): void => {
      // Forms of tins are told by the list of the kitchen’s own.
      if (at === '.measured.form') return;
      for (const [k, inner] of Object.entries(schema.properties ?? {})) {
        if (!said.has(`${at}.${k}`)) missing.push(`${at}.${k}`);
        walk(inner as object, `${at}.${k}`);
      }
      if (schema.items) walk(schema.items, at);
      for (const one of schema.anyOf ?? []) walk(one, at);
    };
    walk(formulaSchema, '');
    expect(missing).toEqual([]);
  });
});
