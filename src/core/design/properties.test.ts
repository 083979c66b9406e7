import { withFormulaInPiece } from '../compose/edits/parts';
import { fc, runs } from '../testing/chance';
import { onTheCake } from '../breakdown/amounts/amount';
import { cakeGrams, finishedGrams } from '../breakdown/amounts/weight';
import { breakDown } from '../breakdown/break-down';
import { allergensOf } from '../formula/within';
import { orderId } from '../ids/ids';
import { readProblem } from '../planning-format/read-problem';
import { solve } from '../planner/solve';
import { checkPlan } from '../plan-check/check-plan';
import { coatedArea, topArea, volume } from '../shape/form';
import { makeProblem } from '../situation/make-problem';
import { designCodec } from '../stored/design';
import { everyWeek } from '../time/working-hours';
import type { Design } from './design';
import { wrongOrders } from './order-of-work';
import { inSensibleOrder } from './testing/sensible-order';
import { problemsOf } from './testing/problems-of';
import { anyDesign, anyEdit } from './testing/any-design';
import { trialEquipment, trialKitchen as kitchen } from './testing/trial-kitchen';

const broken = (design: Design) => breakDown({ id: orderId(1), design, inscription: 'Ida' }, kitchen);
const always = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, start: '05:00', end: '22:00', breaks: [] }));
const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

describe('any design that is allowed', () => {
  it('compiles and is planned, and the checker agrees', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect(problemsOf(design, kitchen)).toEqual([]);
        const breakdown = broken(design);
        const skills = [...new Set(breakdown.steps.flatMap((s) => s.people?.skill ?? []))];
        const team = ['a', 'b', 'c'].map((id) => ({
          ...{ id, name: id, skills: skills.map((name) => ({ name, pace: 1 })) },
          ...everyWeek(always),
        }));
        const one = { id: orderId(1), name: 'One', pickup: 12 * 1440 + 720, weight: 1, breakdown };
        const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
        const problem = makeProblem([one], team, trialEquipment, clock, 0);
        const read = readProblem(JSON.parse(JSON.stringify(problem)));
        expect(read.ok ? [] : read.problems).toEqual([]);
        const solved = solve(problem, { rounds: 4, seed: 1, stop: () => false });
        if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join());
        const verdict = checkPlan(problem, solved.plan);
        expect([verdict.errors, verdict.unplaced]).toEqual([[], 0]);
      }),
      runs(10, 40),
    );
  });

  it('conserves mass: a batch is its uses, what is left over and what is lost, by stage and by piece', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        for (const { amount, lines, takes, formula } of broken(design).components) {
          expect(sum(amount.portions.map((p) => p.grams))).toBeCloseTo(amount.grams, 6);
          for (const p of amount.portions)
            if (p.tiers) expect(sum(p.tiers.map((t) => t.grams))).toBeCloseTo(p.grams, 4);
          if (amount.loads.length > 0) {
            const filled = sum(amount.loads.map((l) => l.tins * l.gramsEach));
            expect(filled).toBeCloseTo(amount.grams, 4);
          }
          const weighed = sum(lines.map((l) => l.grams)) + sum((takes ?? []).map((t) => t.grams));
          expect(weighed * (amount.raw ? 1 : 1 - formula.loss)).toBeCloseTo(amount.grams, 4);
        }
      }),
      runs(40, 150),
    );
  });

  it('weighs what its drawing says, within 2 %, and is as high as what lies in it', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const { cake, components } = broken(design);
        const density = new Map(components.map((c) => [c.role, c.formula.density]));
        let drawn = 0;
        for (const { form, strata, coats, body, height, count = 1 } of cake.tiers) {
          const flat = strata.filter((s) => s.kind !== 'dam');
          expect(Math.max(...flat.map((s) => s.from + s.thickness))).toBeCloseTo(body, 6);
          const onTop = coats.filter((c) => Math.abs(c.ml * 1000 - coatedArea(form, c.side) * c.thickness) < 1);
          expect(height).toBeCloseTo(body + sum(onTop.map((c) => c.thickness)), 6);
          // Together they fill the form to their height; what fills a ring flows around what is narrower.
          const full = strata.some((s) => s.kind === 'ring filling')
            ? volume(form, body)
            : (topArea(form) * body) / 1000;
          expect(sum(strata.map((s) => s.ml))).toBeCloseTo(full, 4);
          drawn += count * sum([...strata, ...coats].map((s) => s.ml * density.get(s.role)!));
        }
        const inIt = new Set(cake.tiers.flatMap((t) => [...t.strata, ...t.coats].map((s) => s.role)));
        const laid = components.filter((c) => inIt.has(c.role));
        // What is piped has no place in the section.
        const piped = sum(laid.flatMap((c) => c.amount.portions.filter((p) => p.use === 'border').map((p) => p.grams)));
        expect(Math.abs(drawn / (cakeGrams(laid) - piped) - 1)).toBeLessThan(0.02);
      }),
      runs(40, 150),
    );
  });

  it('loses no allergen', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const breakdown = broken(design);
        const told = breakdown.allergens.map((a) => a.allergen);
        for (const p of design.parts) {
          const formula = kitchen.formulas.get((p.made as { formula: string }).formula)!;
          const own = allergensOf(formula, kitchen.ingredients, kitchen.formulas).map((a) => a.allergen);
          expect(told).toEqual(expect.arrayContaining(own));
        }
      }),
      runs(25, 80),
    );
  });

  it('another sponge in one piece changes nothing of the others: neither their grams nor their tins', () => {
    const sponges = ['almond-sponge', 'lemon-sponge', 'walnut-sponge', 'genoise', 'hot-milk-cake', 'orange-chiffon'];
    const ofOthers = (design: Design, piece: number) =>
      broken(design).components.flatMap(({ formula, amount }) => [
        ...amount.loads
          .filter((l) => l.tier !== piece)
          .map((l) => [formula.id, 'tin', l.tier, l.tins, l.gramsEach.toFixed(3)].join(' ')),
        ...amount.portions.flatMap((p) =>
          (p.tiers ?? [])
            .filter((t) => t.tier !== piece && t.grams > 1e-6)
            .map((t) => [formula.id, p.use, t.tier, t.grams.toFixed(3)].join(' ')),
        ),
      ]);
    fc.assert(
      fc.property(anyDesign, fc.nat(2), fc.constantFrom(...sponges), (design, at, sponge) => {
        fc.pre(design.pieces.length > 1 && !!design.parts[0]!.role.startsWith('sponge'));
        const piece = at % design.pieces.length;
        const by = kitchen.formulas.get(sponge)!;
        const there = withFormulaInPiece(design, { on: 'inside', piece: design.pieces[piece]!.key, at: 0 }, by);
        expect(ofOthers(there, piece).sort()).toEqual(ofOthers(design, piece).sort());
      }),
      runs(60, 200),
    );
  });

  it('an edit that is taken back leaves the same design and the same sums', () => {
    fc.assert(
      fc.property(anyDesign, anyEdit, (design, { edit, back }) => {
        const there = edit.to(design);
        const again = back.to(there);
        expect(again).toEqual(design);
        const [was, changed, is] = [design, there, again].map((d) => broken(d));
        expect(is).toEqual(was);
        expect(sum(changed!.components.map(finishedGrams))).not.toBeCloseTo(sum(was!.components.map(finishedGrams)), 3);
      }),
      runs(20, 60),
    );
  });

  it('is read as it was written', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect(designCodec.read(JSON.parse(JSON.stringify(designCodec.write(design))))).toEqual({
          ok: true,
          value: design,
        });
      }),
      runs(20, 60),
    );
  });

  it('has its work in a sensible order, whatever order it is told in', () => {
    fc.assert(
      fc.property(anyDesign, fc.array(fc.nat(1000), { minLength: 12, maxLength: 12 }), (design, keys) => {
        const mixed = design.blocks.map((b, i) => ({ b, key: keys[i]! })).sort((x, y) => x.key - y.key);
        const blocks = inSensibleOrder(
          mixed.map((m) => m.b),
          kitchen.blocks,
        );
        expect(wrongOrders({ ...design, blocks }, kitchen.blocks)).toEqual([]);
      }),
      runs(30, 100),
    );
  });

  it('is made of no more than its batches', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        for (const c of broken(design).components) {
          expect(onTheCake(c.amount)).toBeLessThanOrEqual(c.amount.grams + 1e-6);
          for (const p of c.amount.portions) expect(p.grams).toBeGreaterThan(0);
        }
      }),
      runs(25, 80),
    );
  });
});
