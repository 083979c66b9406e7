import { fc } from '../testing/chance';
import {
  bakedGrams,
  bakedHeight,
  bakingRounds,
  batterGrams,
  gramsPerBaked,
  layersFrom,
  layersToTins,
  splitBatter,
} from './batter';
import { FORM_MEASURES, formName, formProblems, perimeter, sideArea, span, topArea, volume, type Form } from './form';
import { boxPanels, collarPanels, housePanels, panelArea, panelSize } from './panels';
import { NOZZLES, borderGrams, rosetteCount, rosetteSpacing } from './piping';
import { drumGrams, STAND, standFor } from './stand';
import { bakeMinutes, tinFactor } from './tin-swap';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const mm = fc.double({ min: 20, max: 800, noNaN: true });
const anyForm: fc.Arbitrary<Form> = fc.oneof(
  mm.map((diameter) => round(diameter)),
  mm.map((side): Form => ({ form: 'square', side })),
  fc.tuple(mm, mm).map(([length, width]): Form => ({ form: 'rectangle', length, width })),
  fc
    .tuple(mm, fc.double({ min: 0.05, max: 0.9, noNaN: true }))
    .map(([outer, k]): Form => ({ form: 'ring', outer, inner: outer * k })),
  mm.map((across): Form => ({ form: 'hexagon', across })),
  mm.map((side): Form => ({ form: 'heart', side })),
  fc.tuple(mm, fc.integer({ min: 3, max: 12 })).map(([across, petals]): Form => ({ form: 'petal', across, petals })),
  mm.map((diameter): Form => ({ form: 'half-sphere', diameter })),
  fc.tuple(mm, mm).map(([length, diameter]): Form => ({ form: 'roll', length, diameter })),
  fc.tuple(mm, mm, mm, mm).map(([topLength, topWidth, bottomLength, bottomWidth]): Form => ({
    form: 'loaf',
    topLength,
    topWidth,
    bottomLength,
    bottomWidth,
  })),
);

describe('forms', () => {
  it('have the areas that their formulas say', () => {
    expect(topArea({ form: 'ring', outer: 240, inner: 80 })).toBeCloseTo((Math.PI * (240 ** 2 - 80 ** 2)) / 4, 6);
    expect(topArea({ form: 'hexagon', across: 200 })).toBeCloseTo(34641.016, 3);
    expect(topArea({ form: 'heart', side: 160 })).toBeCloseTo(160 ** 2 + (Math.PI * 160 ** 2) / 4, 6);
    expect(perimeter({ form: 'heart', side: 160 })).toBeCloseTo((2 + Math.PI) * 160, 6);
    expect(volume({ form: 'half-sphere', diameter: 180 }, 0)).toBeCloseTo((2 * Math.PI * 90 ** 3) / 3 / 1000, 6);
    const loaf: Form = { form: 'loaf', topLength: 250, topWidth: 110, bottomLength: 230, bottomWidth: 90 };
    expect(volume(loaf, 70)).toBeCloseTo((((250 * 110 + 230 * 90) / 2) * 70) / 1000, 6);
    expect(volume({ form: 'roll', length: 380, diameter: 90 }, 1)).toBeCloseTo((Math.PI * 45 ** 2 * 380) / 1000, 6);
  });

  it('four petals round a square come to the square and two discs', () => {
    // Four half-discs on a square of side s: across = 2s, area s² + πs²/2.
    expect(topArea({ form: 'petal', across: 200, petals: 4 })).toBeCloseTo(100 ** 2 + (Math.PI * 100 ** 2) / 2, 6);
  });

  it('grow by the square of a scale in area, by the cube in volume, whatever their form', () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0.2, max: 4, noNaN: true }), (form, k) => {
        const scaled = Object.fromEntries(
          Object.entries(form).map(([key, v]) => [key, typeof v === 'number' && key !== 'petals' ? v * k : v]),
        ) as unknown as Form;
        expect(topArea(scaled) / topArea(form)).toBeCloseTo(k ** 2, 8);
        expect(perimeter(scaled) / perimeter(form)).toBeCloseTo(k, 8);
        expect(span(scaled) / span(form)).toBeCloseTo(k, 8);
        expect(volume(scaled, 50 * k) / volume(form, 50)).toBeCloseTo(k ** 3, 7);
        expect(sideArea(scaled, 50 * k) / sideArea(form, 50)).toBeCloseTo(k ** 2, 8);
        expect(formProblems(form)).toEqual([]);
        expect(formName(form)).not.toContain('NaN');
      }),
    );
  });

  it('say what is missing or impossible', () => {
    for (const form of Object.keys(FORM_MEASURES)) expect(formProblems({ form } as Form).length).toBeGreaterThan(0);
    expect(formProblems({ form: 'ring', outer: 100, inner: 100 })).toEqual(['inner must be smaller than outer']);
    expect(formProblems({ form: 'petal', across: 100, petals: 2.5 })).toHaveLength(1);
    expect(formProblems({ form: 'round', diameter: 1e200 })).toEqual(['diameter is at most 10000 mm']);
    expect(formProblems({ form: 'round', diameter: 10_000 })).toEqual([]);
  });
});

describe('tins', () => {
  it('900 g of a round 180 mm become 1 414.7 g in a square of 200 mm', () => {
    const factor = tinFactor({ form: round(180), depth: 50 }, { form: { form: 'square', side: 200 }, depth: 50 });
    expect(factor).toBeCloseTo(1.5719, 4);
    expect(900 * factor).toBeCloseTo(1414.7, 1);
  });
  it('by volume where the proportions stay', () => {
    expect(tinFactor({ form: round(200), depth: 50 }, { form: round(100), depth: 25 }, 'volume')).toBeCloseTo(1 / 8, 9);
  });
  it('bakes deeper longer, by the power of one and a half', () => {
    const time = bakeMinutes(30, 30, 40);
    expect(time.likely).toBeCloseTo(46.19, 2);
    expect(time.low / time.likely).toBeCloseTo(0.85, 12);
    expect(time.high / time.likely).toBeCloseTo(1.15, 12);
  });
  it('fills 848.2 g of butter batter into a round of 200 × 50 mm', () => {
    expect(batterGrams(round(200), 50, { fill: 0.6, density: 0.9 })).toBeCloseTo(848.2, 1);
  });
  it('splits one batter so that nothing is over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 2e4, noNaN: true }),
        fc.array(fc.tuple(anyForm, fc.integer({ min: 1, max: 5 })), { minLength: 1, maxLength: 6 }),
        (grams, list) => {
          const tins = list.map(([form, count]) => ({ form, depth: 50, count }));
          const total = splitBatter(grams, tins).reduce((sum, t, i) => sum + t.gramsEach * tins[i]!.count, 0);
          expect(total / grams).toBeCloseTo(1, 10);
        },
      ),
    );
  });
  it('three layers with one tin, 28 min in the oven, 15 min of standing: three rounds, mixed for each', () => {
    expect(bakingRounds(3, 1, 28, 15)).toEqual({ rounds: 3, stands: 28, mixes: 3 });
    expect(bakingRounds(3, 1, 28, 30).mixes).toBe(2);
    expect(bakingRounds(3, 3, 28, 15)).toEqual({ rounds: 1, stands: 0, mixes: 1 });
  });
});

describe('layers from tins', () => {
  it('a cake is baked as high as its layers want it', () => {
    expect(bakedHeight(2, 24, 0.08, 1)).toBeCloseTo(48 / 0.92 + 1, 9);
    expect(bakedHeight(1, 24, 0, 1)).toBe(24);
    expect(bakedHeight(3, 22, 0, 2)).toBe(70);
  });
  it('the depth of the tin says how many come out of one, and it is one at least', () => {
    expect(layersFrom(75, 24, 0.08, 1)).toBe(2);
    expect(layersFrom(53.2, 24, 0.08, 1)).toBe(2);
    expect(layersFrom(53.1, 24, 0.08, 1)).toBe(1);
    expect(layersFrom(10, 24, 0.08, 1)).toBe(1);
    expect(layersFrom(75, 24, 0, 1)).toBe(3);
  });
  it('makes no layer more than is wanted, over as few tins as can be', () => {
    expect(layersToTins(5, 2)).toEqual([
      { tins: 2, layers: 2 },
      { tins: 1, layers: 1 },
    ]);
    expect(layersToTins(4, 2)).toEqual([{ tins: 2, layers: 2 }]);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 6 }), (layers, perTin) => {
        const tins = layersToTins(layers, perTin);
        expect(tins.reduce((sum, t) => sum + t.tins * t.layers, 0)).toBe(layers);
        expect(tins.reduce((sum, t) => sum + t.tins, 0)).toBe(Math.ceil(layers / perTin));
        expect(tins.filter((t) => !(t.layers >= 1 && t.layers <= perTin))).toEqual([]);
      }),
    );
  });
  it('their batter is area × height × g per ml', () => {
    expect(gramsPerBaked({ fill: 0.6, density: 0.9 })).toBeCloseTo(0.54, 12);
    expect(bakedGrams(round(200), 50, 0.54)).toBeCloseTo(848.23, 2);
  });
});

describe('what it stands on', () => {
  it('drum, cards, dowels, box and film', () => {
    const stand = standFor([round(280), round(200), round(150)], 360);
    expect(stand).toMatchObject({ drum: 330, cards: [200, 150], dowels: [5, 4], box: { side: 330, height: 380 } });
    expect(stand.film[0]).toBeCloseTo(Math.PI * 280 + 20, 6);
  });
  it('a drum weighs by its area: a disc under what is round, a rectangle under what has corners, one for each cake', () => {
    const grams = (...forms: Form[]) => drumGrams(forms, STAND);
    expect(grams(round(280))).toBeCloseTo((Math.PI / 4) * 33 ** 2 * 0.45, 9);
    expect(grams(round(280), round(200))).toBeCloseTo(grams(round(280)), 9);
    expect(grams(round(200), round(200))).toBeCloseTo(2 * (Math.PI / 4) * 25 ** 2 * 0.45, 9);
    expect(grams({ form: 'square', side: 250 })).toBeCloseTo(30 ** 2 * 0.45, 9);
    expect(grams({ form: 'rectangle', length: 350, width: 250 })).toBeCloseTo(40 * 30 * 0.45, 9);
    expect(grams({ form: 'roll', length: 300, diameter: 90 })).toBeCloseTo(35 * 14 * 0.45, 9);
    const loaf: Form = { form: 'loaf', topLength: 250, topWidth: 110, bottomLength: 230, bottomWidth: 90 };
    expect(grams(loaf)).toBeCloseTo(30 * 16 * 0.45, 9);
    expect(drumGrams([round(280)], { ...STAND, drumMargin: 20, drumDensity: 1 })).toBeCloseTo(225 * Math.PI, 9);
    expect(standFor([round(280)], 100).drumGrams).toBe(grams(round(280)));
  });
  it('pipes by the cm, and spaces rosettes', () => {
    expect(borderGrams(628, NOZZLES['star 10 mm']!, 0.1)).toBeCloseTo(62.8 * 2.4 * 1.1, 6);
    expect(rosetteCount(628, 40)).toBe(15);
    expect(rosetteSpacing(600, 15)).toBe(40);
  });
});

describe('panels', () => {
  const house = housePanels({ length: 200, width: 150, wallHeight: 100, pitch: 45, overhang: 10, thickness: 5 });
  it('a house: gables as wide as it, walls between them, roofs that meet at the ridge', () => {
    expect(house.map((p) => [p.name, p.count])).toEqual([
      ['gable', 2],
      ['side wall', 2],
      ['roof', 2],
    ]);
    expect(panelSize(house[0]!)).toEqual({ width: 150, height: 175 });
    expect(panelSize(house[1]!)).toEqual({ width: 190, height: 100 });
    expect(panelSize(house[2]!).height).toBeCloseTo(75 * Math.SQRT2 + 10, 6);
    expect(panelArea(house[0]!)).toBeCloseTo(150 * 100 + (150 * 75) / 2, 6);
  });
  it('a box closes round its cake, a collar goes once round it', () => {
    const [long, short, lid] = boxPanels({ length: 200, width: 120, height: 90, thickness: 5, clearance: 2 });
    expect([panelSize(long!).width, panelSize(short!).width]).toEqual([214, 124]);
    expect(panelSize(lid!)).toEqual({ width: 214, height: 134 });
    const [stave] = collarPanels({ perimeter: 628, height: 90, thickness: 4, staves: 12, gap: 1 });
    expect(panelSize(stave!).width).toBeCloseTo((628 + Math.PI * 4) / 12 - 1, 6);
  });
  it('nothing is left of a panel that is narrower than it spreads', () => {
    const [long] = boxPanels({ length: 200, width: 120, height: 30, thickness: 5, clearance: 2, spread: 16 });
    expect([long!.outline, panelSize(long!)]).toEqual([[], { width: 0, height: 0 }]);
    const [stays] = boxPanels({ length: 200, width: 120, height: 30, thickness: 5, clearance: 2, spread: 14 });
    expect(panelSize(stays!).height).toBeCloseTo(2, 9);
  });
  it('takes the spread off every edge', () => {
    const baked = boxPanels({ length: 200, width: 120, height: 90, thickness: 5, clearance: 2 });
    const cut = boxPanels({ length: 200, width: 120, height: 90, thickness: 5, clearance: 2, spread: 1.5 });
    baked.forEach((p, i) => {
      expect(panelSize(cut[i]!).width).toBeCloseTo(panelSize(p).width - 3, 6);
      expect(panelSize(cut[i]!).height).toBeCloseTo(panelSize(p).height - 3, 6);
    });
  });
});
