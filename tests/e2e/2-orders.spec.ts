import { expect, test } from './journey';
import { go, orderPath } from './go';

test.describe('an order', () => {
  test('is begun by a flavour, says what is wrong beside the field, keeps what was typed, then is planned and answered', async ({
    page,
  }) => {
    await go(page, '/orders/new');
    const status = page.locator('.zl-compose-foot').getByRole('status');
    await expect(status).toContainText('Which cake shall it be?');
    await page.getByLabel('Customer').fill('Olga at the ferry');
    await page.getByLabel('A flavour, a cake, an older order').fill('plum');
    await page
      .getByRole('button', { name: /^Plum garden cake, no egg/ })
      .first()
      .click();
    await expect(page.getByTestId('section')).toBeVisible();
    await page.getByLabel('Portions', { exact: true }).fill('0');
    await page.getByLabel('Name of the order').click();
    await expect(page.getByText('At least one portion.')).toBeVisible();
    await expect(status).toContainText('How many portions?');
    await page.getByLabel('Portions', { exact: true }).fill('40');
    await expect(status).toContainText(/Can be ready|choose a larger one/);
    await page.getByRole('button', { name: 'Take the order' }).click();
    await expect(page.getByText(/It is called “[^”]+ \+ [^”]+”, after what is in it/)).toBeVisible();
    await expect(page.getByLabel('Customer')).toHaveValue('Olga at the ferry');
    await page.getByLabel('Name of the order').fill('Ferry farewell');

    // For so many it is made larger with one tap.
    await page.getByRole('button', { name: 'Make it large enough' }).click();
    await expect(status).toContainText(/Can be ready with .* to spare/);
    // What the eaters must not get is refused where it is chosen, with what would do.
    await page.getByLabel('The eaters must not get').click();
    await page.getByRole('option', { name: 'alcohol' }).click();
    await page.keyboard.press('Escape');
    await expect(status).toContainText('It contains alcohol');
    const clash = page.getByRole('alert').filter({ hasText: 'Plum compote: alcohol' });
    await clash.getByRole('button', { name: 'Raspberry compote instead' }).click();
    await expect(clash).toHaveCount(0);
    await page.getByLabel('Inscription').fill('Safe seas');
    await expect(status).toContainText(/Can be ready with .* to spare/);
    await page.getByRole('button', { name: 'Take the order' }).click();
    await page.waitForURL(/\/orders\/\d+$/);
    await expect(page.getByRole('heading', { name: 'Ferry farewell' })).toBeVisible();
    await expect(page.getByText('“Safe seas”').first()).toBeVisible();
    const own = page.getByRole('region', { name: 'The ladder of this order' });
    await expect(own.getByRole('button', { name: /^Write the inscription/ })).toBeAttached();
    await expect(page.getByText('without alcohol, as asked')).toBeVisible();

    await go(page, '/k/demo?look=week');
    await expect(page.getByRole('link', { name: 'Ferry farewell' })).toBeAttached();
  });

  test('explains its amounts, and shows its ladder and its cross-section', async ({ page }) => {
    await go(page, await orderPath(page, 'Abara christening'));
    await expect(page).toHaveTitle('Abara christening · Zest Ladder');
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
    await expect(page.getByRole('status').filter({ hasText: 'Cannot be ready' })).toBeVisible();
    const works = page.locator('#help').getByText(/Pickup .*→ on time/);
    await expect(works).toBeVisible();
    await page.locator('#help').getByRole('button', { name: 'Do this' }).last().click();
    await expect(page.getByRole('status').filter({ hasText: /Can be ready/ })).toBeVisible();
  });

  test('is for more people: the cake that it has grows with one tap, and comes back with another', async ({ page }) => {
    const path = await orderPath(page, 'Abara christening');
    await go(page, `${path}/edit`);
    const status = page.locator('.zl-compose-foot').getByRole('status');
    const size = page.locator('.zl-section').getByText(/^round \d+ cm$/);
    await expect(size.first()).toBeVisible();
    const before = await size.allTextContents();
    await page.getByLabel('Portions', { exact: true }).fill('110');
    await expect(status).toContainText(/This gives \d+ portions: choose a larger one\./);
    await page.getByRole('button', { name: 'Make it large enough' }).click();
    await expect(status).not.toContainText('choose a larger one');
    await expect(size).not.toHaveText(before);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(size).toHaveText(before);
    await expect(status).toContainText('choose a larger one');
  });

  test('is not overwritten by a stale edit', async ({ page, context }) => {
    const eight = await orderPath(page, 'Rowing eight');
    await go(page, `${eight}/edit`);
    const other = await context.newPage();
    await go(other, `${eight}/edit`);
    await other.getByLabel('Inscription').fill('A hundred years');
    await other.getByRole('button', { name: 'Save the change' }).click();
    await other.waitForURL(`**${eight}`);
    await page.getByLabel('Inscription').fill('Mine');
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(page.getByText('Somebody else has changed this order')).toBeVisible();
    await expect(page.getByLabel('Inscription')).toHaveValue('Mine');
    await go(other, eight);
    await expect(other.getByText('“A hundred years”')).toBeVisible();
  });

  test('takes another formula, an amount by hand, a school of its own, and gives them back', async ({ page }) => {
    await go(page, await orderPath(page, 'Varga anniversary'));
    const amount = page.getByRole('button', { name: /^Honey buttercream:/ });
    const computed = (await amount.textContent())!;
    await amount.click();
    await page.getByLabel('Amount by hand, g').fill('none');
    await expect(page.getByText('Grams above 0, at most 200 kg.')).toBeVisible();
    await page.getByLabel('Amount by hand, g').fill('1900');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(page.getByText(/Set by hand to 1\u2009900 g; computed/)).toBeVisible();
    await page.getByRole('button', { name: 'Back to computed' }).click();
    await expect(amount).toHaveText(computed);
    await expect(page.getByText('Of it', { exact: true })).toBeVisible();

    // Levelling takes nothing off the finished cake: it takes more batter, and leaves trimmings.
    const section = page.getByText(/121 mm high .* 3\.0 kg, and 0\.2 kg of board/);
    const trimmings = page.getByText(/^\d+ g trimmings of Walnut sponge/);
    const sponge = page.getByRole('button', { name: /^Walnut sponge:/ });
    await expect(section).toBeVisible();
    await expect(trimmings).toBeVisible();
    const trimmed = (await sponge.textContent())!;
    await page.getByLabel('Domed layers').click();
    await page.getByRole('option', { name: 'Cool upside down' }).click();
    await expect(trimmings).toHaveCount(0);
    await expect(section).toBeVisible();
    await expect(sponge).not.toHaveText(trimmed);
  });
});
