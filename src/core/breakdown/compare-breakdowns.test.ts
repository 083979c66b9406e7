import type { Breakdown } from './breakdown';
import { breakDown } from './break-down';
import { compareBreakdowns } from './compare-breakdowns';
import { withFormerIds } from './former-ids';
import { demoLibrary } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import { orderId } from '../ids/ids';
import type { Form } from '../shape/form';

const { kitchen } = { kitchen: demoLibrary };
const build = starterBuilds.find((b) => b.id === 'strawberry-cloud')!;
const tiers: Form[] = [{ form: 'round', diameter: 240 }];
const broken = (change: object = {}, coefficients = kitchen.coefficients): Breakdown =>
  breakDown({ id: orderId(1), build, tiers, ...change }, { ...kitchen, coefficients });

describe('two breakdowns of one order', () => {
  it('that are the same have no difference', () => {
    expect(compareBreakdowns(broken(), broken())).toEqual([]);
  });

  it('differ in amounts and minutes where figures do', () => {
    const changes = compareBreakdowns(broken(), broken({}, { ...kitchen.coefficients, bowlLoss: 0.3 }));
    expect(changes.length).toBeGreaterThan(0);
    for (const c of changes) {
      expect(['amount', 'minutes']).toContain(c.kind);
      if (c.kind === 'amount') expect(c.to).toBeGreaterThan(c.from);
    }
  });

  it('differ in parts, formulas and steps where answers do, told from both sides', () => {
    const was = broken();
    const is = broken({ swaps: { frosting: 'italian-buttercream' } });
    const [there, back] = [compareBreakdowns(was, is), compareBreakdowns(is, was)];
    expect(there.filter((c) => c.kind === 'formula')).toHaveLength(
      is.components.length === was.components.length ? 1 : 0,
    );
    const steps = (list: typeof there, gone: boolean) =>
      list.flatMap((c) => (c.kind === 'step' && c.gone === gone ? c.step : [])).sort();
    expect(steps(there, true)).toEqual(steps(back, false));
    expect(steps(there, false)).toEqual(steps(back, true));
  });

  it('differ in what is left out, in waits and in portions', () => {
    const was = broken();
    const [first, ...rest] = was.components;
    expect(compareBreakdowns(was, { ...was, components: rest })).toEqual([
      { kind: 'part', part: first!.label, gone: true },
    ]);
    expect(compareBreakdowns({ ...was, components: rest }, was)).toEqual([
      { kind: 'part', part: first!.label, gone: false },
    ]);
    const wait = was.waits[0]!;
    const longer = { ...was, waits: [{ ...wait, min: wait.min + 5 }, ...was.waits.slice(1)] };
    const name = (id: string) => was.steps.find((s) => s.id === id)!.name;
    expect(compareBreakdowns(was, longer)).toEqual([{ kind: 'waits', from: name(wait.from), to: name(wait.to) }]);
    expect(compareBreakdowns(was, { ...was, cake: { ...was.cake, portions: 99 } })).toEqual([
      { kind: 'portions', from: was.cake.portions, to: 99 },
    ]);
    const grams = { ...first!, amount: { ...first!.amount, grams: first!.amount.grams + 0.5 } };
    expect(compareBreakdowns(was, { ...was, components: [grams, ...rest] })).toEqual([]);
  });
});

describe('ids of steps', () => {
  const many = starterBuilds.filter((b) =>
    b.design.parts.some((p) => p.layers?.from === 'tins' && p.role === 'layers'),
  );
  const idsAt = (share: number, b: (typeof starterBuilds)[number]) => {
    const tins: Form[] =
      b.mostTiers > 1
        ? [
            { form: 'round', diameter: 240 },
            { form: 'round', diameter: 150 },
          ]
        : tiers;
    const usual = breakDown({ id: orderId(1), build: b, tiers: tins }, kitchen);
    const layers = usual.components.find((c) => c.role === 'layers')!;
    const overrides = { layers: layers.amount.grams * share };
    return breakDown({ id: orderId(1), build: b, tiers: tins, overrides }, kitchen).steps.map((s) => s.id as string);
  };

  it('stay the same under other amounts: more of them come to those that are there', () => {
    expect(many.length).toBeGreaterThan(5);
    let grew = 0;
    for (const b of many) {
      const [less, usual, more] = [0.3, 1, 6].map((share) => new Set(idsAt(share, b)));
      expect([b.id, [...less!].filter((id) => !usual!.has(id))]).toEqual([b.id, []]);
      expect([b.id, [...usual!].filter((id) => !more!.has(id))]).toEqual([b.id, []]);
      if (more!.size > less!.size) grew++;
    }
    expect(grew).toBeGreaterThan(0);
  });

  it('had a number each, whatever their tiers, before they stayed the same', () => {
    const b = many.find((x) => x.mostTiers > 1)!;
    const work = breakDown(
      {
        id: orderId(1),
        build: b,
        tiers: [
          { form: 'round', diameter: 240 },
          { form: 'round', diameter: 150 },
        ],
        overrides: { layers: 30_000 },
      },
      kitchen,
    );
    const former = withFormerIds(work);
    const mixes = (list: { id: string }[]) => list.map((s) => s.id).filter((id) => id.startsWith('o1.layers.mix'));
    const now = mixes(work.steps);
    expect(now.slice(0, 2)).toEqual(['o1.layers.mix', 'o1.layers.mix.2']);
    expect(now).toContainEqual(expect.stringContaining('@2'));
    expect(mixes(former.steps)).toEqual(now.map((_, i) => `o1.layers.mix.${i + 1}`));
    const known = new Set<string>(former.steps.map((s) => s.id));
    const ofLayers = former.waits.filter((w) => w.id.startsWith('o1.layers.'));
    expect(ofLayers.length).toBeGreaterThan(3);
    for (const w of ofLayers) {
      expect([known.has(w.from), known.has(w.to)]).toEqual([true, true]);
      expect(w.id.split('?')[0]).toBe(`${w.from}>${w.to}`);
    }
    for (const h of former.holds) expect([known.has(h.from), known.has(h.until)]).toEqual([true, true]);
    expect(former.steps.map((s) => s.name)).toEqual(work.steps.map((s) => s.name));
  });

  it('keep the id that the first of them was known by, where there are more or fewer of them today', () => {
    const usual = broken();
    const stem = 'o1.layers.mix';
    const first = (known: string[], work = usual) =>
      withFormerIds(work, new Set(known)).steps.find((s) => s.id.startsWith(stem))!.id;
    expect([first([]), first([stem]), first([`${stem}.1`, `${stem}.2`])]).toEqual([stem, stem, `${stem}.1`]);
    const two = broken({ overrides: { layers: 30_000 } });
    expect([first([], two), first([stem], two), first([`${stem}.1`], two)]).toEqual([`${stem}.1`, stem, `${stem}.1`]);
    const names = withFormerIds(two, new Set([stem])).steps.map((s) => s.id);
    expect(new Set(names).size).toBe(names.length);
  });
});
