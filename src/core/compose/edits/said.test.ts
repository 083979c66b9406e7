import { starterBuilds } from '../../../data/kitchens/starter';
import { demoLibrary as kitchen } from '../../../data/kitchens/demo-parts';
import { breakDown } from '../../breakdown/break-down';
import { designIn } from '../../design/design-in';
import type { Design } from '../../design/design';
import { undecidedOf } from '../../design/undecided';
import { orderId } from '../../ids/ids';
import type { Form } from '../../shape/form';
import { forPurposes } from '../could-be';
import { roleAt, type Place } from '../place';
import { sumsOf, type Sums } from '../sums';
import { minutesAt, withBlock, withBlockOn, withHow, withMinutes } from './blocks';
import { measureAt, saidAs, sayAs, withMeasureAt } from './said-as';
import { soakAt, withFaces, withSoakAmount } from './soak';
import { openUntil, withUndecided } from './undecided';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const designOf = (id: string, forms: Form[] = [round(200)]): Design =>
  designIn(
    starterBuilds.find((b) => b.id === id)!,
    forms,
  );
const sums = (design: Design): Sums => {
  const s = sumsOf(design, {}, kitchen);
  if (!('pieces' in s)) throw new Error(JSON.stringify(s.problems));
  return s;
};
const at = (design: Design, is: string): Extract<Place, { on: 'inside' }> => ({
  ...{ on: 'inside', piece: design.pieces[0]!.key },
  at: design.pieces[0]!.inside.findIndex((x) => x.is === is),
});

describe('what is not agreed yet', () => {
  const cake = designOf('walnut-ganache');
  it('is told of a part or of work, drawn so, listed by its day, and agreed again', () => {
    const role = cake.pieces[0]!.inside.find((i) => i.is === 'filling')!.role;
    const open = withUndecided(
      withUndecided(cake, { part: role }, { what: 'which filling', by: '2027-06-02' }),
      { block: cake.blocks.at(-1)!.key },
      { what: 'ribbon', by: '2027-06-01' },
    );
    expect(undecidedOf(open).map((u) => u.what)).toEqual(['ribbon', 'which filling']);
    const drawn = sums(open).pieces[0]!.strata.filter((s) => s.role === role);
    expect(drawn.length).toBeGreaterThan(0);
    expect(drawn.filter((s) => !s.undecided)).toEqual([]);
    // It is planned by what stands in its place: nothing else of it changes.
    expect({ ...sums(open), pieces: [] }).toEqual({ ...sums(cake), pieces: [] });
    const agreed = withUndecided(withUndecided(open, { part: role }, null), { block: cake.blocks.at(-1)!.key }, null);
    expect(agreed).toEqual(cake);
  });
  it('has a day of its own in a cake that is begun from another', () => {
    const open = withUndecided(cake, { part: cake.parts[0]!.role }, { what: 'which sponge', by: '2026-01-02' });
    expect(undecidedOf(openUntil(open, '2027-06-01'))).toEqual([{ what: 'which sponge', by: '2027-06-01' }]);
    expect(openUntil(cake, '2027-06-01')).toEqual(cake);
  });
  it('may be something of which nothing is known: it has its usual time, and takes nothing', () => {
    const more = withBlock(cake, kitchen.blocks.get('to-be-agreed')!, kitchen.blocks);
    const added = sums(more).hands - sums(cake).hands;
    expect(added).toBeGreaterThanOrEqual(20);
    expect(sums(more).parts).toEqual(sums(cake).parts);
  });
});

describe('what the section says beside thickness', () => {
  const two = designOf('walnut-ganache', [round(240), round(150)]);
  const filling = at(two, 'filling');
  const role = roleAt(filling, two)!;
  const grams = (d: Design) => sums(d).parts.find((p) => p.role === role)!.grams;

  it('an amount is said in another way, and comes to the same where it says the same', () => {
    expect(measureAt(two, filling)).not.toBeNull();
    const asMm = withMeasureAt(two, filling, { mm: 9 });
    expect(measureAt(asMm, filling)).toEqual({ mm: 9 });
    const asGrams = withMeasureAt(two, filling, { grams: 400 });
    expect(saidAs(measureAt(asGrams, filling)!)).toBe('grams');
    expect(grams(asMm)).toBeGreaterThan(grams(two));
    // A share needs a batch to be a share of: the coat takes the rest of what the filling takes half of.
    const known = { mm: 6, grams: 300 };
    expect([sayAs('mm', known), sayAs('grams', known), sayAs('share', known), sayAs('rest', known)]).toEqual([
      { mm: 6 },
      { grams: 300 },
      { share: 0.5 },
      'rest',
    ]);
    expect(measureAt(two, at(two, 'layer'))).toBeNull();
    const coat = two.blocks.find((b) => b.takes.some((t) => t.amount?.rule === 'coat'))!;
    const place: Place = { on: 'block', block: coat.key, take: coat.takes.findIndex((t) => t.amount?.rule === 'coat') };
    expect(measureAt(withMeasureAt(two, place, { mm: 7 }), place)).toEqual({ mm: 7 });
  });

  it('work is on one tier alone, or on all again', () => {
    const drip = withBlock(two, kitchen.blocks.get('drip')!, kitchen.blocks, {
      by: [...kitchen.formulas.values()].find((f) => f.purpose === 'glaze')!,
      amount: { rule: 'drip', meanLength: 40 },
    });
    const key = drip.blocks.find((b) => b.block === 'drip')!.key;
    const upper = withBlockOn(drip, key, [drip.pieces[1]!.key]);
    const part = (d: Design) => {
      const dripped = d.blocks.find((b) => b.key === key)!.takes[0]!.role;
      return sums(d).parts.find((p) => p.role === dripped)!.grams;
    };
    expect(part(upper)).toBeLessThan(part(drip));
    expect(
      withBlockOn(
        upper,
        key,
        drip.pieces.map((p) => p.key),
      ),
    ).toEqual(drip);
  });

  it('what the bench must know stands in place of what the library says, until it is empty', () => {
    const key = two.blocks.at(-1)!.key;
    const told = withHow(two, key, 'Ribbon to the left');
    expect(told.blocks.at(-1)!.stage!.how).toBe('Ribbon to the left');
    // Waits that the kitchen has told stay as they are told.
    expect(told.waits).toEqual(two.waits);
    const steps = breakDown({ id: orderId(0), design: told }, kitchen).steps.map((s) => s.how);
    expect(steps).toContain('Ribbon to the left');
    expect(withHow(told, key, '').blocks.at(-1)!.stage?.how).toBeUndefined();
  });

  it('the minutes of work are set by hand for this cake, show it, and go back to what is usual', () => {
    const key = two.blocks.find((b) => b.ownStages)!.key;
    const { usual, byHand } = minutesAt(two, key, kitchen.blocks)!;
    expect(byHand).toBe(false);
    const longer = withMinutes(two, key, usual * 2, kitchen.blocks);
    expect(minutesAt(longer, key, kitchen.blocks)).toEqual({ likely: usual * 2, usual, byHand: true });
    expect(sums(longer).hands - sums(two).hands).toBeCloseTo(usual, 0);
    expect(withMinutes(longer, key, null, kitchen.blocks)).toEqual(two);
    // Beside what else is said there.
    const told = withMinutes(withHow(two, key, 'Slowly'), key, 7, kitchen.blocks);
    expect(told.blocks.find((b) => b.key === key)!.stage).toMatchObject({ how: 'Slowly', minutes: { likely: 7 } });
    expect(withMinutes(two, 'none', 7, kitchen.blocks)).toBe(two);
  });

  it('formulas for something that is added come with what they would harm, those that harm nobody first', () => {
    const soaks = forPurposes(['soak'], kitchen, ['alcohol']);
    expect(soaks.length).toBeGreaterThan(1);
    expect(soaks.filter((s) => !(kitchen.formulas.get(s.id)!.purpose === 'soak' && !s.is))).toEqual([]);
    const clashing = soaks.map((s) => s.clashes.length > 0);
    expect(clashing).toEqual([...clashing].sort());
  });
});

describe('a soak', () => {
  const cake = designOf('walnut-ganache');
  const place = at(cake, 'soak');
  const role = roleAt(place, cake)!;
  const grams = (d: Design) => sums(d).parts.find((p) => p.role === role)!.grams;

  it('is said by its kind, in grams, as a share of its batch or as its rest, and on both faces', () => {
    const both = withFaces(cake, place, 2);
    expect(grams(both)).toBeGreaterThan(grams(cake));
    expect(withFaces(both, place, 1)).toEqual(cake);
    const told = withSoakAmount(cake, place, { grams: 400 });
    expect(grams(told)).toBeGreaterThan(400);
    // A third of the batch on one layer, the rest as it is usual: the batch grows by that third.
    const third = withSoakAmount(cake, place, { share: 1 / 3 });
    const others = grams(withSoakAmount(cake, place, { grams: 0.001 }));
    expect(grams(third) / others).toBeCloseTo(1.5, 1);
    const usual = soakAt(cake, place)!.amount;
    expect(withSoakAmount(third, place, usual)).toEqual(cake);
    expect(soakAt(cake, at(cake, 'layer'))).toBeNull();
  });
});
