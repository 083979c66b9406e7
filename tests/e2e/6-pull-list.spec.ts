import { extractText } from 'unpdf';
import { expect, test } from './journey';
import { go } from './go';

test.use({ orders: 'whole' });

test.describe('the pull list', () => {
  test('keeps its ticks over a reload', async ({ page }) => {
    await go(page, '/pull-list?days=3');
    const weigh = page.getByRole('region', { name: 'Weigh out' });
    const first = weigh.getByRole('checkbox').first();
    const label = (await first.getAttribute('aria-label'))!;
    const kept = () => page.waitForResponse((r) => r.request().method() === 'POST' && r.ok());
    await Promise.all([kept(), first.check()]);
    await page.reload();
    await expect(page.getByRole('checkbox', { name: label, exact: true }).first()).toBeChecked();
    await Promise.all([kept(), page.getByRole('checkbox', { name: label, exact: true }).first().uncheck()]);
    await page.reload();
    await expect(page.getByRole('checkbox', { name: label, exact: true }).first()).not.toBeChecked();
  });

  test('adds up eggs and shopping, and prints as PDF', async ({ page, request }) => {
    await go(page, '/pull-list?days=5');
    await expect(page.getByRole('region', { name: 'Egg ledger' })).toContainText(/Crack \d+ eggs/);
    await expect(page.getByRole('region', { name: 'To buy' })).toContainText('in the house');
    await expect(page.getByRole('region', { name: /^Take out/ })).toContainText('out of the cold');
    const pdf = await request.get('/k/demo/api/pull-list?days=2');
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    const { text, totalPages } = await extractText(new Uint8Array(await pdf.body()), { mergePages: true });
    expect(totalPages).toBeGreaterThan(0);
    // What stands on the screen stands on the paper: every batch that is weighed, and the eggs.
    await go(page, '/pull-list?days=2');
    const boxes = await page.getByRole('region', { name: 'Weigh out' }).getByRole('checkbox').all();
    const names = await Promise.all(boxes.map(async (b) => (await b.getAttribute('aria-label'))!.split(' for ')[0]!));
    expect(names.length).toBeGreaterThan(3);
    for (const name of names) expect(text).toContain(name);
    expect(text).toMatch(/Crack \d+ of \d+ g/);
  });

  test('offers one batch for several orders; accepted it is one rung on each of their ladders, and can be split', async ({
    page,
  }) => {
    await go(page, '/pull-list?days=5');
    const batches = page.getByRole('region', { name: 'Batches' });
    await expect(batches).toContainText(/saves/);
    await batches.getByRole('button', { name: 'Make one batch' }).first().click();
    await expect(batches).toContainText('in one batch');
    const members = (await batches.getByText(/ \+ /).first().textContent())!;
    await expect(page.getByRole('region', { name: 'Weigh out' })).toContainText(members);
    await go(page, '/orders');
    await page.getByRole('link', { name: members.split(' + ')[1]! }).click();
    await expect(page.getByText(/one batch with/).first()).toBeVisible();
    await go(page, '/pull-list?days=5');
    await batches.getByRole('button', { name: 'Split again' }).click();
    await expect(batches.getByRole('button', { name: 'Split again' })).toHaveCount(0);
  });
});
