import { test } from '../e2e/journey';
import { expectNothingBeside, expectSound } from '../e2e/sound';
import { VIEWS } from '../e2e/views';

/** Width, height. What nobody is shut out of is looked for at the narrowest, the usual, and in a window in which everything is twice as large. */
const LOOKED_THROUGH = [
  [1280, 800],
  [390, 844],
  [640, 400],
] as const;
/** Between those only what would run off to the side can change. */
const BETWEEN = [
  [800, 1280],
  [1024, 768],
  [1920, 1080],
] as const;

for (const [name, path] of VIEWS)
  for (const colorScheme of ['light', 'dark'] as const)
    test(`${name}, ${colorScheme}`, async ({ page }) => {
      await page.emulateMedia({ colorScheme });
      for (const [width, height] of LOOKED_THROUGH)
        await test.step(`${width} × ${height}`, async () => {
          await page.setViewportSize({ width, height });
          await expectSound(page, path);
        });
      for (const [width, height] of BETWEEN)
        await test.step(`${width} × ${height}`, async () => {
          await page.setViewportSize({ width, height });
          await expectNothingBeside(page);
        });
    });
