import { readFileSync } from 'node:fs';
import { expect, test } from '../e2e/journey';
import { go } from '../e2e/go';

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
const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

/** Runs in the page. What of a rung's text has no room is cut off, and would be measured against what lies beneath the rung. */
async function serious(): Promise<string[]> {
  const { axe } = window as unknown as {
    axe: { run: (where: object, how: object) => Promise<{ violations: { id: string; impact: string }[] }> };
  };
  const { violations } = await axe.run({ exclude: [['[data-step] > span']] }, { runOnly: ['wcag2a', 'wcag2aa'] });
  return violations.filter((v) => ['serious', 'critical'].includes(v.impact)).map((v) => v.id);
}

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
        await page.evaluate(axe);
        // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
        await expect.poll(() => page.evaluate(serious), { timeout: 8000 }).toEqual([]);
        expect(said).toEqual([]);
      });
