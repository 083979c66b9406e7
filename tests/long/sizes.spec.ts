import { test } from '../e2e/journey';
import { expectSound } from '../e2e/sound';
import { VIEWS } from '../e2e/views';

/** Width, height; the last is a window of 1280 × 800 in which everything is twice as large. */
const SIZES = [
  [390, 844],
  [800, 1280],
  [1024, 768],
  [1280, 800],
  [1920, 1080],
  [640, 400],
] as const;
for (const [name, path] of VIEWS)
  for (const [width, height] of SIZES)
    for (const colorScheme of ['light', 'dark'] as const)
      test(`${name} at ${width} × ${height}, ${colorScheme}`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await page.emulateMedia({ colorScheme });
        await expectSound(page, path);
      });
