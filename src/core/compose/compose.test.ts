import { starterBuilds } from '../../data/kitchens/starter';
import { demoEquipment, demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import { breakDown } from '../breakdown/break-down';
import { designIn, isFixed } from '../design/design-in';
import type { Design } from '../design/design';
import { problemsOf } from '../design/testing/problems-of';
import { orderId } from '../ids/ids';
import { checkPlan } from '../plan-check/check-plan';
import { solve } from '../planner/solve';
import { makeProblem } from '../situation/make-problem';
import { everyWeek } from '../time/working-hours';
import type { Form } from '../shape/form';
import { couldBe } from './could-be';
import { withAmount, withBlock, withBlockMoved, withoutBlock } from './edits/blocks';
import { withDam, withFillingAbove, withLayerMore, withoutInside, withSoak, withThickness } from './edits/inside';
import { largeEnough } from './edits/large-enough';
import { withFormulaAt, withFormulaEverywhere } from './edits/parts';
import {
  canTrimSide,
  withCount,
  withForm,
  withInsideOf,
  withoutPiece,
  withSideTrim,
  withTierOnTop,
} from './edits/pieces';
import { insteadOf } from './instead';
import { isThere, roleAt, type Place } from './place';
import { sumsOf, type Sums } from './sums';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const designOf = (id: string, forms: Form[] = [round(200)]): Design => {
  const build = starterBuilds.find((b) => b.id === id)!;
  return isFixed(build) ? build.design : designIn(build, forms);
};
const formula = (id: string) => kitchen.formulas.get(id)!;
const sums = (design: Design): Sums => {
  const s = sumsOf(design, {}, kitchen);
  if (!('pieces' in s)) throw new Error(JSON.stringify(s.problems));
  return s;
};
const insideOf = (design: Design, piece = 0) => design.pieces[piece]!.inside.map((i) => i.is);
const at = (design: Design, is: string, nth = 0, piece = 0): Extract<Place, { on: 'inside' }> => ({
  ...{ on: 'inside', piece: design.pieces[piece]!.key },
  at: design.pieces[piece]!.inside.flatMap((x, i) => (x.is === is ? [i] : []))[nth]!,
});

describe('inside a piece', () => {
  const cake = designOf('walnut-ganache');
  const key = cake.pieces[0]!.key;

  it('a thickness is what is drawn, weighed and stands as high', () => {
    const gap = at(cake, 'filling');
    const thicker = withThickness(cake, key, gap.at, 12);
    const was = sums(cake).pieces[0]!.strata.find((s) => JSON.stringify(s.place) === JSON.stringify(gap))!;
    const is = sums(thicker).pieces[0]!.strata.find((s) => JSON.stringify(s.place) === JSON.stringify(gap))!;
    expect(is.thickness).toBe(12);
    expect(sums(thicker).height - sums(cake).height).toBeCloseTo(12 - was.thickness, 6);
    expect(sums(thicker).grams).toBeGreaterThan(sums(cake).grams);
    expect(withThickness(cake, key, gap.at, -4).pieces[0]!.inside[gap.at]).toMatchObject({ amount: { mm: 1 } });
  });

  it('a layer comes with its gap and its soak, and goes with them', () => {
    const more = withLayerMore(cake, key);
    const layers = (d: Design) => insideOf(d).filter((i) => i === 'layer').length;
    expect(layers(more)).toBe(layers(cake) + 1);
    expect(insideOf(more).filter((i) => i === 'filling').length).toBeGreaterThan(
      insideOf(cake).filter((i) => i === 'filling').length,
    );
    expect(withoutInside(more, key, at(more, 'layer', layers(cake)).at)).toEqual(cake);
    let one = cake;
    for (let i = 0; i < 9; i++) one = withoutInside(one, key, at(one, 'layer').at);
    expect(layers(one)).toBe(1);
  });

  it('a second filling lies in the gap, and goes again', () => {
    const gap = at(cake, 'filling');
    const two = withFillingAbove(cake, key, gap.at, formula('quince-curd'));
    expect(two.parts.map((p) => p.label)).toContain(formula('quince-curd').name);
    expect(sums(two).parts.find((p) => p.formula === 'quince-curd')!.grams).toBeGreaterThan(50);
    expect(withoutInside(two, key, gap.at + 1)).toEqual(cake);
    const dammed = withDam(two, key, gap.at + 1, two.parts.find((p) => p.role === 'frosting')?.role ?? 'filling');
    expect(sums(dammed).pieces[0]!.strata.filter((s) => s.kind === 'dam').length).toBe(
      sums(two).pieces[0]!.strata.filter((s) => s.kind === 'dam').length + 1,
    );
    expect(withDam(dammed, key, gap.at + 1, null)).toEqual(two);
    const soaked = withSoak(cake, key, at(cake, 'layer').at, formula('lemon-syrup'), 'butter');
    expect(sums(soaked).parts.map((p) => p.formula)).toContain('lemon-syrup');
  });
});

describe('another formula', () => {
  const cake = designOf('walnut-ganache', [round(240), round(160)]);
  it('goes in everywhere, or in one place alone', () => {
    const everywhere = withFormulaEverywhere(cake, 'layers', formula('almond-sponge'));
    expect(sums(everywhere).parts.map((p) => p.formula)).not.toContain('walnut-sponge');
    const upper = at(cake, 'layer', 0, 1);
    const here = withFormulaAt(cake, upper, formula('almond-sponge'));
    const parts = sums(here).parts.filter((p) => ['walnut-sponge', 'almond-sponge'].includes(p.formula));
    expect(parts).toHaveLength(2);
    // A second place takes the same part; once all have, the first is gone.
    let all = here;
    for (const [piece, p] of cake.pieces.entries())
      for (const [nth] of p.inside.filter((i) => i.is === 'layer').entries())
        all = withFormulaAt(all, at(all, 'layer', nth, piece), formula('almond-sponge'));
    expect(sums(all).parts.filter((p) => p.formula === 'almond-sponge')).toHaveLength(1);
    expect(sums(all).parts.map((p) => p.formula)).not.toContain('walnut-sponge');
    expect(roleAt(upper, here)).not.toBe('layers');
  });
  it('makes a part that no batch which is made once more could be taken for', () => {
    const two = withFillingAbove(cake, 't1', at(cake, 'filling').at, formula('quince-curd'));
    const three = withFillingAbove(two, 't1', at(cake, 'filling').at, formula('fig-compote'));
    const roles = three.parts.map((p) => p.role);
    expect(new Set(roles).size).toBe(roles.length);
    expect(roles.filter((r) => /^filling/.test(r))).toEqual(['filling', 'filling-b']);
    const spread = { by: formula('quince-curd'), amount: { rule: 'spread on top' as const, thickness: { mm: 3 } } };
    const own = withBlock(cake, kitchen.blocks.get('spread-on-top')!, kitchen.blocks, spread);
    expect(own.parts.at(-1)!.role).toBe('spread-on-top');
  });
  it('is offered where it fits, with what its eaters must not get', () => {
    const offers = couldBe(at(cake, 'layer'), cake, kitchen, ['nuts']);
    expect(offers[0]).toMatchObject({ id: 'walnut-sponge', is: true, clashes: ['nuts'] });
    expect(offers.filter((o) => formula(o.id).purpose !== 'layers')).toEqual([]);
    expect(offers.find((o) => o.id === 'almond-sponge')!.clashes).toEqual(['nuts']);
    const gap = couldBe(at(cake, 'filling'), cake, kitchen, []);
    expect(new Set(gap.map((o) => formula(o.id).purpose)).size).toBeGreaterThan(1);
    expect(couldBe({ on: 'piece', piece: 't1' }, cake, kitchen, [])).toEqual([]);
  });
});

describe('what its eaters must not get', () => {
  it('is named part by part, with what would do everywhere', () => {
    const cake = designOf('walnut-ganache');
    expect(insteadOf(cake, kitchen, [])).toEqual([]);
    const [walnut, ...more] = insteadOf(cake, kitchen, ['nuts']);
    expect(more).toEqual([]);
    expect(walnut).toMatchObject({ role: 'layers', clashes: ['nuts'] });
    for (const other of walnut!.others) {
      const changed = withFormulaEverywhere(cake, 'layers', formula(other.id));
      expect(insteadOf(changed, kitchen, ['nuts'])).toEqual([]);
    }
    expect(walnut!.others.length).toBeGreaterThan(1);
  });
});

describe('pieces', () => {
  const cake = designOf('walnut-ganache');
  it('that is cut from others needs as much as it takes: every build has it, and a hut from smaller squares has not', () => {
    for (const { id } of starterBuilds.filter((b) => b.design.pieces.some((p) => p.madeOf)))
      expect([id, sums(designOf(id)).problems]).toEqual([id, []]);
    const hut = designOf('beach-hut');
    const made = hut.pieces.findIndex((p) => p.madeOf);
    const higher: Design = {
      ...hut,
      pieces: hut.pieces.map((p, i) =>
        i === made && p.form.form === 'house'
          ? { ...p, form: { ...p.form, wall: 190, ridge: 290 }, madeOf: { ...p.madeOf!, height: 290 } }
          : p,
      ),
    };
    expect(sums(higher).problems).toEqual([
      {
        path: `pieces.${made}.madeOf`,
        message: expect.stringMatching(/^It takes \d+\.\d l, and what it is cut from has/),
      },
    ]);
  });
  it('is smaller than its tin where its side is cut off: coat and portions follow, and what is cut off comes back', () => {
    const cake = designOf('walnut-ganache', [round(240)]);
    const key = cake.pieces[0]!.key;
    const trimmed = withSideTrim(cake, key, 10);
    expect([trimmed.pieces[0]!.form, trimmed.pieces[0]!.tin]).toEqual([round(220), round(240)]);
    const [before, after] = [sums(cake), sums(trimmed)];
    expect(after.problems).toEqual([]);
    expect(after.portions.party).toBeLessThan(before.portions.party);
    expect(after.tins.map((t) => t.name)).toEqual(before.tins.map((t) => t.name));
    const layers = (s: Sums) => s.parts.find((p) => p.role === 'layers')!;
    expect(layers(after).grams).toBeCloseTo(layers(before).grams, 6);
    expect(layers(after).uses).toContainEqual(expect.objectContaining({ use: expect.stringMatching(/side/) }));
    expect(withSideTrim(trimmed, key, 0)).toEqual(cake);
    expect(withSideTrim(cake, key, 500)).toEqual(cake);
    expect(canTrimSide(cake, cake.pieces[0]!)).toBe(true);
    expect(canTrimSide(cake, { ...cake.pieces[0]!, ringHeight: 60 })).toBe(false);
  });
  it('is as high as what stands on one another, whatever stands beside it', () => {
    const [large, small] = [
      sums(designOf('walnut-ganache', [round(240)])),
      sums(designOf('walnut-ganache', [round(220)])),
    ];
    const beside = sums(designOf('walnut-ganache', [round(240), round(220)]));
    expect(beside.height).toBeCloseTo(Math.max(large.height, small.height), 6);
    const stacked = sums(designOf('walnut-ganache', [round(240), round(150)]));
    expect(stacked.height).toBeGreaterThan(beside.height * 1.8);
  });
  it('a tier stands on the other, is stood there by hands, and may be something else inside', () => {
    const two = withTierOnTop(cake, round(150), kitchen.blocks);
    expect(two.pieces.map((p) => p.form)).toEqual([round(200), round(150)]);
    expect(two.blocks).toContainEqual(expect.objectContaining({ block: 'stand-tiers' }));
    expect(sums(two).height).toBeGreaterThan(1.8 * sums(cake).height);
    const other = withFormulaAt(two, at(two, 'layer', 0, 1), formula('almond-sponge'));
    const alike = withInsideOf(other, other.pieces[1]!.key, other.pieces[0]!.key);
    expect(alike.pieces[0]!.inside).toEqual(other.pieces[1]!.inside);
    const one = withoutPiece(two, two.pieces[1]!.key, kitchen.blocks);
    expect(one.blocks.some((b) => b.block === 'stand-tiers')).toBe(false);
    expect(one.pieces).toEqual(cake.pieces);
    expect(withoutPiece(one, one.pieces[0]!.key, kitchen.blocks)).toBe(one);
  });
  it('is wider, or there several times', () => {
    const wide = withForm(cake, cake.pieces[0]!.key, round(280));
    expect(sums(wide).pieces[0]!.width).toBe(280);
    expect(sums(wide).tins[0]!.name).toBe('round 28 cm');
    const three = withCount(cake, cake.pieces[0]!.key, 3);
    // What is counted by the cake is there once.
    expect(sums(three).grams).toBeGreaterThan(2.8 * sums(cake).grams);
    expect(sums(three).portions.party).toBe(3 * sums(cake).portions.party);
    expect(withCount(three, cake.pieces[0]!.key, 1)).toEqual(cake);
  });
});

describe('blocks', () => {
  const cake = designOf('walnut-ganache');
  const block = (id: string) => kitchen.blocks.get(id)!;
  it('come in their sensible place, with what they take, and go again', () => {
    const drip = { by: formula('drip-ganache'), amount: { rule: 'drip' as const } };
    const dripped = withBlock(cake, block('drip'), kitchen.blocks, drip);
    const order = dripped.blocks.map((b) => b.block);
    expect(order.indexOf('drip')).toBeGreaterThan(order.indexOf('final-coat'));
    expect(order.indexOf('drip')).toBeLessThan(order.indexOf('check-and-box'));
    expect(sums(dripped).parts.find((p) => p.formula === 'drip-ganache')!.grams).toBeGreaterThan(20);
    expect(sums(dripped).wrongOrders).toEqual([]);
    const key = dripped.blocks.find((b) => b.block === 'drip')!.key;
    const deeper = withAmount(dripped, key, 0, { rule: 'drip', meanLength: 90 });
    const grams = (d: Design) => sums(d).parts.find((p) => p.formula === 'drip-ganache')!.grams;
    expect(grams(deeper)).toBeGreaterThan(grams(dripped));
    expect(sums(withoutBlock(dripped, key, kitchen.blocks)).parts.map((p) => p.formula)).not.toContain('drip-ganache');
    let early = dripped;
    for (let i = 0; i < 4; i++) early = withBlockMoved(early, key, -1, kitchen.blocks);
    expect(sums(early).wrongOrders.map((w) => w.block)).toContain(key);
  });
  it('that a build told all waits of keep their rungs when they follow what blocks say', () => {
    const drip = { by: formula('drip-ganache'), amount: { rule: 'drip' as const } };
    const dripped = withBlock(cake, block('drip'), kitchen.blocks, drip);
    const rungs = (d: Design) =>
      breakDown({ id: orderId(1), design: d }, kitchen)
        .steps.filter((s) => s.role === null)
        .map((s) => s.name);
    expect(cake.waits).toBeDefined();
    expect(dripped.waits).toBeUndefined();
    expect(rungs(dripped)).toEqual(expect.arrayContaining(rungs(cake)));
  });
});

describe('a ring', () => {
  it('that a build lifts in a rung of its own is not lifted twice where its work follows what blocks say', () => {
    const ring = designOf('yoghurt-ring');
    const lifts = (d: Design) =>
      breakDown({ id: orderId(1), design: d }, kitchen).steps.filter(
        (s) => /ring/i.test(s.name) && /lift/i.test(s.how),
      );
    expect(lifts(ring)).toHaveLength(1);
    expect(lifts(withBlock(ring, kitchen.blocks.get('torch')!, kitchen.blocks))).toHaveLength(1);
  });
});

describe('every cake of the library', () => {
  const cakes = starterBuilds.map(
    (b) =>
      [b.id, isFixed(b) ? b.design : designIn(b, b.sizes?.slice(0, 1) ?? b.design.pieces.map((p) => p.form))] as const,
  );
  it.each(cakes)('%s: all that is drawn can be touched, and is there', (_, design) => {
    const { pieces, hands, least, portions } = sums(design);
    for (const p of pieces)
      for (const { place, role } of [...p.strata, ...p.coats]) {
        expect([place, isThere(place, design)]).toEqual([place, true]);
        if (place.on === 'inside' && !p.strata.some((s) => s.kind === 'dam' && s.place === place))
          expect([roleAt(place, design), ...design.parts.map((x) => x.role)]).toContain(role);
      }
    expect([hands > 0, least >= 60, portions.finger >= portions.dessert]).toEqual([true, true, true]);
  });
  it('composed anew from one of them is planned, and the checker agrees', () => {
    let cake = designOf('walnut-ganache');
    cake = withTierOnTop(cake, round(150), kitchen.blocks);
    cake = withFormulaAt(cake, at(cake, 'layer', 0, 1), formula('lemon-sponge'));
    cake = withFormulaAt(cake, at(cake, 'layer', 1, 1), formula('lemon-sponge'));
    cake = withFillingAbove(cake, cake.pieces[1]!.key, at(cake, 'filling', 0, 1).at, formula('quince-curd'));
    const drip = { by: formula('drip-ganache'), amount: { rule: 'drip' as const } };
    cake = withBlock(cake, kitchen.blocks.get('drip')!, kitchen.blocks, drip);
    expect(problemsOf(cake, kitchen)).toEqual([]);
    const breakdown = breakDown({ id: orderId(1), design: cake }, kitchen);
    const skills = [...new Set(breakdown.steps.flatMap((s) => s.people?.skill ?? []))];
    const days = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, start: '05:00', end: '22:00', breaks: [] }));
    const team = ['a', 'b'].map((id) => ({
      ...{ id, name: id, skills: skills.map((name) => ({ name, pace: 1 })) },
      ...everyWeek(days),
    }));
    const one = { id: orderId(1), name: 'one', pickup: 6 * 1440 + 720, weight: 1, breakdown };
    const problem = makeProblem([one], team, demoEquipment, { origin: '2027-03-01T00:00:00Z', zone: 'UTC' }, 0);
    const solved = solve(problem, { rounds: 20, seed: 1, stop: () => false });
    if (!solved.ok) throw new Error('no plan');
    const verdict = checkPlan(problem, solved.plan);
    expect([verdict.errors, verdict.unplaced, verdict.lateness]).toEqual([[], 0, 0]);
  });
});

describe('a cake for more people', () => {
  const portions = (d: Design) => sums(d).portions[d.portion];
  it('takes the next tins until it is enough, tier by tier', () => {
    const two = designOf('walnut-ganache', [round(240), round(150)]);
    const larger = largeEnough(two, portions(two) + 5, kitchen)!;
    expect(portions(larger)).toBeGreaterThanOrEqual(portions(two) + 5);
    expect(larger.pieces.map((p) => p.form)).not.toEqual(two.pieces.map((p) => p.form));
    expect(larger.pieces.map((p) => p.inside)).toEqual(two.pieces.map((p) => p.inside));
  });
  it('gets tiers more where the largest tins do not suffice, each standing on a larger one', () => {
    const two = designOf('walnut-ganache', [round(240), round(150)]);
    const higher = largeEnough(two, 110, kitchen)!;
    expect(portions(higher)).toBeGreaterThanOrEqual(110);
    const wide = higher.pieces.map((p) => (p.form.form === 'round' ? p.form.diameter : 0));
    expect(wide.length).toBeGreaterThan(2);
    expect([...new Set(wide)].sort((a, b) => b - a)).toEqual(wide);
  });
  it('is as many as are needed where the largest tin is too small', () => {
    const one = designOf('walnut-ganache', [round(200)]);
    const many = largeEnough(one, 150, kitchen)!;
    expect(many.pieces[0]!.count).toBeGreaterThan(1);
    expect(portions(many)).toBeGreaterThanOrEqual(150);
  });
  it('stays as it is where it is enough, and is not promised where nothing is', () => {
    const one = designOf('walnut-ganache', [round(240)]);
    expect(largeEnough(one, 5, kitchen)).toBeNull();
    expect(largeEnough(one, 100_000, kitchen)).toBeNull();
  });
});
