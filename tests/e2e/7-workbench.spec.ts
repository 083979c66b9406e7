import { expect, test } from './journey';
import { go } from './go';

test.describe('the workbench', () => {
  test('reckons as one types, with units, and says what is wrong', async ({ page }) => {
    await go(page, '/workbench?calc=tin-swap');
    const results = page.getByLabel('Results');
    await expect(results).toContainText('1.572');
    await expect(results).toContainText('1\u2009415 g');
    await page.getByLabel('diameter, mm').first().fill('8 in');
    await expect(results).toContainText('1.233');
    await page.getByLabel('Formula weighs, g').fill('some');
    await expect(page.getByText('“some” is not a quantity.').first()).toBeVisible();
    await expect(page.getByLabel('Formula weighs, g')).toHaveValue('some');
  });

  test('draws a cutting plan to scale', async ({ page }) => {
    await go(page, '/workbench?calc=cutting');
    await expect(page.getByRole('img', { name: 'Sheet of 600 × 400 mm with 6 pieces' })).toBeVisible();
  });

  test('gives panels as templates at 1 : 1', async ({ page, request }) => {
    await go(page, '/workbench?calc=panels-box');
    await expect(page.getByRole('img', { name: '2 × long side, 2 × short side, 1 × lid' })).toBeVisible();
    const href = (await page.getByRole('link', { name: 'PDF at 1 : 1' }).getAttribute('href'))!;
    const pdf = await (await request.get(href)).body();
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    const svg = await (await request.get(`${href}&page=0`)).text();
    expect(svg).toContain('width="210mm"');
    expect(
      (await request.get('/k/demo/api/templates?calc=panels-box&fields=%7B%22thickness%22%3A%22x%22%7D')).status(),
    ).toBe(422);
  });

  test('everything is found by a slash', async ({ page }) => {
    await go(page, '/orders');
    await page.keyboard.press('/');
    const find = page.getByRole('combobox', { name: 'Orders, formulas, people, ingredients, commands' });
    await find.fill('gelatine');
    await expect(page.getByRole('option', { name: /^Gelatine/ }).first()).toBeVisible();
    await find.fill('bloom');
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('option', { selected: true })).toHaveCount(1);
    // Mistyped, and on the way by keys: the work goes on at the page that was found.
    await find.fill('orchrad weding');
    await expect(page.getByRole('option', { selected: true })).toHaveText(/^Orchard wedding/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Orchard wedding' })).toBeVisible();
    await expect(find).toBeHidden();
    await expect(page.locator('#main')).toBeFocused();
    await page.keyboard.press('/');
    await find.fill('odile');
    await expect(page.getByRole('option', { name: /^Odile/ })).toBeVisible();
    await find.fill('cornflour');
    await page.getByRole('option', { name: /^Cornflour in \d+ formulas/ }).click();
    await expect(page.getByRole('heading', { name: 'Cornflour' })).toBeVisible();
    await page.getByRole('link', { name: 'Show the formulas' }).click();
    await expect(page.getByLabel('Find by name, ingredient, cake, allergen')).toHaveValue('Cornflour');
    await expect(page.getByRole('link', { name: /Butter genoise|sponge|custard/ }).first()).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('takes it up');
  });
});

test('what could not be read is said, and asked for again', async ({ page }) => {
  await go(page, '/orders');
  await page.route('**/api/search', (route) => route.abort());
  await page.keyboard.press('/');
  const said = page.getByRole('dialog', { name: 'Find anything' }).getByRole('alert');
  await expect(said).toContainText('Nothing can be found now: The server did not answer.', { timeout: 15_000 });
  await page.unroute('**/api/search');
  await said.getByRole('button', { name: 'Ask again' }).click();
  await page.getByRole('combobox', { name: 'Orders, formulas, people, ingredients, commands' }).fill('gelatine');
  await expect(page.getByRole('option', { name: /^Gelatine/ }).first()).toBeVisible();
  await expect(said).toBeHidden();
});

test('a wall that cannot reckon its chances says so, and shows all else', async ({ page }) => {
  await page.route('**/api/chances', (route) =>
    route.fulfill({ status: 422, json: { ok: false, message: 'There is no plan yet.' } }),
  );
  await go(page, '/');
  await expect(page.getByText('How likely each pickup is could not be reckoned: There is no plan yet.')).toBeVisible();
  await expect(page.getByText('Abara christening').first()).toBeVisible();
});

test('the kitchen’s figures and schools are its own, and are computed with', async ({ page }) => {
  await go(page, '/kitchen/how');
  const field = page.getByLabel('Stays in bowl and bag, share');
  await field.fill('7');
  await page.getByRole('button', { name: 'Save 1 and plan again' }).click();
  await expect(page.getByText('A number from 0 to 0.9.')).toBeVisible();
  await expect(field).toHaveValue('7');
  await field.fill('0.2');
  await page.getByRole('button', { name: 'Save 1 and plan again' }).click();
  await expect(page.getByRole('button', { name: 'Nothing changed' })).toBeVisible({ timeout: 50_000 });
  await expect(page.getByRole('button', { name: /^Back to 0.1: Stays in bowl and bag/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Damp cloth' }).click();
  await expect(page.getByRole('radio', { name: 'Damp cloth' })).toHaveAttribute('aria-checked', 'true');
  await go(page, '/workbench?calc=coat');
  await expect(page.getByLabel('Results')).toContainText('609 g');
});

test('how the plan is made is asked, tried on a copy, and chosen', async ({ page }) => {
  await go(page, '/kitchen/how');
  const question = page.getByRole('radiogroup', { name: 'Work in the last hours before a pickup' });
  await page.getByRole('button', { name: 'What would each do to today’s plan?' }).last().click();
  await expect(question.getByRole('radio', { name: 'As it comes' })).toContainText(/as it is: \d+ late cakes? in 100/, {
    timeout: 30_000,
  });
  const most = question.getByRole('radio', { name: 'Most of it earlier' });
  await expect(most).toContainText(/\d+ % older parts · .* % of the hands in the last 6 h/);
  await most.click();
  await expect(most).toHaveAttribute('aria-checked', 'true', { timeout: 20_000 });
});

test('a cake that has been begun stays as it was broken down, until the lead applies what is new to it', async ({
  page,
}) => {
  await go(page, '/orders');
  await page.getByRole('link', { name: 'Harbour choir' }).click();
  const note = page.getByText('This cake has been begun, and is made as it was broken down then.');
  await expect(note).toBeVisible();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /\d g → [\d\s]+ g/ })
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Apply to this cake' }).click();
  await expect(note).toHaveCount(0);
  // Of one that nobody has begun the figures are right at once.
  await go(page, '/orders');
  await page.getByRole('link', { name: 'Moss engagement' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Moss engagement' })).toBeVisible();
  await expect(note).toHaveCount(0);
});
