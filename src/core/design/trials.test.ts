import { breakDown } from '../breakdown/break-down';
import type { Breakdown } from '../breakdown/breakdown';
import { finishedGrams } from '../breakdown/amounts/weight';
import { orderId } from '../ids/ids';
import { checkPlan } from '../plan-check/check-plan';
import { readProblem } from '../planning-format/read-problem';
import { solve } from '../planner/solve';
import { volume } from '../shape/form';
import { makeProblem } from '../situation/make-problem';
import { everyWeek } from '../time/working-hours';
import { problemsOf } from './testing/problems-of';
import { trialEquipment, trialKitchen as kitchen } from './testing/trial-kitchen';
import { TRIALS } from './testing/trials';

const NAMES = Object.keys(TRIALS);
const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
const DAY = 1440;
const always = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, start: '05:00', end: '22:00', breaks: [] }));

const broken = (name: string) =>
  breakDown(
    { id: orderId(1), design: TRIALS[name]!, inscription: name.includes('inscription') ? 'Ida & Bo' : '' },
    kitchen,
  );

function planned(name: string) {
  const breakdown = broken(name);
  const skills = [...new Set(breakdown.steps.flatMap((s) => s.people?.skill ?? []))];
  const team = ['a', 'b', 'c'].map((id) => ({
    ...{ id, name: id, skills: skills.map((skill) => ({ name: skill, pace: 1 })) },
    ...everyWeek(always),
  }));
  const one = { id: orderId(1), name, pickup: 12 * DAY + 720, weight: 1, breakdown };
  const problem = makeProblem([one], team, trialEquipment, clock, 0);
  const read = readProblem(JSON.parse(JSON.stringify(problem)));
  expect(read.ok ? [] : read.problems).toEqual([]);
  const solved = solve(problem, { rounds: 20, seed: 1, stop: () => false });
  if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join());
  return { breakdown, problem, plan: solved.plan, verdict: checkPlan(problem, solved.plan) };
}

const part = (b: Breakdown, role: string) => b.components.find((c) => c.role === role)!;
const portions = (b: Breakdown, role: string) =>
  part(b, role).amount.portions.map((p) => [p.use, Math.round(p.grams), p.stage ?? p.into ?? p.leftOver ?? 'lost']);
const step = (b: Breakdown, key: string) => b.steps.find((s) => s.id === `o1.${key}`)!;
const wait = (b: Breakdown, from: string, to: string) =>
  b.waits.filter((w) => w.from === `o1.${from}` && w.to === `o1.${to}`).map((w) => [w.min, w.max, w.place]);

describe('twelve cakes', () => {
  it.each(NAMES)('%s: nothing is wrong with it', (name) => {
    expect(problemsOf(TRIALS[name]!, kitchen)).toEqual([]);
  });
  it.each(NAMES)('%s: is planned in time, and the checker agrees', (name) => {
    const { verdict } = planned(name);
    expect(verdict.errors).toEqual([]);
    expect([verdict.unplaced, verdict.lateness]).toEqual([0, 0]);
  });
});

describe('what they say of their work', () => {
  it('three tiers: each stacked by itself with its own sponge, one frosting by stage, only the lower one covered', () => {
    const b = broken(NAMES[0]!);
    expect(b.cake.portions).toBeGreaterThanOrEqual(90);
    expect(b.cake.tiers.map((t) => [t.body, t.coats.length])).toEqual([
      [114, 3],
      [88, 2],
      [84, 2],
    ]);
    const frosting = part(b, 'frosting').amount;
    expect(frosting.portions.map((p) => p.stage)).toEqual([
      ...['stack-lower', 'stack-middle', 'stack-upper', 'crumb', 'final', undefined],
    ]);
    const crumb = frosting.portions.find((p) => p.stage === 'crumb')!;
    expect(crumb.tiers!.map((t) => t.tier)).toEqual([0, 1, 2]);
    expect(step(b, 'stack-middle').amount).toContain('Compote');
    expect(step(b, 'stack-middle').amount).not.toContain('Curd');
    // Sugar blossoms dry a night at least, and keep for ten days; three are made to spare.
    expect(wait(b, 'blossoms.model', 'blossoms')).toEqual([[1200, 14_400, null]]);
    expect([part(b, 'blossoms').amount.pieces, portions(b, 'blossoms')[1]]).toEqual([30, ['3 to spare', 18, 'rest']]);
    expect(step(b, 'write').how).toContain('“Ida & Bo”, letter for letter');
    expect(step(b, 'stand').people).toMatchObject({ count: 2 });
    // The covered tier dries, the others stay in the cold meanwhile.
    expect([wait(b, 'cover', 'stand'), wait(b, 'final', 'stand')]).toEqual([
      [[90, 1440, null]],
      [[30, 1080, 'fridge']],
    ]);
  });
  it('a raised cake: the topping is there before the dough is panned, the lid is cut before it is stacked', () => {
    const b = broken(NAMES[1]!);
    expect(b.waits.find((w) => w.from === 'o1.topping.boil-the-topping-up')).toMatchObject({ to: 'o1.dough.shape' });
    expect(portions(b, 'topping')).toEqual([['over the top', 369, 'dough']]);
    // It is on the cake beside what the dough weighs.
    expect(finishedGrams(part(b, 'topping'))).toBeCloseTo(369.5, 0);
    expect(b.waits).toContainEqual(expect.objectContaining({ from: 'o1.lid', to: 'o1.stack' }));
    expect(part(b, 'custard').takes!.map((t) => t.step)).toEqual(['fold-the-cream-in']);
  });
  it('one ganache: a third of what is made lies inside, and both are one batch', () => {
    const b = broken(NAMES[2]!);
    expect(portions(b, 'ganache')).toEqual([
      ['filling', 333, 'stack'],
      ['final coat', 667, 'coat'],
      ['stays in bowl and bag', 100, 'lost'],
    ]);
    expect(part(b, 'layers').amount.loads.map((l) => l.tins)).toEqual([2]);
  });
  it('thirds of soak and cream; what runs off is whipped, and the glaze is made as large as that asks', () => {
    const b = broken(NAMES[3]!);
    expect(part(b, 'layers').amount.loads.map((l) => l.tins)).toEqual([1]);
    const cream = portions(b, 'cream').filter(([, , at]) => at !== 'lost');
    expect(cream.map(([, grams]) => grams)).toEqual([273, 273, 273]);
    expect(
      portions(b, 'soak')
        .slice(0, 3)
        .map(([, grams]) => grams),
    ).toEqual([73, 73, 73]);
    expect(b.drawn.find((d) => d.role === 'flowers')!.short).toBeCloseTo(0, 6);
    expect(b.waits).toContainEqual(expect.objectContaining({ from: 'o1.pour', to: 'o1.flowers.whip' }));
    expect(step(b, 'pour').amount).toBe('Glaze 458\u2009g'.replace('\u2009', ' '));
  });
  it('poured at once into the ring, thawed only where it was frozen, torched last', () => {
    const b = broken(NAMES[4]!);
    expect(wait(b, 'custard.fold-the-cream-in', 'build')).toEqual([[0, 8, null]]);
    expect(wait(b, 'build', 'build-release')).toEqual([
      [240, 10_080, 'freezer'],
      [480, 1440, 'fridge'],
    ]);
    expect(wait(b, 'torch', 'box').map(([min]) => min)).toEqual([240, 10]);
    expect(b.holds.find((h) => h.kind.startsWith('ring'))).toMatchObject({
      from: 'o1.build',
      until: 'o1.build-release',
    });
    expect(part(b, 'custard').takes).toHaveLength(2);
  });
  it('three layers out of two sheets, one of them of two halves, in the ring by either way', () => {
    const b = broken(NAMES[5]!);
    expect(part(b, 'layers').amount.because).toContain('3 layers of round 32 cm, one of them of two halves: 2 sheets');
    expect(wait(b, 'build', 'build-release')).toHaveLength(2);
    expect(portions(b, 'cream').filter(([, , at]) => at === 'build')).toHaveLength(2);
  });
  it('a roll becomes trunk and branch: nothing of it is lost, the coat holds the foam on, foam keeps it dry', () => {
    const b = broken(NAMES[6]!);
    const [roll, trunk, branch] = b.cake.tiers;
    expect([roll!.within, trunk!.body, branch!.body]).toEqual([true, roll!.body, roll!.body]);
    const glue = part(b, 'coat').amount.portions.find((p) => p.stage === 'foam')!;
    expect(glue.grams).toBe(14 * 3);
    expect(wait(b, 'foam', 'box').map(([, , place]) => place)).toEqual([null]);
    expect(wait(b, 'roll', 'cut')).toEqual([[60, 720, 'fridge']]);
    expect(b.cake.portions).toBe(12);
  });
  it('the only tin three times, each with a mix of its own; one whipped cream for both mousses', () => {
    const b = broken(NAMES[7]!);
    expect(b.steps.filter((s) => /^o1\.layers\.mix/.test(s.id))).toHaveLength(3);
    const cream = part(b, '~soft-cream').amount.portions;
    expect(cream.map((p) => p.into).sort()).toEqual(['berry', 'orange']);
  });
  it('a house: what is cut away comes back, panels wait for its measure, one blend for sponge and panels', () => {
    const b = broken(NAMES[8]!);
    const away = part(b, 'sponge').amount.portions.filter((p) => p.use === 'cut away');
    expect(away.filter((p) => p.leftOver !== 'trimmings')).toEqual([]);
    const [squares, loaf, house] = b.cake.tiers.map((t) => (t.count ?? 1) * volume(t.form, t.body));
    const layers = part(b, 'sponge').amount.portions.filter((p) => p.use === 'layers' || p.use === 'cut away');
    const share = sum(away.map((p) => p.grams)) / sum(layers.map((p) => p.grams));
    expect(share).toBeCloseTo(1 - house! / (squares! + loaf!), 6);
    expect(b.waits.find((w) => w.to === 'o1.panels.cut')!.why).toBe('firm from the cold, or it drags');
    expect(b.waits).toContainEqual(expect.objectContaining({ from: 'o1.coat', to: 'o1.panels.cut' }));
    expect(
      part(b, '~spice-blend')
        .amount.portions.map((p) => p.into)
        .sort(),
    ).toEqual(['panels', 'sponge']);
  });
  it('a bar: mousse below and above, a third of the ganache on top, the rest piped, slices cut when it is thawed', () => {
    const b = broken(NAMES[9]!);
    expect(portions(b, 'ganache').map(([, grams]) => grams)).toEqual([182, 364, 55]);
    expect(b.cake.portions).toBe(12);
    expect(wait(b, 'pipe', 'cut').map(([min]) => min)).toEqual([240, 60]);
    expect(wait(b, 'cut', 'box')).toEqual([[10, 720, 'fridge']]);
  });
  it('two flavours of one buttercream, and the foot pressed on while the glaze is soft', () => {
    const b = broken(NAMES[10]!);
    expect(
      part(b, '~italian-buttercream')
        .amount.portions.map((p) => p.into)
        .sort(),
    ).toEqual(['coffee', 'lemon']);
    expect(wait(b, 'pour', 'foot')).toEqual([[0, 15, null]]);
    // The chill of the glaze follows it.
    expect(wait(b, 'foot', 'box')).toEqual([[20, 480, 'fridge']]);
    expect(wait(b, 'glaze.warm', 'pour')).toEqual([[0, 12, null]]);
  });
  it('twenty-four domes: one batch of each, as many moulds, a portion each, shelves for what they cover', () => {
    const b = broken(NAMES[11]!);
    expect([b.cake.portions, b.holds.find((h) => h.kind.startsWith('ring'))!.units]).toEqual([24, 24]);
    const dome = volume({ form: 'half-sphere', diameter: 70 }, 35);
    expect(sum(b.cake.tiers[0]!.strata.map((s) => s.ml))).toBeCloseTo(dome, 6);
    expect(b.waits.find((w) => w.id === 'o1.pour>box')).toMatchObject({ units: 6, min: 90 });
  });
});
