import type { ComposerView } from '../orders/composer';
import { openKitchenOfFew, orderCalled, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { changePart } = await import('../orders/change-part');
const { loadFormula, loadFormulaForm } = await import('./formula-pages');
const { readRecipeFile, saveFormula } = await import('./formulas');
const { loadOrder } = await import('../orders/order-pages');
const { loadComposer } = await import('../orders/composer');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('a formula', () => {
  it('has versions: planned orders keep theirs, and a stale save is told', async () => {
    const { form, version } = (await loadFormulaForm(kitchen.db, 'quince-curd'))!;
    const edited = { ...form, loss: 20, note: 'boils longer' };
    expect(await saveFormula(kitchen.db, 'quince-curd', version, edited)).toEqual({
      ok: true,
      id: 'quince-curd',
      version: 2,
    });
    expect(message(await saveFormula(kitchen.db, 'quince-curd', version, edited))).toContain('Somebody else has saved');
    const view = (await loadFormula(kitchen.db, 'quince-curd'))!;
    expect(view.versions.map((v) => [v.version, v.note])).toEqual([
      [2, 'boils longer'],
      [1, 'from the starter library'],
    ]);
    expect(view.older.map((o) => o.title)).toContain('Abara christening');
    const id = await orderCalled('Abara christening');
    const order = (await loadOrder(kitchen.db, id))!;
    // Composed on, its sums are those of the formula that it stays with; a new order's are the newest.
    const composed = (await loadComposer(kitchen.db, id)) as ComposerView;
    expect(composed.older.map((f) => [f.id, f.loss])).toEqual([['quince-curd', 0.08]]);
    expect(((await loadComposer(kitchen.db, null)) as ComposerView).older).toEqual([]);
    expect(order.newer).toEqual([{ id: 'quince-curd', name: 'Quince curd', has: 1, newest: 2 }]);
    const grams = order.parts.find((p) => p.role === 'filling')!.lines[0]!.grams;
    expect(await changePart(kitchen.db, id, order.version, { kind: 'newest formulas' })).toMatchObject({ ok: true });
    const after = (await loadOrder(kitchen.db, id))!;
    expect(after.newer).toEqual([]);
    expect(after.parts.find((p) => p.role === 'filling')!.lines[0]!.grams / grams).toBeCloseTo(0.92 / 0.8, 1);
    expect((await loadFormula(kitchen.db, 'quince-curd', 1))!.formula.loss).toBeCloseTo(0.08, 9);
    expect(await loadFormula(kitchen.db, 'quince-curd', 7)).toBeNull();
  });
  it('with an unknown ingredient or a wrong number is refused beside the field', async () => {
    const { form } = (await loadFormulaForm(kitchen.db, null))!;
    const filled = { ...form, name: 'Air', family: 'Nothing', steps: [{ ...form.steps[0]!, name: 'Wait' }] };
    const unknown = await saveFormula(kitchen.db, null, 0, {
      ...filled,
      lines: [{ ...form.lines[0]!, ingredient: 'moon', grams: 5 }],
    });
    expect(unknown).toMatchObject({ ok: false, fields: { 'lines.0.ingredient': expect.any(String) } });
    const negative = await sendTo('save-formula', {
      ...{ ...filled, id: null, version: 0 },
      lines: [{ ingredient: 'milk', grams: -5 }],
    });
    expect(negative).toMatchObject({ ok: false, fields: { 'lines.0.grams': 'Above 0.' } });
  });
  it('is taken out of use and into it again: no order is told of a newer one, and nothing else is offered it', async () => {
    const id = await orderCalled('Varga anniversary');
    const fig = (await loadFormula(kitchen.db, 'fig-compote'))!;
    const retire = { id: 'fig-compote', version: fig.newest, retired: true };
    expect(await sendTo('retire-formula', retire)).toMatchObject({ ok: true, version: fig.newest + 1 });
    expect(await sendTo('retire-formula', retire)).toMatchObject({ ok: false });
    const order = (await loadOrder(kitchen.db, id))!;
    expect(order.newer.filter((f) => f.id === 'fig-compote')).toEqual([]);
    // The cake that has it keeps it among its choices; a cake that has another is not offered it.
    const others = order.parts.find((p) => p.role === 'filling')!.others.map((o) => o.id);
    expect(others).toContain('fig-compote');
    expect((await loadFormulaForm(kitchen.db, null))!.formulas.map((f) => f.id)).not.toContain('fig-compote');
    const after = (await loadFormula(kitchen.db, 'fig-compote'))!;
    expect([after.formula.retired, after.older]).toEqual([true, []]);
    const again = { ...retire, version: after.newest, retired: false };
    expect(await sendTo('retire-formula', again)).toMatchObject({ ok: true });
    expect((await loadFormula(kitchen.db, 'fig-compote'))!.formula.retired).toBeUndefined();
  });
  it('of a name that another has is asked about first', async () => {
    const { form } = (await loadFormulaForm(kitchen.db, null, 'fig-compote'))!;
    expect(form.name).toBe('Fig compote, copy');
    const copy = { ...form, name: 'Fig compote' };
    expect(await saveFormula(kitchen.db, null, 0, copy)).toMatchObject({ ok: false, asks: 'sure' });
    expect(await saveFormula(kitchen.db, null, 0, copy, true)).toMatchObject({ ok: true, id: 'fig-compote-2' });
  });
  it('comes from a web page, from a table, or not at all', async () => {
    const page =
      '<html><script type="application/ld+json">{"@type":"Recipe","name":"Web","recipeIngredient":["100 g butter"]}</script></html>';
    const web = await readRecipeFile(kitchen.db, 'x.html', page, 'US');
    expect(web.ok && web.recipes[0]!.form.lines).toMatchObject([{ ingredient: 'butter', grams: 100, into: '' }]);
    const table = await readRecipeFile(kitchen.db, 'Aunt.csv', 'name;amount;unit\nmilk;2;dl\n', 'metric');
    expect(table.ok && table.recipes[0]!.form.name).toBe('Aunt');
    expect(message(await readRecipeFile(kitchen.db, 'x', '{"@type":"Recipe"', 'US'))).toContain('not JSON');
    expect(message(await readRecipeFile(kitchen.db, 'x', '{"a":1}', 'US'))).toContain('no recipe');
    expect(message(await readRecipeFile(kitchen.db, 'x', 'y'.repeat(500_000), 'US'))).toContain('too large');
    const many = JSON.stringify(Array.from({ length: 501 }, (_, i) => ({ '@type': 'Recipe', name: `R ${i}` })));
    expect(message(await readRecipeFile(kitchen.db, 'x', many, 'US'))).toContain(
      '501 recipes in this file; at most 500',
    );
  });
  it('brings what the library does not have; until its allergens are confirmed, no cake that avoids something may have it', async () => {
    const recipe = JSON.stringify({
      ...{ '@type': 'Recipe', name: 'Moon cream', recipeInstructions: ['Beat 5 minutes.'] },
      recipeIngredient: ['200 g moon cheese', '100 g butter'],
    });
    const read = await readRecipeFile(kitchen.db, 'x.json', recipe, 'metric');
    if (!read.ok) throw new Error(read.message);
    const { form } = read.recipes[0]!;
    expect(form.fresh).toEqual([{ id: 'moon-cheese', name: 'Moon cheese', allergens: [], confirmed: false }]);
    const saved = await sendTo('save-formula', { ...form, purpose: 'filling', id: null, version: 0 });
    expect(saved).toMatchObject({ ok: true });
    const { loadKitchen } = await import('../situation/load-kitchen');
    const library = async () => (await loadKitchen(kitchen.db))!.library;
    expect((await library()).ingredients.get('moon-cheese')).toMatchObject({ unconfirmed: true, density: null });
    // An order that avoids alcohol may have anything in the cheese: refused. It is told what, and where.
    const { changePart } = await import('../orders/change-part');
    const { readOpenOrders } = await import('../../data/repositories/orders');
    const avoiding = (await readOpenOrders(kitchen.db)).find((o) => o.build === 'quince-tower' && o.avoid.length > 0)!;
    const swap = { kind: 'formula' as const, role: 'filling', formula: 'moon-cream' };
    const refused = await changePart(kitchen.db, avoiding.id, avoiding.version, swap);
    expect(message(refused)).toContain('not confirmed');
    const told = { ...form, name: 'Sun cream', fresh: [{ ...form.fresh[0]!, id: 'sun-cheese', name: 'Sun cheese' }] };
    const lines = [{ ingredient: 'sun-cheese', grams: 200 }];
    const fresh = [{ ...told.fresh[0]!, allergens: ['milk' as const], confirmed: true }];
    expect(
      await sendTo('save-formula', { ...told, lines, fresh, purpose: 'filling', id: null, version: 0 }),
    ).toMatchObject({ ok: true });
    const sun = (await library()).ingredients.get('sun-cheese')!;
    expect([sun.allergens, sun.unconfirmed]).toEqual([['milk'], undefined]);
  });
});
