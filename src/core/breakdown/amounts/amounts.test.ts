import type { Choices } from '../../formula/schools';
import { batterGrams } from '../../shape/batter';
import type { Form } from '../../shape/form';
import { TooLargeForSheet } from '../../shape/sheets-for';
import type { BuildAmount as AmountRule } from '../../stored/build-before-designs';
import { startingCoefficients as coefficients } from '../figures/starting-figures';
import { IN_THE_BOWL, onTheCake, withLeastBatch } from './amount';
import { cakeName } from './cake';
import { amount, batter, formula, plain, round } from './testing/one-amount';

const SHEET = { length: 600, width: 400 };
const area = Math.PI * 100 ** 2;

describe('layers from tins', () => {
  it('are as high as the cake wants them, and no layer more', () => {
    const { loads, portions, grams, because } = amount(batter, { others: [] });
    // Two of 24 mm and a cut of 1 mm: 49 mm of a round 200 at 0.54 g/ml.
    const each = (area * 49 * 0.54) / 1000;
    expect(loads).toEqual([{ tier: 0, form: round(200), tins: 2, gramsEach: expect.closeTo(each, 9) }]);
    expect(grams).toBeCloseTo(2 * each, 9);
    expect(portions.map((p) => [p.use, Math.round(p.grams), p.lost ?? false])).toEqual([
      ['layers', Math.round((area * 96 * 0.54) / 1000), false],
      ['crumbs of the saw', Math.round((area * 2 * 0.54) / 1000), true],
    ]);
    expect(because).toBe('2 × 831 g (round 20 cm, 2 layers of 24 mm, baked 49 mm high × 314 cm² × 0.54 g/ml)');
  });
  it('that are trimmed take more batter, and give it to the crumbs; the cake stays as high', () => {
    const flat = amount(batter, { others: [] });
    const domed = amount(batter, { others: [], of: { ...formula, domes: true } });
    const upsideDown = { others: [], of: { ...formula, domes: true }, choices: { level: 'upside-down' } };
    expect(amount(batter, upsideDown).grams).toBe(flat.grams);
    expect(domed.cake.tiers[0]!.height).toBe(flat.cake.tiers[0]!.height);
    const trimmings = domed.portions.find((p) => p.leftOver === 'trimmings')!.grams;
    expect(trimmings).toBeCloseTo((area * 0.54 * (96 / 0.92 - 96)) / 1000, 9);
    expect(domed.grams - flat.grams).toBeCloseTo(trimmings, 9);
    expect(onTheCake(domed)).toBeCloseTo(onTheCake(flat), 9);
  });
  it('an odd layer gets a tin of its own with less in it', () => {
    const three = amount(batter, { others: [], build: { ...plain, layers: 3 } });
    expect(three.loads.map((l) => [l.tins, Math.round(l.gramsEach)])).toEqual([
      [1, Math.round((area * 49 * 0.54) / 1000)],
      [1, Math.round((area * 24 * 0.54) / 1000)],
    ]);
    expect(onTheCake(three)).toBeCloseTo((area * 72 * 0.54) / 1000, 9);
  });
  it('the depth of the tin limits how many come out of it, and a layer that rises above it says so', () => {
    const shallow = amount({ rule: 'batter', tinDepth: 40, layersPerTin: 2 }, { others: [] });
    expect(shallow.loads[0]!.tins).toBe(4);
    const above = amount({ rule: 'batter', tinDepth: 20, layersPerTin: 1 }, { others: [] });
    expect(above.because).toContain('it rises above a tin of 20 mm');
  });
  it('a yeast dough by its own kind; what the kitchen has measured counts before any kind', () => {
    const dough = amount(batter, { others: [], of: { ...formula, batter: 'yeast' } });
    expect(dough.grams).toBeCloseTo((2 * area * 49 * 0.3) / 1000, 9);
    const measured = { grams: 850, form: round(200), height: 48 };
    const own = amount(batter, { others: [], of: { ...formula, measured } });
    expect(own.grams).toBeCloseTo((2 * 850 * 49) / 48, 6);
  });
  it('fills a round tin of 200 × 50 mm with 848.2 g of butter batter', () =>
    expect(batterGrams(round(200), 50, coefficients.batter.butter)).toBeCloseTo(848.2, 1));
});

describe('what is cut from sheets or made to its own size', () => {
  const discs: AmountRule = { rule: 'discs', sheet: SHEET };
  const sheet = (thickness: number) => (600 * 400 * thickness * 0.95) / 1000 / 0.9;
  it('discs take whole sheets as thick as a layer, at the formula’s own density', () => {
    const { loads, portions, because } = amount(discs, { others: [], build: { ...plain, layerHeight: 9 } });
    expect(loads).toEqual([expect.objectContaining({ tins: 1, gramsEach: expect.closeTo(sheet(9), 9) })]);
    expect(portions.find((p) => p.leftOver === 'trimmings')!.grams).toBeCloseTo(
      sheet(9) * (1 - (4 * area) / (600 * 400)),
      6,
    );
    expect(because).toContain('4 layers of round 20 cm: 1 sheet of 60 × 40 cm, 9 mm');
  });
  it('six of 22 cm take as many sheets as the cutting plan says, a disc larger than its sheet none', () => {
    const six = { ...plain, layers: 6 };
    expect(amount(discs, { others: [], build: six, forms: [round(220)] }).loads[0]!.tins).toBe(2);
    expect(() => amount(discs, { others: [], forms: [round(450)] })).toThrow(TooLargeForSheet);
    expect(() => amount(discs, { others: [], forms: [round(450)] })).toThrow('too small for a disc of 45 cm');
    const halved = amount({ ...discs, halves: true }, { others: [], forms: [round(450)] });
    expect(halved.because).toContain('4 of them of two halves');
  });
  it('a layer between others is pieced together where the build lets it, that saves a sheet and enough is cut off', () => {
    const patched = { ...discs, patched: true } as AmountRule;
    const three = { ...plain, layers: 3 };
    const of26 = (rule: AmountRule, layers = 3) =>
      amount(rule, { others: [], build: { ...three, layers }, forms: [round(260)] });
    expect([of26(discs).loads[0]!.tins, of26(patched).loads[0]!.tins]).toEqual([2, 1]);
    expect(of26(patched).because).toContain('one between others pieced together from what is cut off: 1 sheet');
    // The cake weighs the same; less is left over.
    expect(onTheCake(of26(patched))).toBeCloseTo(onTheCake(of26(discs)), 9);
    // Two layers have none between them; six that take three sheets save none.
    expect(of26(patched, 2).because).not.toContain('pieced');
    expect(of26(patched, 6).because).not.toContain('pieced');
  });
  it('a base takes its own area, never a whole sheet', () => {
    const base = amount({ rule: 'base', thickness: 8, sheet: SHEET });
    expect(base.grams).toBeCloseTo((area * 8 * 0.95) / 1000 / 0.9, 9);
    expect(base.cake.tiers[0]!.height).toBe(8 + 96);
    expect([base.loads[0]!.tins, base.raw]).toEqual([1, true]);
  });
  it('a roll is as thick as its sheet and filling make it, and its ends are trimmed off', () => {
    const roll: Form = { form: 'roll', length: 380, diameter: 1 };
    const rolled: AmountRule = { rule: 'roll sheet', sheet: SHEET };
    const build = { ...plain, layerHeight: 10 };
    const { cake, ...sheetAmount } = amount(rolled, { others: [{ rule: 'filling' }], build, forms: [roll] });
    expect(cake.tiers[0]!.height).toBeCloseTo(Math.sqrt((4 * 600 * 16) / Math.PI), 9);
    expect(sheetAmount.portions.map((p) => [p.use, Math.round(p.grams)])).toEqual([
      ['rolled', Math.round((600 * 380 * 10 * 0.95) / 1000 / 0.9)],
      ['ends trimmed off', Math.round((600 * 20 * 10 * 0.95) / 1000 / 0.9)],
    ]);
    const filling = amount({ rule: 'filling' }, { others: [rolled], build, forms: [roll] });
    expect(onTheCake(filling)).toBeCloseTo((600 * 380 * 6 * 0.95) / 1000, 6);
    expect(filling.grams).toBeCloseTo(((600 * 400 * 6 * 0.95) / 1000) * 1.1, 6);
  });
  it('panels cut by the plan have a wall to spare, which is not on the cake', () => {
    const rule: AmountRule = { rule: 'panels', height: 120, thickness: 5 };
    const square: Form = { form: 'square', side: 250 };
    const of = (choices: Choices, form: Form = square) => amount(rule, { forms: [form], choices });
    const [measured, planned] = [of({}), of({ panels: 'planned' })];
    expect(planned.grams).toBeCloseTo(measured.grams * 1.25, 9);
    expect(onTheCake(planned)).toBeCloseTo(onTheCake(measured), 9);
    expect(planned.portions.map((p) => p.use)).toEqual(['panels', 'one to spare']);
    const long: Form = { form: 'rectangle', length: 300, width: 100 };
    expect(of({ panels: 'planned' }, long).grams / of({}, long).grams).toBeCloseTo(1100 / 800, 9);
  });
  it('panels by their thickness and loss', () =>
    expect(amount({ rule: 'panels', height: 120, thickness: 5 }).grams).toBeCloseTo(
      (Math.PI * 200 * 120 * 5 * 0.95) / 1000 / 0.9,
      6,
    ));
});

describe('what is spread, poured and piped', () => {
  const coat: AmountRule = { rule: 'dam and coats', crumb: 0, final: 5 };

  it('coats a round of 200 × 120 mm at 5 mm with 558.1 g of buttercream', () => {
    const filled = amount(coat, { others: [batter, { rule: 'filling', thickness: 8 }] });
    expect(filled.cake.tiers[0]).toMatchObject({ body: 120, height: 125 });
    expect(filled.grams).toBeCloseTo(558.1, 1);
    expect(filled.because).toContain('side 754 cm² + top 314 cm² at 5 mm');
  });

  it('fillings of one gap lie on one another; one on top of the last layer is a gap of its own', () => {
    const two: AmountRule[] = [batter, { rule: 'filling', thickness: 6 }, { rule: 'filling', thickness: 4 }];
    expect(amount(coat, { others: two }).cake.tiers[0]!.body).toBe(96 + 3 * 10);
    const onTop = amount({ rule: 'filling', thickness: 8, onTop: true });
    expect(onTop.grams).toBeCloseTo(((area * 8 * 4 * 0.95) / 1000) * 1.1, 9);
    expect(onTop.because).toContain('8 mm × 4 gaps');
    expect(onTop.cake.tiers[0]!.height).toBe(96 + 4 * 8);
  });

  it('takes the dam out of the filling, a ring of π(r² − (r − w)²), and puts it into the frosting', () => {
    const dammed: AmountRule = { rule: 'filling', dammed: true };
    const withDam: AmountRule = { ...coat, dam: true };
    const ring = Math.PI * (100 ** 2 - 90 ** 2) * 6 * 3;
    const open = amount({ rule: 'filling' }).grams;
    expect(open - amount(dammed, { others: [batter, withDam] }).grams).toBeCloseTo((ring / 1000) * 0.95 * 1.1, 9);
    const frosting = amount(withDam, { others: [batter, dammed] });
    expect(frosting.portions.find((p) => p.use === 'dams')!.grams).toBeCloseTo((ring / 1000) * 0.95, 9);
    // Without a dam there is nothing to stop short of.
    expect(amount(dammed).grams).toBeCloseTo(open, 9);
  });

  it('covers with a cloth of the cake’s own form; what is trimmed off comes back', () => {
    const cover = amount({ rule: 'paste cover' });
    const cloth = ((Math.PI * (200 + 2 * 96 + 50) ** 2) / 4) * 4 * 0.95 * 0.001;
    expect(cover.grams).toBeCloseTo(cloth, 6);
    expect(onTheCake(cover)).toBeCloseTo((area + Math.PI * 200 * 96) * 4 * 0.95 * 0.001, 6);
    expect(cover.portions[1]).toMatchObject({ use: 'trimmed off the foot', leftOver: 'paste' });
    const square = amount({ rule: 'paste cover' }, { forms: [{ form: 'square', side: 200 }] });
    expect(square.grams).toBeCloseTo((200 + 2 * 96 + 50) ** 2 * 4 * 0.95 * 0.001, 6);
    expect(square.because).toContain('cloth of 44.2 × 44.2 cm');
  });

  it('soaks one face of each layer', () =>
    expect(amount({ rule: 'soak', kind: 'butter' }).grams).toBeCloseTo((area / 100) * 4 * 0.12, 9));

  it('pours with run-off that comes back or is lost', () => {
    const glaze = amount({ rule: 'glaze' });
    const stays = ((area + Math.PI * 200 * 96) / 1000) * 3 * 0.95;
    expect(glaze.portions.map((p) => [p.leftOver ?? p.lost ?? 'stays', Number((p.grams / stays).toFixed(6))])).toEqual([
      ['stays', 1],
      ['run-off', 0.32],
      [true, 0.08],
    ]);
  });

  it('drips by outline and length, and floods the top by its own amount', () => {
    const drip = amount({ rule: 'drip', meanLength: 40 });
    expect(drip.grams).toBeCloseTo(((Math.PI * 200 * 40 * 0.5) / 100) * 1.1, 9);
    const flooded = amount({ rule: 'drip', meanLength: 40, flood: 2 });
    expect(flooded.grams - drip.grams).toBeCloseTo(((area * 2 * 0.95) / 1000) * 1.1, 9);
    expect(flooded.cake.tiers[0]!.coats).toEqual([expect.objectContaining({ kind: 'flooded top', side: 0 })]);
  });

  it('rosettes and borders leave their share in the bag', () => {
    const rosettes = amount({ rule: 'rosettes', spacing: 45, grams: 7 });
    expect(rosettes.portions).toEqual([
      { use: '13 rosettes', grams: 91 },
      { use: IN_THE_BOWL, grams: expect.closeTo(9.1, 9), lost: true },
    ]);
    const border = amount({ rule: 'border', nozzle: 'star 10 mm', where: 'both' });
    expect(border.grams).toBeCloseTo(2 * Math.PI * 20 * 2.4 * 1.1, 6);
  });

  it('fills a ring with what its base and insert leave free', () => {
    const ring = { ...plain, layers: 0, layerHeight: 0, ringHeight: 80 };
    const others: AmountRule[] = [
      { rule: 'base', thickness: 8, sheet: SHEET },
      { rule: 'insert', thickness: 20, inset: 15 },
    ];
    const { cake, grams } = amount({ rule: 'rest of the ring' }, { others, build: ring });
    const free = area * 72 - Math.PI * 85 ** 2 * 20;
    expect(grams).toBeCloseTo(((free * 0.95) / 1000) * 1.1, 6);
    const insert = cake.tiers[0]!.strata.find((s) => s.kind === 'insert')!;
    expect(insert).toMatchObject({ from: 8 + (72 - 20) / 2, inset: 15 });
    expect(cake.tiers[0]!.height).toBe(80);
  });

  it('a dome takes its layers’ place by volume, and is portioned by weight', () => {
    const dome: Form = { form: 'half-sphere', diameter: 180 };
    const build = { ...plain, layers: 0, ringHeight: 90 };
    const { cake, grams } = amount({ rule: 'rest of the ring' }, { others: [], build, forms: [dome] });
    const on = ((2 * Math.PI * 90 ** 3) / 3 / 1000) * 0.95;
    expect(grams).toBeCloseTo(on * 1.1, 6);
    expect(cake.portions).toBe(Math.floor(on / 135));
  });
});

describe('what is counted', () => {
  it('by cake, tier and portion', () => {
    const of = (per: 'cake' | 'tier' | 'portion', count: number) =>
      amount({ rule: 'pieces', per, count, grams: 6 }, { forms: [round(240), round(150)] });
    expect(of('tier', 9)).toMatchObject({ pieces: 18, grams: 108, because: '18 pieces (9 for each tier) × 6 g' });
    expect(of('cake', 1)).toMatchObject({ pieces: 1, because: '1 piece (for the cake) × 6 g' });
    const perPortion = of('portion', 2);
    expect(perPortion.pieces).toBe(2 * perPortion.cake.portions);
  });
  it('strewn by the cm² of the top or of a band', () => {
    expect(amount({ rule: 'strewn', gramsPerCm2: 0.3 }).grams).toBeCloseTo((area / 100) * 0.3, 9);
    const band = amount({ rule: 'strewn', gramsPerCm2: 0.3, height: 30 });
    expect(band.grams).toBeCloseTo(((Math.PI * 200 * 30) / 100) * 0.3, 9);
    expect(band.because).toBe('188 cm² (a band of 30 mm) × 0.3 g per cm²');
  });
});

describe('a least batch', () => {
  const small = amount({ rule: 'pieces', per: 'cake', count: 1, grams: 40 });
  it('is made where less is wanted; what is too much is left over, once', () => {
    const made = withLeastBatch(small, 150);
    expect(made.grams).toBe(150);
    expect(made.portions.at(-1)).toEqual({ use: 'more than is needed', grams: 110, leftOver: 'rest' });
    expect(made.because).toBe('1 piece (for the cake) × 40 g; least batch 150 g');
    expect(withLeastBatch(made, 150)).toEqual(made);
    expect(onTheCake(made)).toBe(40);
  });
  it('leaves alone what is enough, and what is not wanted at all', () => {
    expect(withLeastBatch(small, 40)).toEqual(expect.objectContaining({ grams: 40 }));
    expect(withLeastBatch(small, undefined).portions).toHaveLength(1);
    expect(withLeastBatch({ ...small, grams: 0, portions: [] }, 150).grams).toBe(0);
    const two = { ...small, grams: 300, portions: [{ use: 'a', grams: 170 }, ...withLeastBatch(small, 150).portions] };
    expect(withLeastBatch(two, 150)).toMatchObject({ grams: 210, portions: [{ use: 'a' }, { use: '1 piece' }] });
  });
});

describe('the name of a cake', () => {
  it('is what a baker would say', () => {
    const roll: Form = { form: 'roll', length: 380, diameter: 90 };
    const square: Form = { form: 'square', side: 250 };
    expect(cakeName([round(200)])).toBe('round 20 cm');
    expect(cakeName([round(240), round(150)])).toBe('2 tiers: round 24 cm, round 15 cm');
    expect(cakeName([roll, roll])).toBe('2 × roll of 38 cm');
    expect(cakeName([round(240), round(150), square, square])).toBe(
      '2 tiers: round 24 cm, round 15 cm + 2 × square 25 cm to cut',
    );
    expect(cakeName([round(240), square])).toBe('round 24 cm + square 25 cm to cut');
    expect(cakeName([])).toBe('');
  });
});
