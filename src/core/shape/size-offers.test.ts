import { fc } from '../testing/chance';
import { startingCoefficients } from '../breakdown/figures/starting-figures';
import { span, type Form } from './form';
import { portions } from './portions';
import { proposeSizes, whyNoOffer, type OfferLimits } from './size-offers';
import { alikeStacks, stacksOf } from './stacks';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const tins = [150, 200, 240, 280].map(round);
const square: Form = { form: 'square', side: 250 };
const count = (f: Form) => portions(f, 110, 'party', startingCoefficients.portions);
const limits = (more: Partial<OfferLimits> = {}): OfferLimits => ({ mostTiers: 3, count, cutting: [square], ...more });

describe('offers for a number of guests', () => {
  it('give enough, say how much, and stand on one another', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 4 }), (wanted, mostTiers) => {
        const offers = proposeSizes(tins, wanted, limits({ mostTiers }));
        expect(offers.length).toBeGreaterThan(0);
        for (const { tiers, portions: given } of offers) {
          expect(given).toBeGreaterThanOrEqual(wanted);
          expect(given).toBe(tiers.reduce((sum, t) => sum + count(t), 0));
          for (const stack of stacksOf(tiers, (t) => t)) {
            expect(stack.length).toBeLessThanOrEqual(mostTiers);
            for (let i = 1; i < stack.length; i++)
              expect(span(stack[i - 1]!) - span(stack[i]!)).toBeGreaterThanOrEqual(40);
          }
        }
      }),
    );
  });

  it('from 30 to 400 guests there are several kinds, and they come before variants of one', () => {
    for (let wanted = 30; wanted <= 400; wanted += 10) {
      const kinds = proposeSizes(tins, wanted, limits()).map((o) => o.kind);
      const different = new Set(kinds).size;
      expect(different).toBeGreaterThanOrEqual(2);
      expect(new Set(kinds.slice(0, different)).size).toBe(different);
    }
  });

  it('of each kind the smallest surplus first', () => {
    const offers = proposeSizes(tins, 60, limits());
    for (const kind of new Set(offers.map((o) => o.kind))) {
      const given = offers.filter((o) => o.kind === kind).map((o) => o.portions);
      expect(given).toEqual([...given].sort((a, b) => a - b));
    }
    expect(offers.find((o) => o.kind === 'tiers')!.portions).toBe(61);
    expect(offers.find((o) => o.kind === 'cakes side by side')!.tiers).toEqual([round(240), round(240)]);
  });

  it('a shown cake with cutting cakes gives a quarter itself, and what is cut cannot stand on it', () => {
    const cut = proposeSizes(tins, 200, limits()).filter((o) => o.kind === 'with cutting cakes');
    expect(cut.length).toBeGreaterThan(0);
    for (const { tiers } of cut) {
      const shown = stacksOf(tiers, (t) => t)[0]!;
      expect(shown.reduce((sum, t) => sum + count(t), 0)).toBeGreaterThanOrEqual(50);
      expect(tiers.slice(shown.length).filter((t) => t.form !== 'square')).toEqual([]);
    }
  });

  it('a cutting cake is no second cake of the same size, nor a tier of what is shown', () => {
    const squares = [200, 250].map((side): Form => ({ form: 'square', side }));
    const cut = proposeSizes(squares, 120, limits({ mostTiers: 1, cutting: squares })).filter(
      (o) => o.kind === 'with cutting cakes',
    );
    expect(cut.map((o) => o.tiers)).toEqual([[squares[0], squares[1], squares[1]]]);
  });

  it('takes not many more cakes than need be', () => {
    const beside = proposeSizes(tins, 400, limits()).filter((o) => o.kind === 'cakes side by side');
    expect(beside.map((o) => o.tiers.length)).toEqual(beside.map((o) => o.tiers.length).filter((n) => n <= 13));
    expect(beside[0]!.tiers.length).toBeGreaterThanOrEqual(9);
  });

  it('rolls lie side by side, however many tiers there may be', () => {
    const roll: Form = { form: 'roll', length: 380, diameter: 110 };
    const offers = proposeSizes([roll], 34, limits({ cutting: [], mostTiers: 6 }));
    expect(offers).toEqual([{ kind: 'cakes side by side', tiers: [roll, roll, roll], portions: 36 }]);
  });

  it('what is held until it is set is offered as often as it is owned, else it says what is wanted', () => {
    const held = limits({ cutting: [], mostTiers: 1, atOnce: () => 3 });
    expect(proposeSizes([round(200)], 75, held).map((o) => o.tiers.length)).toEqual([3]);
    expect(proposeSizes([round(200)], 76, held)).toEqual([]);
    expect(whyNoOffer([round(200)], 76, held)).toEqual({
      ...{ because: 'too few at once', form: round(200), has: 3, needs: 4 },
    });
    expect(whyNoOffer([], 10, held)).toEqual({ because: 'no sizes' });
    expect(whyNoOffer([round(20)], 10, held)).toEqual({ because: 'no sizes' });
  });
});

describe('cakes as they stand', () => {
  const stand = (...forms: Form[]) => stacksOf(forms, (f) => f).map((s) => s.length);
  it('a tier needs a ledge of 40 mm and the same form', () => {
    expect(stand(round(280), round(200), round(150))).toEqual([3]);
    expect(stand(round(280), round(240), round(201))).toEqual([2, 1]);
    expect(stand(round(200), round(200), round(200))).toEqual([1, 1, 1]);
    expect(stand(round(240), square, square)).toEqual([1, 1, 1]);
    expect(stand(round(150), round(280))).toEqual([1, 1]);
    expect(stand()).toEqual([]);
  });
  it('that are alike are told once, with their number and name', () => {
    const tiers = [round(280), round(200), square, round(280), round(200), square, square];
    expect(alikeStacks(tiers, (f) => f)).toEqual([
      { tiers: [round(280), round(200)], count: 2, name: 'round 28 cm, round 20 cm' },
      { tiers: [square], count: 3, name: 'square 25 cm' },
    ]);
  });
});
