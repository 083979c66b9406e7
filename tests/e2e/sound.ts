import { expect, type Page } from '@playwright/test';
import { go } from './go';
import { faults } from './faults';

/** Opens a view: nothing of it complains, nothing runs off to the side, nobody is shut out. */
export async function expectSound(page: Page, path: string): Promise<void> {
  const said: string[] = [];
  page.on('pageerror', (error) => said.push(error.message));
  page.on('console', (m) => m.type() === 'error' && said.push(m.text()));
  await go(page, path);
  await expectNothingBeside(page);
  // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
  await expect.poll(() => faults(page), { timeout: 25_000 }).toEqual([]);
  expect(said).toEqual([]);
}

/** Nothing makes the page scroll sideways; what is wider scrolls within itself. */
export async function expectNothingBeside(page: Page): Promise<void> {
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), { timeout: 8000 })
    .toBeLessThanOrEqual(0);
}
