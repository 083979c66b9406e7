import { calculate, CALCULATORS, calculatorNamed } from './registry';
import type { CalcValue } from './calculator';
import { TYPING } from '../measure/parse-quantity';
import { starterBuilds } from '../../data/kitchens/starter';
import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';

const context = { kitchen, builds: new Map(starterBuilds.map((b) => [b.id, b])), typing: TYPING };
const round = (diameter: number) => ({ form: 'round', diameter });
const calc = (name: string, given: object = {}) => {
  const result = calculate(calculatorNamed(name)!, given, context);
  if (!result.ok) throw new Error(result.problems.map((p) => `${p.path}: ${p.message}`).join('; '));
  return result.values as Record<string, number & CalcValue>;
};
const problems = (name: string, given: unknown) => {
  const result = calculate(calculatorNamed(name)!, given, context);
  return result.ok ? [] : result.problems;
};

describe('the worked examples', () => {
  it('1: a round tin of 200 × 50 mm', () => {
    expect(calc('batter', { form: round(200), depth: 50, batter: 'butter' }).volume).toBeCloseTo(1570.8, 1);
    expect(calc('batter', { form: round(200), depth: '5 cm', batter: 'butter' }).gramsEach).toBeCloseTo(848.2, 1);
  });
  it('2: 900 g of a round 180 mm for a square 200 mm', () => {
    const swap = calc('tin-swap', { from: round(180), to: { shape: 'square', side: 200 }, grams: 900 });
    expect(swap.factor).toBeCloseTo(1.5719, 4);
    expect(swap.grams).toBeCloseTo(1414.7, 1);
  });
  it('3: 180 °C conventional', () =>
    expect(calc('temperature', { celsius: '180C' })).toEqual({ celsius: 180, fan: 160, fahrenheit: 356, gas: 4 }));
  it('4: seven eggs of 58 g', () => {
    const eggs = calc('eggs', { count: 7, eggWeight: 58 });
    expect([eggs.contents, eggs.whites, eggs.yolks].map((x) => Number(x!.toFixed(1)))).toEqual([361.3, 239.5, 121.8]);
  });
  it('eggs by their class weigh what the country says', () =>
    expect(calc('eggs', { count: 1, size: 'US large' }).contents).toBeCloseTo(57 * 0.89, 9));
  it('5: gelatine of 200 bloom for 160', () =>
    expect(calc('gelatine', { grams: 12, fromBloom: 200, toBloom: 160 }).grams).toBeCloseTo(13.42, 2));
  it('6: the final coat of a round of 200 × 120 mm', () => {
    const coat = calc('coat', { form: round(200), height: 120, thickness: 5, stuff: 'buttercream', loss: 0.1 });
    expect([coat.millilitres, coat.grams, coat.toMake]).toEqual([
      expect.closeTo(534.07, 2),
      expect.closeTo(507.4, 1),
      expect.closeTo(558.1, 1),
    ]);
  });
  it('7: a sheet of 600 × 400 mm', () => {
    expect(calc('cutting', { pieces: [{ shape: 'disc', diameter: 180 }] }).count).toBe(6);
    const mixed = calc('cutting', {
      pieces: [
        { shape: 'disc', diameter: 220, count: 2 },
        { shape: 'half-disc', diameter: 220, count: 3 },
      ],
    });
    expect(mixed.missing).toEqual([0, 0]);
  });
  it('8: three layers of 24 cm with one tin', () =>
    expect(calc('rounds', { layers: 3, tins: 1, bake: 28, stands: 15 })).toEqual({
      rounds: 3,
      stands: 28,
      mixes: 3,
      mixPerRound: true,
    }));
});

describe('every calculator', () => {
  it.each(
    CALCULATORS.filter((c) => Object.values(c.fields).every((f) => f.default !== undefined && f.kind !== 'list')).map(
      (c) => [c.name],
    ),
  )('%s: its defaults give results, each of them labelled, or say what is still wanted', (name) => {
    const result = calculate(calculatorNamed(name)!, {}, context);
    if (result.ok) {
      for (const [key, value] of Object.entries(result.values)) {
        expect(calculatorNamed(name)!.results).toHaveProperty([key]);
        if (typeof value === 'number') expect([key, Number.isFinite(value)]).toEqual([key, true]);
      }
    } else expect(result.problems[0]!.message).toMatch(/^(Give|No density)/);
  });
  it('has a name of its own and a source', () => {
    expect(new Set(CALCULATORS.map((c) => c.name)).size).toBe(CALCULATORS.length);
    expect(CALCULATORS.filter((c) => c.source.length < 10)).toEqual([]);
  });
});

describe('further sums', () => {
  it('scales, rounds and tells baker’s percentages', () => {
    const lines = [
      { ingredient: 'plain-flour', grams: 200 },
      { ingredient: 'butter', grams: 100 },
      { ingredient: 'whole-eggs', grams: 52 },
    ];
    expect(calc('percentages', { lines }).lines).toMatchObject([{ percent: 100 }, { percent: 50 }, { percent: 26 }]);
    expect(calc('scale', { lines, loss: 0.12, to: 'yield', grams: 1000 })).toMatchObject({
      total: expect.closeTo(1136.36, 2),
      yield: expect.closeTo(1000, 6),
    });
    expect(calc('scale', { lines, to: 'scarce', ingredient: 'butter', grams: 250 }).factor).toBeCloseTo(2.5, 9);
    expect(calc('round', { lines }).lines).toMatchObject([{}, {}, { count: '1 egg', grams: expect.closeTo(51.62, 2) }]);
  });
  it('glaze comes back, a drip goes round, a border by its nozzle', () => {
    const glaze = calc('glaze', { form: round(220), height: 80 });
    expect(glaze.toMake! - glaze.grams!).toBeCloseTo(glaze.runOff!, 9);
    expect(glaze.returns! / glaze.runOff!).toBeCloseTo(0.8, 9);
    expect(calc('drip', { form: round(200), meanLength: 40, loss: 0 }).grams).toBeCloseTo(62.83 * 4 * 0.5, 1);
    expect(calc('border', { form: round(200), count: 12 }).spacing).toBeCloseTo(52.36, 2);
  });
  it('offers ways to do without, and none that brings what must not be there', () => {
    const ways = (given: object) =>
      (calc('substitute', given).ways as unknown as { name: string }[]).map((w) => w.name);
    expect(ways({ ingredient: 'milk', avoid: ['milk'] })).toEqual(['Oat drink for milk']);
    expect(ways({ ingredient: 'milk', avoid: ['milk', 'gluten'] })).toEqual([]);
  });
  it('breaks a three-tier order for 80 portions down in a blink', () => {
    const tiers = [360, 300, 240].map((d) => ({ form: round(d) }));
    const given = { build: 'quince-tower', tiers };
    expect(calc('breakdown', given).portions).toBeGreaterThanOrEqual(50);
    expect(calc('breakdown', given).components).toHaveLength(6);
  });
});

describe('what is wrong is said with what is right', () => {
  it.each([
    ['coat', { heigth: 3 }, 'Fields are: form, height, thickness, stuff, density, loss'],
    ['coat', { height: 'tall' }, '“tall” is not a quantity'],
    ['coat', { height: '2 kg' }, 'is a mass'],
    ['coat', { height: -1 }, 'at least 0'],
    ['coat', { form: { form: 'blob' } }, 'Forms: round (diameter)'],
    ['coat', { form: { form: 'round', side: 3 } }, 'A round has no side'],
    ['coat', { form: { form: 'ring', outer: 100, inner: 120 } }, 'inner must be smaller'],
    ['yeast', { from: 'wild' }, 'one of: fresh, active dry, instant'],
    ['scale', {}, 'Ingredients is missing'],
    ['scale', { lines: [{ ingredient: 'x' }] }, 'Grams is missing'],
    ['temperature', {}, 'exactly one'],
    ['convert', { from: 'cup', to: 'g' }, 'cup measures volume'],
    ['cooling', { target: 10, ambient: 20 }, 'never gets under'],
    ['breakdown', { build: 'none', tiers: [{ form: round(200) }] }, 'Builds: '],
    ['shape', [], 'JSON object'],
  ])('%s %j', (name, given, message) => {
    expect(
      problems(name, given)
        .map((p) => p.message)
        .join(' '),
    ).toContain(message);
  });
});

describe('what is typed into a field', () => {
  it('a °F field takes any heat: 350F, 180 °C, gas 4, fan 160', () => {
    const heats = ['350F', '180 °C', 'gas 4', 'fan 160'].map(
      (fahrenheit) => calc('temperature', { fahrenheit }).celsius,
    );
    heats.forEach((c, i) => expect(c).toBeCloseTo(i === 0 ? 176.6667 : 180, 3));
  });
  it('cups are the kitchen’s in every field', () => {
    const millilitres = '2 cups';
    const inside = (country: 'US' | 'Japan') => {
      const result = calculate(
        calculatorNamed('density')!,
        { density: 1, millilitres },
        { ...context, typing: { ...TYPING, country } },
      );
      return result.ok ? result.values.millilitres : result.problems;
    };
    expect(inside('US')).toBeCloseTo(473.176, 2);
    expect(inside('Japan')).toBe(400);
  });
  it('a share may be typed in per cent; 1,000 is asked about', () => {
    expect(calc('scale', { lines: [{ ingredient: 'x', grams: '.5 kg' }], loss: '10 %', grams: 450 }).factor).toBe(1);
    expect(problems('coat', { height: '1,000' })[0]!.message).toMatch(/may be 1000 or 1/);
  });
  it('the allergen check refuses names that are not on the list', () => {
    const lines = [{ ingredient: 'butter', grams: 100 }];
    expect(calc('allergens', { lines, avoid: ['milk'] }).clashes).toEqual(['milk']);
    expect(problems('allergens', { lines, avoid: ['dairy'] })[0]!.message).toMatch(/“dairy” is not on the list/);
    expect(problems('allergens', { lines: [{ ingredient: 'moon dust', grams: 1 }] })[0]!.message).toMatch(/moon dust/);
  });
});

describe('what cannot be worked out is refused in words', () => {
  const refusal = (name: string, given: object) => problems(name, given)[0]?.message ?? 'nothing was wrong';
  it.each([
    ['batter', { depth: 0 }, 'must be at least 1'],
    ['alcohol', { spirit: 0, syrup: 0 }, 'cannot be worked out'],
    ['shape', { form: { form: 'round', diameter: 1e200 } }, 'at most 10000 mm'],
    ['shape', { form: { form: 'round', diameter: 200 }, height: 1e308 }, 'cannot be worked out'],
    ['panels-box', { spread: 60 }, 'Nothing is left of the'],
    ['cooling', { place: 'freezer', target: -5, ambient: -18 }, 'latent heat'],
    ['portions', { form: { form: 'half-sphere', diameter: 180 } }, 'portioned by weight'],
    ['portions', { form: { form: 'square', side: 200 }, scheme: 'wedges' }, 'is not cut in wedges'],
    ['layers', { measuredGrams: 850 }, 'needs its grams and its height'],
    ['tiers', { guests: 1600, cutting: [{ form: round(100) }] }, '1600 portions take 33 × round 28 cm; 30 can'],
    ['breakdown', { build: 'quince-tower', tiers: [{ form: round(240) }], without: ['roof'] }, 'no part “roof”'],
    ['breakdown', { build: 'quince-tower', tiers: [{ form: round(240) }], without: ['layers'] }, 'cannot be left out'],
    [
      'breakdown',
      { build: 'quince-tower', tiers: [{ form: round(240) }], choices: { sky: 'blue' } },
      'no question “sky”',
    ],
    [
      'breakdown',
      { build: 'quince-tower', tiers: [{ form: round(240) }], choices: { level: 'sideways' } },
      '“level” cannot be “sideways”',
    ],
    ['breakdown', { build: 'hazelnut-discs', tiers: [{ form: round(810) }] }, 'too small for a disc of 81 cm'],
  ])('%s %j: %s', (name, given, words) => expect(refusal(name, given)).toContain(words));

  it('sheets are those of the grade that was asked for; powder has none', () => {
    const gold = calc('gelatine', { grams: 12, fromBloom: 200, grade: 'gold' });
    const bronze = calc('gelatine', { grams: 12, fromBloom: 200, grade: 'bronze' });
    expect([gold.bloom, bronze.bloom]).toEqual([200, 140]);
    expect(bronze.grams! / gold.grams!).toBeCloseTo(Math.sqrt(200 / 140), 9);
    expect(calc('gelatine', { grams: 12, fromBloom: 200, toBloom: 160 }).sheets).toBeNull();
  });

  it('an order’s weight is that of its finished parts', () => {
    const tower = calc('breakdown', { build: 'quince-tower', tiers: [{ form: round(240) }, { form: round(150) }] });
    const parts = tower.components as unknown as { onTheCake: number; grams: number }[];
    expect(tower.grams).toBeCloseTo(
      parts.reduce((sum, c) => sum + c.onTheCake, 0),
      6,
    );
    expect(tower.grams).toBeLessThan(0.8 * parts.reduce((sum, c) => sum + c.grams, 0));
  });
});
