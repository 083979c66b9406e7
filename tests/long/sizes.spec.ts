import { expect, test } from '../e2e/journey';
import { go } from '../e2e/go';
import { seriousFaults } from '../e2e/serious';

const VIEWS = [
  ['wall', '/'],
  ['bench', '/bench'],
  ['own bench', '/bench/bo'],
  ['orders', '/orders'],
  ['order', '/orders/4'],
  ['new order', '/orders/new'],
  ['pull list', '/pull-list'],
  ['formulas', '/formulas'],
  ['formula', '/formulas/quince-curd'],
  ['editor', '/formulas/quince-curd/edit'],
  ['import', '/formulas/import'],
  ['workbench', '/workbench'],
  ['kitchen', '/kitchen'],
] as const;
const SIZES = [
  [390, 844],
  [800, 1280],
  [1280, 800],
  [1920, 1080],
] as const;
for (const [name, path] of VIEWS)
  for (const [width, height] of SIZES)
    for (const colorScheme of ['light', 'dark'] as const)
      test(`${name} at ${width} × ${height}, ${colorScheme}`, async ({ page }) => {
        const said: string[] = [];
        page.on('pageerror', (error) => said.push(error.message));
        page.on('console', (m) => m.type() === 'error' && said.push(m.text()));
        await page.setViewportSize({ width, height });
        await page.emulateMedia({ colorScheme });
        await go(page, path);
        // Nothing of the page runs off to the side: what is wider scrolls within itself.
        const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        expect(over).toBeLessThanOrEqual(0);
        // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
        await expect.poll(() => seriousFaults(page), { timeout: 8000 }).toEqual([]);
        expect(said).toEqual([]);
      });
