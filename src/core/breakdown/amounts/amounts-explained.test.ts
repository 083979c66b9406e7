import type { Formula } from '../../formula/formula';
import type { BuildAmount as AmountRule } from '../../stored/build-before-designs';
import { IN_THE_BOWL, onTheCake, type Amount } from './amount';
import { amount, formula, round } from './testing/one-amount';
import { cakeGrams, finishedGrams, portionedGrams } from './weight';

const BAG = ', + 10 % bowl loss';

/** Each rule on a round of 20 cm, 96 mm high: its top is 314 cm², its side 603 cm², its rim 63 cm. */
const said: [AmountRule, string, string[]][] = [
  [{ rule: 'soak', kind: 'butter' }, '0.12 g per cm² × 4 faces, 1257 cm² in all', ['soak']],
  [
    { rule: 'glaze' },
    'top and side 917 cm² at 3 mm × 0.95 g/ml, + 40 % that runs off, 80 % of it caught',
    ['stays on the cake', 'run-off that is caught', 'run-off that is lost'],
  ],
  [{ rule: 'drip', meanLength: 40 }, `63 cm around × 4 cm mean length × 0.5 g${BAG}`, ['drip']],
  [
    { rule: 'drip', meanLength: 40, flood: 2 },
    `63 cm around × 4 cm mean length × 0.5 g, top 2 mm × 0.95 g/ml${BAG}`,
    ['drip', 'flooded top'],
  ],
  [{ rule: 'rosettes', spacing: 45, grams: 7 }, `13 rosettes (every 4.5 cm around) × 7 g${BAG}`, ['13 rosettes']],
  [
    { rule: 'border', nozzle: 'star 10 mm', where: 'both' },
    `126 cm of border × 2.4 g per cm (star 10 mm)${BAG}`,
    ['border'],
  ],
  [
    { rule: 'border', nozzle: 'star 10 mm', where: 'top' },
    `63 cm of border × 2.4 g per cm (star 10 mm)${BAG}`,
    ['border'],
  ],
  [{ rule: 'strewn', gramsPerCm2: 0.3 }, '314 cm² × 0.3 g per cm²', ['over the top']],
  [{ rule: 'strewn', gramsPerCm2: 0.3, height: 20 }, '126 cm² (a band of 20 mm) × 0.3 g per cm²', ['around the foot']],
  [
    { rule: 'panels', height: 120, thickness: 5 },
    'panels 754 cm² × 5 mm × 0.95 g/ml with 10 % lost in baking',
    ['panels'],
  ],
  [
    { rule: 'base', thickness: 8, sheet: { length: 600, width: 400 } },
    '314 cm² × 8 mm × 0.95 g/ml with 10 % lost in baking',
    ['base'],
  ],
  [
    { rule: 'dam and coats', crumb: 1, final: 4 },
    `side 603 cm² + top 314 cm² at 1 mm × 0.95 g/ml${BAG}; side 603 cm² + top 314 cm² at 4 mm × 0.95 g/ml${BAG}`,
    ['crumb coat', 'final coat'],
  ],
  [
    { rule: 'dam and coats', crumb: 0, final: 4, topOnly: true },
    `top 314 cm² at 4 mm × 0.95 g/ml${BAG}`,
    ['final coat'],
  ],
];

describe('a number explains itself', () => {
  it.each(said)('%j: %s', (rule, because, uses) => {
    const { portions, ...made } = amount(rule);
    expect(made.because).toBe(because);
    expect(portions.filter((p) => p.use !== IN_THE_BOWL).map((p) => p.use)).toEqual(uses);
  });
  it('what is strewn weighs its area by what lies on each cm²', () => {
    expect(amount({ rule: 'strewn', gramsPerCm2: 0.3 }).grams).toBeCloseTo(Math.PI * 100 * 0.3, 9);
    expect(amount({ rule: 'strewn', gramsPerCm2: 0.3, height: 20 }).grams).toBeCloseTo(Math.PI * 20 * 2 * 0.3, 9);
  });
  it('each tier is said for itself', () => {
    const { because } = amount({ rule: 'dam and coats', crumb: 1, final: 4 }, { forms: [round(200), round(150)] });
    expect(because).toContain('side 603 cm² + top 314 cm² + side 452 cm² + top 177 cm² at 4 mm');
  });
});

describe('one batch for several uses', () => {
  const uses = [
    { use: 'rope', rule: { rule: 'border', nozzle: 'star 10 mm', where: 'top' } as AmountRule },
    { use: 'dots', rule: { rule: 'rosettes', spacing: 45, grams: 7 } as AmountRule },
  ];
  it('weighs each by its own rule, and what stays in the bag once', () => {
    const [rope, dots] = uses.map((u) => amount(u.rule));
    const both = amount({ rule: 'divided', uses });
    expect(both.portions).toEqual([
      { use: 'rope', grams: expect.closeTo(onTheCake(rope!), 9) },
      { use: 'dots', grams: 91 },
      { use: IN_THE_BOWL, grams: expect.closeTo((onTheCake(rope!) + 91) * 0.1, 9), lost: true },
    ]);
    expect(both.grams).toBeCloseTo(rope!.grams + dots!.grams, 9);
    expect(both.because).toBe(`rope: ${rope!.because}; dots: ${dots!.because}`);
    expect(both.raw ?? false).toBe(false);
  });
  it('keeps what is left over of each apart, and is weighed raw where one of them is', () => {
    const glaze: AmountRule = { rule: 'glaze' };
    const base: AmountRule = { rule: 'base', thickness: 8, sheet: { length: 600, width: 400 } };
    const both = amount({
      rule: 'divided',
      uses: [
        { use: 'shine', rule: glaze },
        { use: 'foot', rule: base },
      ],
    });
    expect(both.portions.map((p) => [p.use, p.leftOver ?? null, p.lost ?? false])).toEqual([
      ['base', null, false],
      ['shine', null, false],
      ['run-off that is caught', 'run-off', false],
      ['run-off that is lost', null, true],
    ]);
    expect(both.raw).toBe(true);
    expect(both.loads).toHaveLength(1);
  });
});

describe('a share of another part', () => {
  const share = { rule: 'share', of: 'frosting', share: 0.4 } as const;
  it('is so much of it, and nothing where that is not made', () => {
    const frosting: AmountRule = { rule: 'pieces', per: 'cake', count: 5, grams: 100 };
    expect(amount({ ...share, of: 'part 0' }, { others: [frosting] })).toMatchObject({
      grams: 200,
      because: '40 % of the part 0',
      portions: [{ use: 'for the part 0', grams: 200 }],
    });
    expect(amount(share).grams).toBe(0);
  });
});

describe('what a cake weighs', () => {
  const part = (grams: number, more: object = {}, of: Partial<Formula> = {}) => ({
    amount: {
      portions: [
        { use: 'x', grams },
        { use: 'y', grams: 50, lost: true },
      ],
      ...more,
    } as Amount,
    formula: { ...formula, purpose: 'layers', ...of } as Formula,
  });
  it('is what of its parts is on it, after its loss where it was weighed raw', () => {
    expect(finishedGrams(part(100))).toBe(100);
    expect(finishedGrams(part(100, { raw: true }))).toBe(90);
    expect(cakeGrams([part(100), part(200, { raw: true })])).toBe(280);
    expect(cakeGrams([])).toBe(0);
  });
  it('is portioned without the panels around it', () => {
    expect(portionedGrams([part(100), part(40, {}, { purpose: 'panels' })])).toBe(100);
  });
});
