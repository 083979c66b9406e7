import { expect, test } from './journey';

test('an address from when there was one kitchen only leads to it', async ({ page }) => {
  await page.goto('/orders?ask=1');
  await expect(page).toHaveURL(/\/k\/demo\/orders\?ask=1$/);
  expect((await page.goto('/k/nobody/orders'))?.status()).toBe(404);
  await expect(page.getByRole('heading', { name: 'No such kitchen' })).toBeVisible();
  await page.getByRole('link', { name: 'The kitchens that are here' }).click();
  await page.getByRole('link', { name: /Quillfennel Bakehouse/ }).click();
  await expect(page.getByRole('heading', { name: 'The wall' })).toBeVisible();
  await expect(page).toHaveURL(/\/k\/demo$/);
});
