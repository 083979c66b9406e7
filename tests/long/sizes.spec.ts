import { test } from '../e2e/journey';
import { expectNothingBeside, expectSound } from '../e2e/sound';
import { VIEWS } from '../e2e/views';

const USUAL = [1280, 800] as const;
/** Width, height. What nobody is shut out of is looked for at the narrowest, the usual, and in a window in which everything is twice as large. */
const LOOKED_THROUGH = [USUAL, [390, 844], [640, 400]] as const;
/** Between those only what would run off to the side can change. */
const BETWEEN = [
  [800, 1280],
  [1024, 768],
  [1920, 1080],
] as const;

test.use({ orders: 'whole' });
// They only look: every worker takes its share.
test.describe.configure({ mode: 'parallel' });

for (const [name, path] of VIEWS) {
  test(name, async ({ page }) => {
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

  // The theme changes colours, and nothing has another size by it.
  test(`${name}, dark`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'dark' });
    await page.setViewportSize({ width: USUAL[0], height: USUAL[1] });
    await expectSound(page, path);
  });
}
