import { cycleOf } from './cycle';
import type { Formula } from './formula';
import { planGaps } from './plan-gaps';
import { boughtGrams, partsToYield, scaleToYield, totalGrams, yieldGrams } from './scale';
import { allergensOf } from './within';
import { usualByFamily } from './usual';

const formula = (more: Partial<Formula>): Formula => ({
  ...{ id: 'x', name: 'X', family: 'Creams', story: '', lines: [], loss: 0, density: 1, purpose: 'filling', steps: [] },
  ...{ waits: [], keeping: { place: 'fridge', min: 0, max: 100, units: 1, ageing: 0.01, why: '' } },
  ...more,
});
const cream = formula({ id: 'cream', lines: [{ ingredient: 'cream', grams: 500 }] });
const custard = formula({
  id: 'custard',
  lines: [{ ingredient: 'milk', grams: 300 }],
  parts: [{ formula: 'cream', grams: 100 }],
  loss: 0.2,
});
const ingredient = (id: string, allergen: 'milk' | 'nuts') => ({ id, name: id, allergens: [allergen], density: null });

describe('a formula that goes into another', () => {
  it('counts for its weight, and is scaled with it', () => {
    expect([totalGrams(custard), yieldGrams(custard)]).toEqual([400, 320]);
    expect(scaleToYield(custard, 640)[0]!.grams).toBeCloseTo(600, 9);
    expect(partsToYield(custard, 640)[0]!.grams).toBeCloseTo(200, 9);
    expect(partsToYield(cream, 100)).toEqual([]);
  });

  it('brings its allergens, at every level, also round a circle', () => {
    const top = formula({ id: 'top', parts: [{ formula: 'custard', grams: 1 }] });
    const nutty = { ...cream, lines: [{ ingredient: 'nuts', grams: 1 }], parts: [{ formula: 'top', grams: 1 }] };
    const formulas = new Map([
      ['custard', custard],
      ['cream', nutty],
      ['top', top],
    ]);
    const ingredients = new Map([
      ['milk', ingredient('milk', 'milk')],
      ['nuts', ingredient('nuts', 'nuts')],
    ]);
    expect(allergensOf(top, ingredients, formulas).map((a) => a.allergen)).toEqual(['milk', 'nuts']);
  });

  it('does not go into itself: the way is named', () => {
    const a = formula({ id: 'a', parts: [{ formula: 'b', grams: 1 }] });
    const b = formula({
      id: 'b',
      parts: [
        { formula: 'cream', grams: 1 },
        { formula: 'a', grams: 1 },
      ],
    });
    const formulas = new Map([
      ['a', a],
      ['b', b],
      ['cream', cream],
    ]);
    expect(cycleOf('a', formulas)).toEqual(['a', 'b', 'a']);
    expect(cycleOf('cream', formulas)).toBeNull();
    expect(cycleOf('gone', formulas)).toBeNull();
  });
});

it('what is cut away is bought as well', () => {
  expect(boughtGrams({ grams: 350, keeps: 0.7 })).toBeCloseTo(500, 9);
  expect(boughtGrams({ grams: 350 })).toBe(350);
});

describe('what a formula leaves open for a plan', () => {
  const step = (key: string, name: string, more: object = {}) =>
    ({ key, name, work: 'hands', minutes: { low: 5, likely: 6, high: 9 }, skill: 'mix', how: '', ...more }) as const;
  const wait = (from: string, to: string, min = 0) => ({ from, to, min, max: null, place: null, why: '' });
  const told = (more: Partial<Formula>) => planGaps(formula(more)).map((g) => g.text);

  it('names machines, skills, tins and shelves that nobody has told', () => {
    const bake = step('bake', 'Bake', { work: 'oven', oven: { celsius: 170, slots: 1 }, skill: undefined });
    const texts = told({
      batter: 'butter',
      steps: [step('mix', 'Whip eggs'), bake, step('out', 'Turn out', { skill: null })],
      waits: [wait('mix', 'bake'), wait('bake', 'out', 300)],
      keeping: { place: null, min: 0, max: 2000, units: 1, ageing: 0, why: '' },
    });
    expect(texts).toEqual([
      expect.stringContaining('names no mixer'),
      expect.stringContaining('asks for no skill'),
      expect.stringContaining('No step says until when the tin is held'),
      expect.stringContaining('on the bench'),
      expect.stringContaining('stands nowhere'),
    ]);
  });

  it('names steps that hang in the air', () => {
    const steps = [step('a', 'Peel'), step('b', 'Slice'), step('c', 'Arrange')];
    expect(told({ steps, waits: [wait('a', 'b')] })).toEqual([expect.stringContaining('Nothing waits for “Slice”')]);
    expect(told({ steps, waits: [wait('b', 'c')] })).toEqual([expect.stringContaining('“Peel” is tied to no other')]);
    expect(told({ steps, waits: [wait('a', 'b'), wait('b', 'c')] })).toEqual([]);
  });
});

it('what is usual in a family is its middle', () => {
  const of = (density: number, purpose: Formula['purpose'] = 'filling') => formula({ density, purpose });
  const usual = usualByFamily([of(0.4), of(1), of(0.9, 'frosting'), formula({ family: 'Doughs', density: 3 })]);
  expect(usual.Creams).toMatchObject({ density: 0.9, purpose: 'filling', keeping: { place: 'fridge' } });
  expect(usual.Doughs!.density).toBe(3);
});
