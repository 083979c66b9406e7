import { extractText } from 'unpdf';
import { openKitchenOfFew, orderCalled } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { insertPicture } = await import('../../data/repositories/pictures');
const { loadRunSheet } = await import('./run-sheet');
const { runSheetFile } = await import('./run-sheet-pdf');
const { loadPlanned } = await import('../plan/load-planned');
const { isOf, orderId } = await import('../../core/ids/ids');

afterAll(() => kitchen.close());

const DOT = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

describe('the run sheet of an order', () => {
  it('has its rungs in their order, with who, when and what to take care of', async () => {
    const order = await orderCalled('Orchard wedding');
    const sheet = (await loadRunSheet(kitchen.db, order))!;
    const { plan } = (await loadPlanned(kitchen.db))!;
    const own = plan!.plan.steps.filter((s) => isOf(s.id, orderId(order)));
    expect(sheet.rows.map((r) => r.step)).toEqual(expect.arrayContaining(own.map((s) => s.id)));
    expect(sheet.rows.filter((r) => r.when === null)).toEqual([]);
    const at = (step: string) => plan!.plan.steps.find((s) => s.id === step)!.start;
    expect(sheet.rows.map((r) => at(r.step))).toEqual([...sheet.rows.map((r) => at(r.step))].sort((a, b) => a - b));
  });

  it('is printed with what was agreed, its pictures and its parts', async () => {
    const order = await orderCalled('Orchard wedding');
    const picture = (type: string, words: string) => ({
      ...{ order, words, type, width: 1, height: 1, addedAt: new Date('2027-05-01T10:00:00Z') },
      bytes: new Uint8Array(Buffer.from(DOT, 'base64')),
    });
    await insertPicture(kitchen.db, picture('image/png', 'The arch'));
    await insertPicture(kitchen.db, picture('image/webp', 'The table'));
    const file = (await runSheetFile(kitchen.db, order))!;
    expect(file.name).toBe(`run-sheet-${order}.pdf`);
    const text = (await extractText(new Uint8Array(file.content as Uint8Array), { mergePages: true })).text;
    for (const there of ['Orchard wedding', 'The arch', 'The table', 'a picture that only screens show', 'Its rungs'])
      expect(text).toContain(there);
    for (const part of (await loadRunSheet(kitchen.db, order))!.order.parts) expect(text).toContain(part.label);
    expect(await runSheetFile(kitchen.db, 4000)).toBeNull();
  });
});
