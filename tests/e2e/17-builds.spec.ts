import { expect, test } from './journey';
import { beginWith, go } from './go';
import { OnTheSection } from './on-the-section';

test('a build is composed from nothing, says what may vary, is ordered from, changed, and taken out of use', async ({
  page,
}) => {
  const on = new OnTheSection(page);
  await go(page, '/kitchen');
  await page
    .getByRole('navigation', { name: 'Sections of the kitchen' })
    .getByRole('link', { name: /^Builds/ })
    .click();
  await expect(page.getByRole('link', { name: /Walnut ganache cake/ })).toContainText('in all round tins');
  await page.getByRole('link', { name: 'Compose a build' }).click();

  // It begins as a plain cake; a coat is put on, and the second gap gets something else.
  await page.getByTestId('section').waitFor();
  await on.add('Final coat', /buttercream/i);
  await expect(on.works).toContainText('Final coat');
  await page.getByRole('button', { name: 'Save the build' }).click();
  await expect(page.getByText('What is it called?')).toBeVisible();
  await page.getByLabel('Name').fill('Fennimore cake');
  await page.getByLabel('In a sentence').fill('Our plain one.');
  await page.getByLabel('In which sizes').click();
  await page.getByRole('option', { name: 'Some sizes' }).click();
  await page.getByRole('button', { name: 'Save the build' }).click();
  await expect(page.getByText('Which sizes? One at least.')).toBeVisible();
  const sizes = page.getByRole('region', { name: 'Sizes' });
  await sizes.getByRole('button', { name: 'round 20 cm' }).click();
  await sizes.getByRole('button', { name: 'round 24 cm' }).click();
  await page.getByRole('button', { name: 'Save the build' }).click();
  const card = page.getByRole('link', { name: /Fennimore cake/ });
  await expect(card).toContainText('round 20 cm, round 24 cm');

  // An order begins from it.
  await go(page, '/orders/new');
  await beginWith(page, 'fennimore', /^Fennimore cake/);
  await expect(on.works).toContainText('Final coat');
  const href = await on.take('Fennimore for Ida');

  // The build is changed: the order stays as it is, and what was changed can be put back.
  await go(page, '/kitchen/builds');
  await expect(card).toContainText('1 open order');
  await card.click();
  await expect(page.getByText('1 open order began from it: they stay as they are.')).toBeVisible();
  await page.getByTestId('section').waitFor();
  await on.works.getByRole('button', { name: /Final coat/ }).click();
  await on.touched.getByRole('button', { name: 'Take it out' }).click();
  await expect(on.works).not.toContainText('Final coat');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(on.works).toContainText('Final coat');
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('button', { name: 'Save the build' }).click();
  await expect(page.getByText('Fennimore cake was changed')).toBeVisible();
  await page.goto(href);
  await expect(page.getByRole('main')).toContainText('Final coat');
  await go(page, '/kitchen/builds');
  await page.locator('.zl-last-change').getByRole('button', { name: 'Undo' }).click();
  await card.click();
  await page.getByTestId('section').waitFor();
  await expect(on.works).toContainText('Final coat');

  // Out of use it is offered no more.
  await page.getByRole('button', { name: 'Take out of use' }).click();
  await page.getByText('Out of use: 1').click();
  await expect(card).toBeVisible();
  await go(page, '/orders/new');
  await page.getByLabel('A flavour, a cake, an older order').fill('fennimore');
  await expect(page.getByText(/Nothing here is called “fennimore”/)).toBeVisible();
});

test('work on cakes is made the kitchen’s own, and goes on a cake', async ({ page }) => {
  const on = new OnTheSection(page);
  await go(page, '/kitchen/work');
  await page.getByRole('link', { name: /^Drip/ }).click();
  await page.getByRole('link', { name: 'New work like this' }).click();
  await expect(page.getByRole('heading', { name: 'New work, like Drip' })).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('What is it called?')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Honey drip');
  await page.getByLabel('On the rung').fill('Honey drops');
  await page.getByLabel('How, as the bench reads it').fill('From a warm spoon, five drops a side.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('link', { name: /Honey drip/ })).toContainText('your own');

  await go(page, '/orders/new');
  await beginWith(page, 'walnut', /^Walnut ganache cake/);
  await page.getByTestId('section').waitFor();
  await on.add('Honey drip', /ganache|glaze/i);
  await expect(on.works).toContainText('Honey drip');
  await page.goto(await on.take('Dripped for Ida'));
  await expect(page.getByRole('main')).toContainText('Honey drops');
});
