import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { go } from '../e2e/go';
import { expect, alone as test } from '../e2e/journey';
import { serve } from '../e2e/kitchen-server.mjs';

/** Late in the day of the journeys. */
const EVENING = { ZEST_CLOCK: '2027-05-20T17:25:00Z' };

test('a finished order is handed over, leaves the wall, and stays away when the server is killed', async ({
  page,
}, info) => {
  test.setTimeout(400_000);
  const port = 3244 + info.parallelIndex;
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-'));
  let server = await serve(port, folder, EVENING);
  try {
    await go(page, `${server.url}/orders`);
    await page.getByRole('link', { name: 'Pell birthday' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'It is ready.' })).toBeVisible();
    await page.getByRole('button', { name: 'Hand over' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Handed over' })).toBeVisible();
    await server.stop('SIGKILL');

    server = await serve(port, folder, EVENING);
    await go(page, `${server.url}/`);
    await expect(page.getByRole('link', { name: 'Lindqvist silver' })).toBeAttached();
    await expect(page.getByRole('link', { name: 'Pell birthday' })).toHaveCount(0);
    await go(page, `${server.url}/orders`);
    await page.getByRole('button', { name: 'Bring back Pell birthday' }).click();
    await expect(page.getByRole('button', { name: 'Bring back Pell birthday' })).toHaveCount(0);
    await go(page, `${server.url}/`);
    await expect(page.getByRole('link', { name: 'Pell birthday' })).toBeAttached();

    // An order with work left cannot be handed over.
    await page.getByRole('link', { name: 'Abara christening' }).click();
    await expect(page.getByRole('button', { name: 'Hand over' })).toBeDisabled();
  } finally {
    await server.stop('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  }
});
