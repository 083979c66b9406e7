import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { go } from './go';

const PORT = 3218;
const SITE = `http://127.0.0.1:${PORT}`;

/** A kitchen of its own, late in the day, that can be killed. */
async function serve(folder: string): Promise<ChildProcess> {
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-p', String(PORT), '-H', '127.0.0.1'],
    {
      env: { ...process.env, ZEST_DATA: folder, ZEST_DEMO: '1', ZEST_CLOCK: '2027-05-20T17:25:00Z', TZ: 'UTC' },
    },
  );
  for (let i = 0; i < 120; i++) {
    const up = await fetch(`${SITE}/orders`)
      .then((r) => r.ok)
      .catch(() => false);
    if (up) return server;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  throw new Error('the server did not come up');
}

const ended = (server: ChildProcess) =>
  new Promise((resolve) => (server.exitCode === null ? server.once('exit', resolve) : resolve(null)));

test('a finished order is handed over, leaves the wall, and stays away when the server is killed', async ({ page }) => {
  test.setTimeout(150_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-'));
  let server = await serve(folder);
  try {
    await go(page, `${SITE}/orders`);
    await page.getByRole('link', { name: 'Pell birthday' }).click();
    await expect(page.getByRole('status')).toContainText('It is ready.');
    await page.getByRole('button', { name: 'Hand over' }).click();
    await expect(page.getByRole('status')).toContainText('Handed over');
    server.kill('SIGKILL');
    await ended(server);

    server = await serve(folder);
    await go(page, `${SITE}/`);
    await expect(page.getByRole('link', { name: 'Lindqvist silver' })).toBeAttached();
    await expect(page.getByRole('link', { name: 'Pell birthday' })).toHaveCount(0);
    await go(page, `${SITE}/orders`);
    await page.getByRole('button', { name: 'Bring Pell birthday back' }).click();
    await expect(page.getByRole('button', { name: 'Bring Pell birthday back' })).toHaveCount(0);
    await go(page, `${SITE}/`);
    await expect(page.getByRole('link', { name: 'Pell birthday' })).toBeAttached();

    // An order with work left cannot be handed over.
    await page.getByRole('link', { name: 'Abara christening' }).click();
    await expect(page.getByRole('button', { name: 'Hand over' })).toBeDisabled();
  } finally {
    server.kill('SIGKILL');
    await ended(server);
    rmSync(folder, { recursive: true, force: true });
  }
});
