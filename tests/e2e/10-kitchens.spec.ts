import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { restoreDump } from '../../src/data/testing/restore-dump';
import { expect, test } from './journey';
import { serve } from './kitchen-server.mjs';

test('an address from when there was one kitchen only leads to it', async ({ page }) => {
  await page.goto('/orders?ask=1');
  await expect(page).toHaveURL(/\/k\/demo\/orders\?ask=1$/);
  expect((await page.goto('/k/nobody/orders'))?.status()).toBe(404);
  await expect(page.getByRole('heading', { name: 'No such kitchen' })).toBeVisible();
  await page.getByRole('link', { name: 'The kitchens that are here' }).click();
  await page.getByRole('link', { name: /The Copper Whisk/ }).click();
  await expect(page.getByRole('heading', { name: 'The wall' })).toBeVisible();
  await expect(page).toHaveURL(/\/k\/demo$/);
});

test('the demo is loaded beside a kitchen of one’s own, and neither knows what is done in the other', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-own-'));
  await (await restoreDump(2, path.join(folder, 'pg'), 'Quay Street Cakes')).close();
  const server = await serve(3230 + test.info().parallelIndex, folder, { ZEST_DEMO: '0' });
  const own = (place: string) => `${server.url}/k/quay-street-cakes${place}`;
  const demo = (place: string) => `${server.url}/k/demo${place}`;
  try {
    await page.goto(`${server.url}/`);
    await expect(page).toHaveURL(own(''));
    await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
    await page.getByRole('link', { name: 'Other kitchens' }).click();
    await page.getByRole('button', { name: 'Load the demo kitchen' }).click();
    await expect(page).toHaveURL(demo(''), { timeout: 90_000 });
    await expect(page.getByRole('link', { name: 'The Copper Whisk: go to another kitchen' })).toBeVisible();

    // A line ticked off in the demo is still to be weighed in one's own; both have an order 4, each its own.
    await page.goto(demo('/orders/4'));
    await page.getByRole('link', { name: 'Change' }).click();
    await page.getByLabel('Name on the ladder').fill('Renamed in the demo');
    await page.getByRole('button', { name: /Save/ }).click();
    await expect(page.getByRole('heading', { name: 'Renamed in the demo' })).toBeVisible();
    await expect(page).toHaveURL(demo('/orders/4'));
    await page.goto(own('/orders/4'));
    await expect(page.getByRole('heading', { name: 'Abara christening' })).toBeVisible();
    await page.goto(`${server.url}/orders/4`);
    await expect(page).toHaveURL(own('/orders/4'));

    await page.goto(`${server.url}/kitchens`);
    await expect(page.getByRole('listitem')).toHaveText([/Quay Street Cakes/, /The Copper Whisk/]);
    await expect(page.getByRole('button', { name: 'Load the demo kitchen' })).toHaveCount(0);
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
