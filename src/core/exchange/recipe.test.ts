import { demoTestIngredients as ingredients } from '../formula/testing/ingredients';
import { TYPING } from '../measure/parse-quantity';
import type { Formula } from '../formula/formula';
import { readIngredientLine } from './ingredient-line';
import { readRecipe } from './recipe';
import { recipesInRows, recipeToRows } from './recipe-csv';
import { recipesInJsonLd, recipeToJsonLd } from './recipe-json-ld';

const named = new Map(
  [...ingredients].map(([id, i]) => [
    id,
    { ...i, name: { 'plain-flour': 'Plain flour', 'caster-sugar': 'Caster sugar' }[id] ?? i.name },
  ]),
);
const line = (text: string, country: 'US' | 'metric' = 'metric') =>
  readIngredientLine(text, named, { ...TYPING, country });

describe('ingredient lines of others', () => {
  it.each([
    ['300 g plain flour', 'plain-flour', 300],
    ['1 1/2 cups plain flour, sifted', 'plain-flour', 375 * 0.53],
    ['1,2 kg Caster sugar', 'caster-sugar', 1200],
    ['2 lb 3 oz butter', 'butter', 992.2333],
    ['3 eggs', 'whole-eggs', 154.8],
    ['2 egg yolks', 'egg-yolks', 34.8],
    ['250 ml milk', 'milk', 257.5],
  ])('%s', (text, id, grams) => {
    const read = line(text);
    expect(read).toMatchObject({ ok: true, ingredient: id, grams: expect.closeTo(grams, 4) });
  });
  it('a cup is what the country says', () => {
    expect(line('1 cup plain flour', 'US')).toMatchObject({ grams: expect.closeTo(236.588 * 0.53, 2) });
  });
  it('says what it does not understand, and keeps the words', () => {
    expect(line('salt to policy')).toEqual({
      ok: false,
      text: 'salt to policy',
      message: 'It begins with no quantity.',
    });
    expect(line('1,000 g butter')).toMatchObject({ ok: false, message: expect.stringContaining('may be 1000 or 1') });
    expect(line('20 g')).toMatchObject({ ok: false, message: 'It names no ingredient.' });
    expect(line('4 cm milk')).toMatchObject({ ok: false });
  });
  it('an unknown thing becomes an ingredient whose allergens are to be confirmed', () => {
    expect(line('20 g moon dust, fine')).toEqual({
      ...{ ok: true, ingredient: 'moon-dust', grams: 20, note: 'fine' },
      guessed: ['New to the library: “Moon dust”. Its allergens are to be confirmed.'],
      fresh: { id: 'moon-dust', name: 'Moon dust', allergens: [], density: null, unconfirmed: true },
    });
    expect(line('1 cup butter')).toMatchObject({
      ...{ ok: true, grams: 250 },
      guessed: [expect.stringContaining('Nobody has said what a millilitre')],
    });
  });
  it('what says more than the library is another thing; what says less is a guess that is told', () => {
    expect(line('200 g soft butter')).toMatchObject({ ingredient: 'butter', guessed: [] });
    expect(line('200 g peanut butter')).toMatchObject({
      ingredient: 'peanut-butter',
      guessed: [expect.stringMatching(/^New to/)],
    });
    expect(line('200 g flour')).toMatchObject({ ingredient: 'plain-flour', guessed: ['Taken for Plain flour.'] });
  });
});

const read = (ingredients: string[], steps: string[]) =>
  readRecipe(
    {
      ...{ name: 'Quick filling', description: '', ingredients },
      instructions: steps.map((text) => ({ name: '', text, minutes: null })),
    },
    named,
    { ...TYPING, country: 'US' },
  );

describe('a recipe', () => {
  it('merges nothing in silence: two creams stay two, one ingredient named twice is told', () => {
    const two = read(['8 oz cream cheese', '2 cups heavy cream'], []);
    expect(two.formula.lines.map((l) => l.ingredient)).toEqual(['cream-cheese', 'heavy-cream']);
    expect(two.fresh.map((i) => i.name)).toEqual(['Cream cheese', 'Heavy cream']);
    const twice = read(['100 g butter', '50 g butter, melted'], []);
    expect(twice.formula.lines).toEqual([{ ingredient: 'butter', grams: 150 }]);
    expect(twice.report.map((r) => r.message)).toContain('Named twice: put together with the 100 g before it.');
  });
  it('a new thing named twice is one new thing', () => {
    const { formula: f, fresh } = read(['10 g moon dust', '5 g moon dust'], []);
    expect([f.lines, fresh.length]).toEqual([[{ ingredient: 'moon-dust', grams: 15 }], 1]);
  });
  it('what chills or rests is a wait with its place, and no work', () => {
    const { formula: f, report } = read(
      ['100 g butter'],
      ['Beat for 5 minutes.', 'Chill 4 hours.', 'Spread it. Leave overnight in the fridge.'],
    );
    expect(f.steps.map((s) => [s.name, s.work, s.minutes.likely])).toEqual([
      ['Beat for 5 minutes', 'hands', 5],
      ['Spread it', 'hands', 10],
    ]);
    expect(f.waits).toEqual([
      { from: f.steps[0]!.key, to: f.steps[1]!.key, min: 240, max: null, place: 'fridge', why: 'Chill 4 hours' },
    ]);
    expect(f.keeping).toMatchObject({ place: 'fridge', min: 480, why: 'Leave overnight in the fridge' });
    expect(report.map((r) => r.message)).toContain('Read as a wait of 4 h in the fridge, not as work.');
  });
  it('of thousands of steps or ingredients has as many as a formula may, and says what was not read', () => {
    const { formula: f, report } = read(
      Array.from(
        { length: 5000 },
        (_, i) => `${i + 1} g dust ${String.fromCharCode(97 + (i % 26))}${'x'.repeat(i % 70)}`,
      ),
      Array.from({ length: 5000 }, () => 'Stir for 2 minutes.'),
    );
    expect([f.lines.length, f.steps.length, new Set(f.steps.map((s) => s.key)).size]).toEqual([80, 60, 60]);
    const told = report.map((r) => r.message).filter((m) => m.startsWith('A formula has at most'));
    expect(told).toEqual([
      expect.stringMatching(/^A formula has at most 80 ingredients: this and \d+ more were not read/),
      'A formula has at most 60 steps: this and 4939 more were not read. Divide it.',
    ]);
  });
  it('a bake is work of the oven even where it says to cool after it', () => {
    const { formula: f } = read(['100 g butter'], ['Bake at 350F for 30 minutes. Cool for 1 1/2 hours.', 'Slice.']);
    expect(f.steps[0]).toMatchObject({ work: 'oven', minutes: { likely: 30 }, oven: { celsius: 175 } });
    expect(f.waits[0]).toMatchObject({ min: 90, place: null });
  });
});

const formula: Formula = {
  id: 'test-cake',
  name: 'Test cake',
  family: 'Butter sponge',
  story: 'Made up.',
  purpose: 'layers',
  lines: [
    { ingredient: 'plain-flour', grams: 250 },
    { ingredient: 'caster-sugar', grams: 200 },
    { ingredient: 'butter', grams: 12.5, note: 'soft' },
  ],
  loss: 0.1,
  density: 1,
  steps: [
    { key: 'mix', name: 'Mix', work: 'hands', minutes: { low: 8, likely: 10, high: 14 }, how: 'Beat it.' },
    {
      key: 'bake',
      name: 'Bake',
      work: 'oven',
      minutes: { low: 30, likely: 35, high: 40 },
      oven: { celsius: 170, slots: 1 },
      how: 'Middle shelf.',
    },
  ],
  waits: [],
  keeping: { place: 'fridge', min: 60, max: 900, units: 1, ageing: 0, why: '' },
};

describe('schema.org JSON-LD', () => {
  it('what goes out comes in: ingredients, steps, times, heat', () => {
    const [foreign] = recipesInJsonLd(JSON.parse(JSON.stringify(recipeToJsonLd(formula, named))));
    const { formula: back, report } = readRecipe(foreign!, named);
    expect(back.lines).toEqual(formula.lines);
    expect(back.steps.map((s) => [s.name, s.work, s.minutes.likely, s.oven?.celsius])).toEqual([
      ['Mix', 'hands', 10, undefined],
      ['Bake', 'oven', 35, 170],
    ]);
    expect(report).toHaveLength(1);
  });
  it('finds recipes in graphs and lists, with steps in any shape', () => {
    const found = recipesInJsonLd({
      '@graph': [
        { '@type': 'WebSite' },
        {
          '@type': ['Recipe'],
          name: 'Plain',
          recipeIngredient: ['100 g butter', 'love'],
          recipeInstructions: [
            {
              '@type': 'HowToSection',
              itemListElement: [{ '@type': 'HowToStep', text: 'Bake at 350F for 20-25 minutes.' }],
            },
          ],
        },
        { '@type': 'Recipe', name: 'Text', recipeInstructions: 'Stir.\nWait 2 hours.' },
      ],
    });
    expect(found.map((f) => f.name)).toEqual(['Plain', 'Text']);
    const { formula: plain, report } = readRecipe(found[0]!, named);
    expect(plain.steps[0]).toMatchObject({ work: 'oven', oven: { celsius: 175 }, minutes: { likely: 25 } });
    expect(report.map((r) => r.text)).toContain('love');
    const text = readRecipe(found[1]!, named);
    expect(text.formula.steps.map((s) => s.minutes.likely)).toEqual([10]);
    expect(text.formula.keeping.min).toBe(120);
    expect(text.report).toContainEqual(expect.objectContaining({ message: expect.stringMatching(/^No time is told/) }));
  });
  it('is patient with what is no recipe', () => {
    for (const junk of [null, 7, 'x', {}, [], [[{ '@type': 'Recipe' }]], { '@type': 'Recipe', recipeInstructions: 5 }])
      expect(() => recipesInJsonLd(junk).map((r) => readRecipe(r, named))).not.toThrow();
  });
});

describe('CSV', () => {
  it('what goes out comes in', () => {
    const [foreign] = recipesInRows(recipeToRows(formula, named), 'file');
    const { formula: back } = readRecipe(foreign!, named);
    expect(back.name).toBe('Test cake');
    expect(back.lines).toEqual(formula.lines);
    expect(back.steps.map((s) => s.work)).toEqual(['hands', 'oven']);
  });
  it('a bare table of ingredients is a recipe of the file’s name', () => {
    const [foreign] = recipesInRows([{ ingredient: 'milk', amount: '2', unit: 'cups' }], 'Grandmother');
    const { formula: read, report } = readRecipe(foreign!, named);
    expect(read).toMatchObject({ name: 'Grandmother', lines: [{ ingredient: 'milk', grams: 515 }] });
    expect(report).toContainEqual(expect.objectContaining({ message: expect.stringContaining('no steps') }));
  });
});
