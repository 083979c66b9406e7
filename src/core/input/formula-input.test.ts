import { draftKey, formOf, formulaForm, formulaOf, EMPTY_STEP, type FormulaForm } from './formula-input';
import { preparationsOf } from '../breakdown/steps/preparations';
import { startingCoefficients } from '../breakdown/figures/starting-figures';
import type { Formula } from '../formula/formula';
import { demoFormulas } from '../../data/demo/library';

/** As it goes through the database: what is undefined is gone. */
const stored = <T>(x: T): T => JSON.parse(JSON.stringify(x)) as T;

describe('a formula in its form', () => {
  it.each(demoFormulas.map((f) => [f.id, f] as const))(
    '%s: opened and saved untouched, nothing of it changes',
    async (_, f) => {
      const form = await formulaForm.validate(formOf(f), { abortEarly: false });
      const back = stored(formulaOf(form, f, f.id));
      // Between steps without a wait the form ties one after the other.
      const waits = back.waits.filter((w) => f.waits.some((x) => x.from === w.from && x.to === w.to));
      expect({ ...back, waits, lines: back.lines.map((l) => ({ ...l })) }).toEqual(stored({ ...f, waits: f.waits }));
    },
  );

  const [sponge] = demoFormulas;
  const edit = async (change: (form: FormulaForm) => void) => {
    const form = formOf(sponge!);
    change(form);
    return stored(formulaOf(await formulaForm.validate(form, { abortEarly: false }), sponge!, sponge!.id));
  };

  it('a new step gets a key of its own and its place in the ladder', async () => {
    const edited = await edit((form) => form.steps.splice(1, 0, { ...EMPTY_STEP, name: 'Bake', waitMin: 5 }));
    expect(edited.steps.map((s) => s.key)).toEqual(['mix', 'bake-2', 'bake', 'turn-out']);
    expect(edited.waits.map((w) => [w.from, w.to, w.min])).toEqual([
      ['mix', 'bake-2', 0],
      ['bake-2', 'bake', 5],
      ['bake', 'turn-out', 10],
    ]);
  });
  it('what the form does not show stays: checks, reminders, tins', async () => {
    const edited = await edit((form) => (form.steps[1]!.likely = 45));
    expect(edited.steps[1]).toMatchObject({ minutes: { likely: 45 }, check: { kind: 'skewer clean' }, each: 'load' });
    expect(edited.steps[0]!.tinsUntil).toBe('turn-out');
  });
  it('a step taken out leaves no tins waiting for it', async () => {
    const edited = await edit((form) => void form.steps.pop());
    expect(edited.steps[0]!.tinsUntil).toBe('bake');
  });
  it('an ingredient goes into the step that the form says, a new one too: gelatine is soaked for it', async () => {
    const into = async (key: string) => {
      const edited = await edit((form) => {
        form.steps.push({ ...EMPTY_STEP, key: draftKey(9), name: 'Melt in' });
        form.lines.push({ ingredient: 'leaf', grams: 6, into: key });
      });
      const leaf = { id: 'leaf', name: 'Leaf', allergens: ['gelatine' as const], density: null, gelatine: true };
      const soaked = edited.steps.filter((s) =>
        preparationsOf(edited, s, [], new Map([['leaf', leaf]]), startingCoefficients).some((p) => p.kind === 'soak'),
      );
      return [edited.lines.at(-1)!.step, ...soaked.map((s) => s.key)];
    };
    expect(await into(draftKey(9))).toEqual(['melt-in', 'melt-in']);
    expect(await into('turn-out')).toEqual(['turn-out', 'turn-out']);
    expect(await into('')).toEqual([undefined, 'mix']);
    expect(await into('gone')).toEqual([undefined, 'mix']);
  });
  it('an ingredient may go into two steps, each time with its own note', async () => {
    const two = { ...sponge!, lines: [{ ingredient: 'milk', grams: 5, note: 'warm', step: 'bake' }] };
    two.lines.push({ ingredient: 'milk', grams: 7, note: 'cold', step: 'turn-out' });
    const form = await formulaForm.validate(formOf(two));
    expect(formulaOf(form, two, 'x').lines).toEqual(two.lines);
  });
  it('a form that says nothing of where an ingredient goes leaves it where it went', async () => {
    const before = { ...sponge!, lines: [{ ingredient: 'milk', grams: 5, step: 'bake' }] };
    const form = formOf(before);
    const lines = form.lines.map(({ ingredient, grams }) => ({ ingredient, grams }));
    const read = await formulaForm.validate({ ...form, lines });
    expect(formulaOf(read, before, 'x').lines).toEqual(before.lines);
  });
  it('says when it is best: what has aged at a pace of its own keeps that, what is better later is made ahead', async () => {
    const before: Formula = { ...sponge!, keeping: { ...sponge!.keeping, max: 3000, ageing: 0.008 } };
    const saved = async (change: Partial<FormulaForm>, of = before) =>
      formulaOf(await formulaForm.validate({ ...formOf(of), ...change }), of, 'x').keeping;
    expect(await saved({})).toEqual(before.keeping);
    expect(await saved({ keepBest: 'any' })).toEqual({ ...before.keeping, ageing: 0 });
    const later = await saved({ keepBest: 'later', keepBetterAfter: 12.5 });
    expect(later).toEqual({ ...before.keeping, betterAfter: 750 });
    const ripe = { ...before, keeping: later };
    expect(formOf(ripe)).toMatchObject({ keepBest: 'later', keepBetterAfter: 12.5 });
    expect(await saved({}, ripe)).toEqual(later);
    expect(await saved({ keepBest: 'fresh' }, ripe)).toEqual(before.keeping);
    expect(await saved({ keepBest: 'fresh' }, { ...before, keeping: { ...later, ageing: 0 } })).toMatchObject({
      ageing: 0.01,
    });
    // A page from before says nothing of it.
    const old: Partial<FormulaForm> = formOf(ripe);
    delete old.keepBest;
    delete old.keepBetterAfter;
    expect(formulaOf(await formulaForm.validate(old), ripe, 'x').keeping).toEqual(later);
  });
  it('says what is wrong beside the field', async () => {
    const wrong = (change: Partial<FormulaForm>) =>
      formulaForm.validate({ ...formOf(sponge!), ...change }, { abortEarly: false }).then(
        () => '',
        (e: { inner: { path: string }[] }) => e.inner.map((x) => x.path).join(),
      );
    expect(await wrong({ name: ' ' })).toBe('name');
    expect(await wrong({ lines: [] })).toBe('lines');
    expect(await wrong({ lines: [{ ingredient: 'butter', grams: 0, into: '' }] })).toBe('lines[0].grams');
    expect(await wrong({ loss: 99 })).toBe('loss');
    expect(await wrong({ steps: [{ ...EMPTY_STEP, name: 'x', low: 20, likely: 10, high: 30 }] })).toBe(
      'steps[0].likely',
    );
    expect(await wrong({ steps: [{ ...EMPTY_STEP, name: 'x', work: 'oven' }] })).toBe('steps[0].celsius');
    expect(await wrong({ keepMin: 90, keepMax: 60 })).toBe('keepMax');
    expect(await wrong({ keepBest: 'later', keepBetterAfter: null })).toBe('keepBetterAfter');
    expect(await wrong({ keepBest: 'later', keepBetterAfter: 0 })).toBe('keepBetterAfter');
    expect(await wrong({ keepMin: 0, keepMax: 60, keepBest: 'later', keepBetterAfter: 2 })).toBe('keepBetterAfter');
    expect(await wrong({ keepBest: 'old' as never })).toBe('keepBest');
  });
});
