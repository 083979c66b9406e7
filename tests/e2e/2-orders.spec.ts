import { expect, test } from '@playwright/test';
import { go } from './go';

test.describe('an order', () => {
  test('says what is wrong beside the field, keeps what was typed, then is planned and answered', async ({ page }) => {
    await go(page, '/orders/new');
    await page.getByLabel('Customer').fill('Olga at the ferry');
    await page.getByLabel('Portions').fill('0');
    await page.getByRole('button', { name: 'Save and plan' }).click();
    await expect(page.getByText('Give the ladder a name')).toBeVisible();
    await expect(page.getByText('At least one portion.')).toBeVisible();
    await expect(page.getByLabel('Customer')).toHaveValue('Olga at the ferry');

    await page.getByLabel('Name of the ladder').fill('Ferry farewell');
    await page.getByLabel('Portions').fill('10');
    await page.getByLabel('Build').click();
    await page.getByRole('option', { name: 'Plum garden cake, no egg' }).click();
    await expect(page.getByLabel('Shape and size')).toContainText('portions');
    await page.getByLabel('Inscription').fill('Safe seas');
    await page.getByLabel('alcohol').check();
    await page.getByRole('button', { name: 'Save and plan' }).click();
    await expect(page.getByText(/contains alcohol \(Plum compote\)/)).toBeVisible();
    await expect(page.getByLabel('Inscription')).toHaveValue('Safe seas');

    await page.getByLabel('alcohol').uncheck();
    await page.getByLabel('egg', { exact: true }).check();
    await page.getByRole('button', { name: 'Save and plan' }).click();
    await page.waitForURL(/\/orders\/\d+$/);
    await expect(page.getByRole('heading', { name: 'Ferry farewell' })).toBeVisible();
    await expect(page.getByRole('status')).toContainText(/Can be ready with .* to spare/);
    await expect(page.getByText('without egg, as asked')).toBeVisible();

    await go(page, '/');
    await expect(page.getByRole('link', { name: 'Ferry farewell' })).toBeAttached();
  });

  test('explains its amounts, and shows its ladder and its cross-section', async ({ page }) => {
    await go(page, '/orders/4');
    await expect(page.getByRole('img', { name: /Cross-section: 2 tiers/ })).toBeVisible();
    await page.getByRole('button', { name: /^Vanilla buttercream:/ }).click();
    await expect(page.getByText(/side .* cm² \+ top .* cm².*0\.95 g\/ml/)).toBeVisible();
    const ladder = page.getByRole('region', { name: 'The ladder of this order' });
    await expect(ladder.getByRole('button', { name: /^Crumb coat/ })).toBeAttached();
    await expect(ladder).toContainText('Elderflower soak');
  });

  test('that cannot be ready gets remedies that were tried, one tap away', async ({ page }) => {
    await go(page, '/orders');
    await page.getByRole('link', { name: 'Moss engagement' }).click();
    await expect(page.getByRole('status')).toContainText('Cannot be ready');
    const works = page.locator('#help').getByText(/Pickup .*→ on time/);
    await expect(works).toBeVisible();
    await page.locator('#help').getByRole('button', { name: 'Do this' }).last().click();
    await expect(page.getByRole('status')).toContainText(/Can be ready/);
  });

  test('is not overwritten by a stale edit', async ({ page, context }) => {
    await go(page, '/orders/10/edit');
    const other = await context.newPage();
    await go(other, '/orders/10/edit');
    await other.getByLabel('Inscription').fill('A hundred years');
    await other.getByRole('button', { name: 'Save the change' }).click();
    await other.waitForURL(/\/orders\/10$/);
    await page.getByLabel('Inscription').fill('Mine');
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(page.getByText('Somebody else has changed this order')).toBeVisible();
    await expect(page.getByLabel('Inscription')).toHaveValue('Mine');
    await go(other, '/orders/10');
    await expect(other.getByText('“A hundred years”')).toBeVisible();
  });
});
