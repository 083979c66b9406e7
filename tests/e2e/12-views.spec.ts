import { test } from './journey';
import { expectSound } from './sound';
import { FIRST_VIEWS } from './views';

test.use({ orders: 'whole' });

// All views, other sizes and the dark theme are in `npm run test:long`.
for (const [name, path] of FIRST_VIEWS)
  test(`${name}: nobody is shut out`, async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await expectSound(page, path);
  });
