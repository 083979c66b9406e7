import { ALL, fc } from '../testing/chance';
import { clothArea, clothDisc, clothFor, clothName } from './cloth';
import { topArea, type Form } from './form';
import { enclosedArea, outlineOf } from './outline';
import { coveringDisc, rimArea } from './rim';

const forms: Form[] = [
  { form: 'round', diameter: 200 },
  { form: 'square', side: 200 },
  { form: 'rectangle', length: 300, width: 200 },
  { form: 'hexagon', across: 200 },
  { form: 'heart', side: 160 },
  { form: 'petal', across: 240, petals: 6 },
  { form: 'ring', outer: 240, inner: 80 },
  { form: 'loaf', topLength: 250, topWidth: 110, bottomLength: 230, bottomWidth: 90 },
  { form: 'roll', length: 380, diameter: 110 },
  { form: 'half-sphere', diameter: 180 },
];

describe('the band along a rim', () => {
  it('of a round is π(r² − (r − w)²), of a square what a smaller square leaves', () => {
    expect(rimArea(forms[0]!, 10)).toBeCloseTo(Math.PI * (100 ** 2 - 90 ** 2), 6);
    expect(rimArea(forms[1]!, 10)).toBeCloseTo(200 ** 2 - 180 ** 2, 6);
    expect(rimArea(forms[2]!, 10)).toBeCloseTo(300 * 200 - 280 * 180, 6);
    expect(rimArea(forms[3]!, 10)).toBeCloseTo(topArea(forms[3]!) - topArea({ form: 'hexagon', across: 180 }), 6);
  });
  it('of a ring lies along both its edges', () => {
    const both = topArea(forms[6]!) - topArea({ form: 'ring', outer: 220, inner: 100 });
    expect(rimArea(forms[6]!, 10)).toBeCloseTo(both, 6);
  });
  it('of a heart and a petal is what counting points finds', () => {
    for (const form of [forms[4]!, forms[5]!]) {
      const { outline } = outlineOf(form);
      const width = 12;
      // Points of a grid inside the outline and nearer to it than the width.
      let within = 0;
      const step = ALL ? 1.5 : 3;
      for (let x = -200; x <= 200; x += step)
        for (let y = -200; y <= 200; y += step) if (inside(outline, x, y) && distance(outline, x, y) < width) within++;
      const counted = within * step ** 2;
      expect(Math.abs(rimArea(form, width) / counted - 1)).toBeLessThan(0.015);
    }
  });
});

describe('outlines', () => {
  it('enclose the area that the formula gives', () => {
    for (const form of forms) {
      const { outline, hole } = outlineOf(form);
      const area = enclosedArea(outline) - (hole ? enclosedArea(hole) : 0);
      expect(Math.abs(area / topArea(form) - 1)).toBeLessThan(0.001);
    }
  });
});

describe('a cloth that covers', () => {
  it('has the cake’s own form and hangs to the foot', () => {
    expect(clothFor({ form: 'round', diameter: 200 }, 100, 50)).toEqual({ shape: 'disc', diameter: 450 });
    expect(clothFor({ form: 'square', side: 200 }, 100, 50)).toEqual({ shape: 'rectangle', length: 450, width: 450 });
    expect(clothFor(forms[2]!, 100, 50)).toEqual({ shape: 'rectangle', length: 550, width: 450 });
    expect(clothFor(forms[7]!, 70, 50)).toEqual({ shape: 'rectangle', length: 440, width: 300 });
    expect(clothDisc({ form: 'square', side: 200 }, 100, 50).diameter).toBeCloseTo(200 * Math.SQRT2 + 250, 9);
    expect(clothArea({ shape: 'disc', diameter: 450 })).toBeCloseTo((Math.PI * 450 ** 2) / 4, 6);
    expect(clothArea({ shape: 'rectangle', length: 450, width: 440 })).toBe(198_000);
    expect([clothName({ shape: 'disc', diameter: 452.83 }), clothName(clothFor(forms[2]!, 100, 50))]).toEqual([
      ...['disc of 45.3 cm', 'cloth of 55 × 45 cm'],
    ]);
  });
  it('as a disc reaches every point of the outline and no farther than it must', () => {
    for (const form of forms) {
      if (form.form === 'ring') continue;
      const { outline } = outlineOf(form);
      const centres = Array.from({ length: 81 }, (_, i) => (i - 40) * 2);
      // The best centre lies on the axis; a heart's is not its middle.
      const radius = Math.min(...centres.map((c) => Math.max(...outline.map(([x, y]) => Math.hypot(x, y - c)))));
      expect(coveringDisc(form) / (2 * radius)).toBeGreaterThan(0.985);
      expect(coveringDisc(form) / (2 * radius)).toBeLessThan(1.001);
    }
  });
  it('is never smaller than what it covers', () => {
    fc.assert(
      fc.property(fc.constantFrom(...forms), fc.double({ min: 20, max: 200, noNaN: true }), (form, height) => {
        expect(clothArea(clothFor(form, height, 50))).toBeGreaterThan(topArea(form));
      }),
    );
  });
});

type Points = readonly (readonly [number, number])[];

function inside(outline: Points, x: number, y: number): boolean {
  let odd = false;
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) odd = !odd;
  });
  return odd;
}

function distance(outline: Points, x: number, y: number): number {
  return Math.min(
    ...outline.map(([ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length]!;
      const [dx, dy] = [bx - ax, by - ay];
      const t = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
      return Math.hypot(x - ax - t * dx, y - ay - t * dy);
    }),
  );
}
