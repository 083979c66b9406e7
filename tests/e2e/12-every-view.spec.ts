import { test } from './journey';
import { expectSound } from './sound';
import { VIEWS } from './views';

// Other sizes, and the dark theme, in `npm run test:long`.
for (const [name, path] of VIEWS)
  test(`${name}: nobody is shut out`, async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await expectSound(page, path);
  });
