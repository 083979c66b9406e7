import type { Page } from './journey';

/** Opens a page and waits until it is alive. */
export async function go(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.locator('[data-hydrated]').first().waitFor();
}

/** Goes to a step of an order's form. */
export async function step(page: Page, name: string): Promise<void> {
  await page.getByRole('list', { name: 'Steps of the order' }).getByRole('button', { name }).click();
}
