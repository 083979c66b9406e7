import { expect, type Page } from '@playwright/test';
import { go } from './go';
import { faults } from './faults';

/** Opens a view: nothing of it complains, nothing runs off to the side, nobody is shut out. */
export async function expectSound(page: Page, path: string): Promise<void> {
  const said: string[] = [];
  page.on('pageerror', (error) => said.push(error.message));
  page.on('console', (m) => m.type() === 'error' && said.push(m.text()));
  await go(page, path);
  // What is wider scrolls within itself.
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(over).toBeLessThanOrEqual(0);
  // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
  await expect.poll(() => faults(page), { timeout: 8000 }).toEqual([]);
  expect(said).toEqual([]);
}
