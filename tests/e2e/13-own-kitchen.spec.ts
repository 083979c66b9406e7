import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { bringInABakery } from './bring-in';
import { go } from './go';
import { expect, alone as test } from './journey';
import { serve } from './kitchen-server.mjs';

// That all of it is there after a restart, and in a second folder, is in `npm run test:long`.
test('a bakery brings itself in from an empty folder, and takes an order', async ({ page }, info) => {
  test.setTimeout(240_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-empty-'));
  const server = await serve(3250 + info.parallelIndex, folder, { ZEST_DEMO: '0' });
  try {
    const own = await bringInABakery(page, server.url);
    await go(page, own('?look=week'));
    await expect(page.getByRole('link', { name: 'Weir picnic' })).toBeAttached();
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
