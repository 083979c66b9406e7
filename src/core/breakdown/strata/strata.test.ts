import { starterBuilds } from '../../../data/kitchens/starter';
import { demoLibrary as kitchen } from '../../../data/kitchens/demo-parts';
import { orderId } from '../../ids/ids';
import { perimeter, sideArea, topArea, type Form } from '../../shape/form';
import { rimArea } from '../../shape/rim';
import { onTheCake } from '../amounts/amount';
import { finishedGrams, portionedGrams } from '../amounts/weight';
import { breakDown } from '../break-down';
import type { Breakdown } from '../breakdown';
import type { Build } from '../../design/build';
import { formsOfBuild } from '../forms-of-build';
import type { Tier } from './stratum';

/** One piece, in one layer of patterns: others are drawn by the same geometry, and any design is held against its drawing in `design/`. */
const isPlain = ({ design }: Build) => design.pieces.every((p) => !p.madeOf && !p.count);

const LEVELS = ['trim', 'upside-down'];
/** Every cake of the library in every size, levelled either way, with its parts and without those that may be left out. */
const cakes = starterBuilds.filter(isPlain).flatMap((build) =>
  formsOfBuild(build, kitchen.moulds).flatMap((form) =>
    LEVELS.flatMap((level) =>
      [[], build.design.parts.filter((c) => c.optional).map((c) => c.role)].map((without) => ({
        build,
        form,
        level,
        without,
      })),
    ),
  ),
);
const brokenDown = new Map<(typeof cakes)[number], Breakdown>();
/** Broken down once for all that is asked of it. */
function broken(cake: (typeof cakes)[number]): Breakdown {
  const { build, form, level, without } = cake;
  const made =
    brokenDown.get(cake) ?? breakDown({ id: orderId(1), build, tiers: [form], without, choices: { level } }, kitchen);
  brokenDown.set(cake, made);
  return made;
}

/** ml of everything in the drawing of a tier, worked out anew from its millimetres; by role. */
function drawnMl(tier: Tier, wound: number | null): Map<string, number> {
  const ml = new Map<string, number>();
  const add = (role: string, mm3: number) => ml.set(role, (ml.get(role) ?? 0) + mm3 / 1000);
  const { form, strata, coats } = tier;
  for (const s of strata) {
    if (form.form === 'roll') add(s.role, wound! * form.length * s.thickness);
    else if (s.kind === 'dam') add(s.role, rimArea(form, s.until!) * s.thickness);
    else if (s.kind === 'ring filling') {
      const others = strata.filter((o) => o !== s && o.from >= s.from);
      const inside = others.reduce((sum, o) => sum + inner(form, o.inset) * o.thickness, 0);
      add(s.role, topArea(form) * s.thickness - inside);
    } else add(s.role, inner(form, s.inset) * s.thickness);
  }
  for (const c of coats) add(c.role, (topArea(form) + perimeter(form) * c.side) * c.thickness);
  return ml;
}

const inner = (form: Form, inset: number) => topArea(form) - (inset > 0 ? rimArea(form, inset) : 0);
/** Parts that have a place in the section; soaks are drunk, and decoration is counted. */
const inTheSection = (build: Build, role: string) => {
  const inside = build.design.pieces.flatMap((p) => p.inside).filter((i) => i.is !== 'soak');
  const coats = build.design.blocks.flatMap((b) => b.takes.filter((t) => t.amount && COATS.includes(t.amount.rule)));
  return inside.some((i) => i.role === role || ('dam' in i && i.dam === role)) || coats.some((t) => t.role === role);
};
const COATS = ['coat', 'paste cover', 'glaze'];
/** What is piped of a part has no place in the section either. */
const PIPED = /border|rope|rosettes|back/;
const laidGrams = (c: Breakdown['components'][number]): number =>
  finishedGrams(c) - c.amount.portions.filter((p) => PIPED.test(p.use)).reduce((sum, p) => sum + p.grams, 0);

describe('every cake of the library, in every size', () => {
  it('weighs what its drawing says: Σ strata × densities = Σ parts after their losses', () => {
    expect(cakes.length).toBeGreaterThan(150);
    for (const cake of cakes) {
      const { cake: made, components }: Breakdown = broken(cake);
      const sheet = cake.build.design.parts.find((p) => p.layers?.from === 'rolled sheet') ? 600 : null;
      const ml = drawnMl(made.tiers[0]!, sheet);
      for (const c of components) {
        if (!inTheSection(cake.build, c.role)) continue;
        const drawn = (ml.get(c.role) ?? 0) * c.formula.density;
        expect([cake.build.id, c.role, Math.abs(drawn / laidGrams(c) - 1) < 0.02]).toEqual([
          ...[cake.build.id, c.role, true],
        ]);
      }
      const strata = components.filter((c) => inTheSection(cake.build, c.role));
      const all = strata.reduce((sum, c) => sum + (ml.get(c.role) ?? 0) * c.formula.density, 0);
      expect(Math.abs(all / strata.reduce((sum, c) => sum + laidGrams(c), 0) - 1)).toBeLessThan(0.02);
    }
  });

  it('is as high as what lies in it: strata without a gap, then its coats', () => {
    for (const cake of cakes) {
      const tier = broken(cake).cake.tiers[0]!;
      if (tier.form.form === 'roll') continue;
      const flat = tier.strata.filter((s) => s.kind !== 'dam' && s.kind !== 'insert');
      let at = 0;
      for (const s of [...flat].sort((a, b) => a.from - b.from)) {
        expect([cake.build.id, s.from]).toEqual([cake.build.id, at]);
        at += s.thickness;
      }
      expect(tier.body).toBeCloseTo(at, 9);
      expect(tier.height).toBeCloseTo(at + tier.coats.reduce((sum, c) => sum + c.thickness, 0), 9);
      expect(tier.height).toBeGreaterThanOrEqual(80);
      expect(tier.height).toBeLessThanOrEqual(160);
    }
  });

  it('a dam is as high as its filling, and both fill their gap', () => {
    for (const cake of cakes) {
      const { form, strata } = broken(cake).cake.tiers[0]!;
      for (const dam of strata.filter((s) => s.kind === 'dam')) {
        const filling = strata.find((s) => s.kind === 'filling' && s.from === dam.from)!;
        expect([filling.thickness, filling.inset]).toEqual([dam.thickness, dam.until]);
        expect(filling.ml + dam.ml).toBeCloseTo((topArea(form) * dam.thickness) / 1000, 6);
      }
    }
  });

  it('its frosting goes around what was built: side by the body’s height', () => {
    for (const cake of cakes) {
      const tier = broken(cake).cake.tiers[0]!;
      const [first] = tier.coats;
      if (!first || first.side === 0) continue;
      expect(first.side).toBeCloseTo(tier.body, 9);
      const area = topArea(tier.form) + sideArea(tier.form, tier.body);
      expect(first.ml).toBeCloseTo((area * first.thickness) / 1000, 6);
    }
  });

  it('gives portions that weigh what such portions weigh', () => {
    for (const cake of cakes) {
      const { cake: made, components } = broken(cake);
      const band = kitchen.coefficients.portions.bands[cake.build.design.portion];
      const each = portionedGrams(components) / made.portions;
      // Without its decoration a cake may be a little lighter.
      const low = cake.without.length > 0 ? band.low * 0.95 : band.low;
      expect([cake.build.id, each >= low, each <= band.high]).toEqual([cake.build.id, true, true]);
    }
  });

  it('weighs less than what is made for it, by what is lost and left over', () => {
    for (const cake of cakes) {
      const { components } = broken(cake);
      for (const c of components) {
        const aside = c.amount.portions.filter((p) => p.lost || p.leftOver).reduce((sum, p) => sum + p.grams, 0);
        expect(onTheCake(c.amount) + aside).toBeCloseTo(c.amount.grams, 6);
        expect(finishedGrams(c)).toBeLessThanOrEqual(c.amount.grams + 1e-9);
      }
    }
  });
});
