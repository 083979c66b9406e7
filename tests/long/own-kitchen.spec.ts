import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { bringInABakery } from '../e2e/bring-in';
import { go } from '../e2e/go';
import { expect, alone as test } from '../e2e/journey';
import { serve } from '../e2e/kitchen-server.mjs';

test('a bakery that brought itself in finds all of it beside itself, after a restart, and in a second folder', async ({
  page,
}) => {
  test.setTimeout(600_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-empty-'));
  const elsewhere = mkdtempSync(path.join(tmpdir(), 'zest-ladder-elsewhere-'));
  const port = 3250 + test.info().parallelIndex;
  let server = await serve(port, folder, { ZEST_DEMO: '0' });
  try {
    const own = await bringInABakery(page, server.url);

    // Taken out, and brought in beside itself: the same kitchen once more.
    await go(page, own('/kitchen/file'));
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Back up this kitchen' }).click();
    const backup = path.join(folder, 'backup.zip');
    await (await download).saveAs(backup);
    await page.locator('input[type=file]').setInputFiles(backup);
    await expect(page.getByText(/4 people, .* 1 orders/)).toBeVisible();
    await page.getByRole('button', { name: 'Make it a kitchen of its own' }).click();
    await expect(page).toHaveURL(/\/k\/sorrel-yard-2\/kitchen$/);
    await go(page, `${server.url}/k/sorrel-yard-2?look=week`);
    await expect(page.getByRole('link', { name: 'Weir picnic' })).toBeAttached();

    await server.stop();
    server = await serve(port, folder, { ZEST_DEMO: '0' });
    await go(page, own('?look=week'));
    await expect(page.getByRole('link', { name: 'Weir picnic' })).toBeAttached();
    await go(page, own('/kitchen/people'));
    await expect(page.getByRole('link', { name: /Una/ })).toContainText('40 h on 5 days a week');

    // Into a second empty folder: there it is the same kitchen, word for word.
    const whole = (at: string) =>
      page.request.get(`${at}/api/kitchen-file?as=json`).then((r) => r.json() as Promise<unknown>);
    const first = await whole(own(''));
    await server.stop();
    server = await serve(port, elsewhere, { ZEST_DEMO: '0' });
    await go(page, `${server.url}/`);
    await page.locator('input[type=file]').setInputFiles(backup);
    await page.getByRole('button', { name: 'Make it a kitchen of its own' }).click();
    await expect(page).toHaveURL(own('/kitchen'));
    expect(await whole(own(''))).toEqual(first);
    await go(page, own('?look=week'));
    await expect(page.getByRole('link', { name: 'Weir picnic' })).toBeAttached();
  } finally {
    await server.stop();
    for (const each of [folder, elsewhere]) rmSync(each, { recursive: true, force: true });
  }
});
