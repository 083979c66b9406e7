import { expect, test } from './journey';
import { beginWith, go, orderPath } from './go';
import { OnTheSection } from './on-the-section';

test.describe('a cake that is composed', () => {
  test('is begun from a build, made two tiers that differ inside, and taken as it stands', async ({ page }) => {
    const refused: string[] = [];
    page.on('console', (m) => {
      if (/Content Security Policy/i.test(m.text())) refused.push(m.text());
    });
    await go(page, '/orders');
    await page.getByRole('link', { name: 'New order' }).click();
    await beginWith(page, 'walnut', /^Walnut ganache cake/);
    const cake = page.getByRole('region', { name: 'The cake', exact: true });
    const touched = page.getByRole('region', { name: 'What is touched' });
    const words = page.getByRole('region', { name: 'The cake in words' });
    const status = page.locator('.zl-compose-foot').getByRole('status');
    await expect(page.getByTestId('section')).toBeVisible();
    // The cake stands in the middle, large, between the order and what is touched, and the answer is in sight below.
    const [left, middle, right] = await Promise.all(
      [page.locator('.zl-compose-order'), cake, touched].map(async (part) => (await part.boundingBox())!),
    );
    expect(left!.x + left!.width).toBeLessThanOrEqual(middle!.x + 1);
    expect(middle!.x + middle!.width).toBeLessThanOrEqual(right!.x + 1);
    expect((await page.getByTestId('section').boundingBox())!.height).toBeGreaterThan(250);
    await expect(page.locator('.zl-compose-foot')).toBeInViewport({ ratio: 1 });
    await page.getByLabel('Portions', { exact: true }).fill('30');

    // What is touched on the drawing stands on the right, with why so much of it.
    await page.locator('.zl-section rect[data-place]').first().click();
    await expect(touched.getByRole('heading', { name: 'Walnut sponge' })).toBeVisible();
    await expect(touched).toContainText('g in all');

    // The nuts are out: what brings them is struck out, with its reason, and the answer says what is in it still.
    await page.getByLabel('The eaters must not get').click();
    await page.getByRole('option', { name: 'nuts', exact: true }).click();
    await page.keyboard.press('Escape');
    await expect(status).toContainText('It contains nuts');
    const more = touched.getByRole('button', { name: /^\d+ more$/ });
    if (await more.isVisible()) await more.click();
    await expect(touched.getByRole('radio', { name: /Almond/ }).first()).toBeDisabled();
    await expect(touched.getByRole('radio', { name: /Almond/ }).first()).toContainText('the eaters must not get it');
    // One tap exchanges it in all places at once.
    const alert = touched.getByRole('alert');
    await expect(alert).toContainText('Walnut sponge: nuts');
    await alert
      .getByRole('button', { name: /instead$/ })
      .first()
      .click();
    await expect(alert).toHaveCount(0);
    await expect(status).not.toContainText('It contains nuts');

    // A larger tier below, a smaller one on top.
    await words.getByText('The same cake in words').click();
    await words.getByRole('button', { name: /^The cake/ }).click();
    await touched.getByLabel('Size').click();
    await page.getByRole('option', { name: 'round 24 cm' }).click();
    await touched.getByLabel('A tier on top').click();
    await page.getByRole('option', { name: 'round 15 cm' }).click();
    await expect(words.getByRole('button', { name: /^Upper tier/ })).toBeVisible();
    await expect(words.getByRole('button', { name: /stand tiers/i })).toBeVisible();

    // By keyboard: along the words, thicker, out, and back.
    const gap = words.getByRole('button', { name: /gap 1, 6 mm/ }).first();
    await gap.focus();
    await page.keyboard.press('Enter');
    await expect(touched.getByLabel('Thickness, mm')).toHaveValue('6');
    await page.keyboard.press('+');
    await expect(touched.getByLabel('Thickness, mm')).toHaveValue('7');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Delete');
    await expect(words.getByRole('button', { name: /gap 1, 7 mm/ })).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await expect(words.getByRole('button', { name: /gap 1, 7 mm/ })).toHaveCount(1);

    // Something more on it finds its place by itself.
    await cake.getByLabel('Something more on it').click();
    await page.getByRole('option', { name: 'Drip', exact: true }).click();
    await cake.getByLabel('With what').click();
    await page.getByRole('option', { name: /drip/i }).first().click();
    const works = page.getByRole('list', { name: 'Work on it, in its order' });
    await expect(works.getByRole('button', { name: /^Drip/ })).toHaveAttribute('aria-pressed', 'true');
    await expect(touched.getByLabel('Drops, on average, mm')).toBeVisible();

    // Without a name it is answered, and not taken: what is missing stands beside its field.
    await expect(status).toContainText(/Can be ready with/);
    await page.getByRole('button', { name: 'Take the order' }).click();
    await expect(page.getByText(/It is called “[^”]+ \+ [^”]+”, after what is in it/)).toBeVisible();
    await page.getByLabel('Name of the order').fill('Lantern makers');
    await page.getByLabel('Customer').fill('Ida');
    await page.getByRole('button', { name: 'Take the order' }).click();
    await page.waitForURL(/\/orders\/\d+$/);
    await expect(page.getByRole('heading', { name: 'Lantern makers' })).toBeVisible();
    await expect(page.getByRole('img', { name: /Cross-section: 2 tiers/ })).toBeVisible();
    expect(refused).toEqual([]);
  });

  test('is changed on its own section, by dragging an edge, and what was is one undo away', async ({ page }) => {
    await go(page, await orderPath(page, 'Orchard wedding'));
    await page.getByRole('link', { name: 'Change', exact: true }).click();
    const touched = page.getByRole('region', { name: 'What is touched' });
    await page.locator('.zl-section rect[data-place][width]').nth(2).click();
    const handle = page.locator('.zl-handle');
    await expect(handle).toBeVisible();
    const before = await touched.getByLabel('Thickness, mm').inputValue();
    const box = (await handle.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 12, { steps: 5 });
    await page.mouse.up();
    const thickness = touched.getByLabel('Thickness, mm');
    await expect.poll(async () => Number(await thickness.inputValue())).toBeGreaterThan(Number(before) + 2);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(thickness).toHaveValue(before);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.locator('.zl-compose-foot').getByRole('status')).toContainText(/Can be ready/);
    await page.getByRole('button', { name: 'Save the change' }).click();
    await page.waitForURL(/\/orders\/\d+$/);
    await expect(page.getByRole('heading', { name: 'Orchard wedding' })).toBeVisible();
  });

  test('takes what lies on it where there is room, tells the bench where, and says when it could be ready', async ({
    page,
  }) => {
    const t = new OnTheSection(page);
    await t.begin('', 20, 'walnut', /^Walnut ganache cake/);
    await page.getByTestId('section').getByText('+ on top').click();
    await t.choose('Something on top', 'Place pieces');
    await t.choose('With what', /^Quince blossoms/);
    await t.choose('Where it lies', 'at one spot');
    await t.choose('Where, as on a clock', '4');
    await t.words.getByRole('button', { name: '+ on top' }).click();
    await expect(t.touched.getByRole('button', { name: /^Quince blossoms/ })).toBeVisible();
    await t.pickUpOn('Thu 20 May 2027, 11:00');
    await expect(t.status).toContainText('Cannot be ready');
    await page.getByRole('button', { name: /^Earliest: / }).click();
    await t.take('Sluice keepers’ ball');
    const ladder = page.getByRole('region', { name: 'The ladder of this order' });
    await ladder
      .getByRole('button', { name: /^Place the pieces/ })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toContainText('at 4 o’clock, with 6 in front');
  });

  test('is kept on the device until it is taken, and becomes a build that others begin from', async ({ page }) => {
    await go(page, '/orders/new');
    const touched = page.getByRole('region', { name: 'What is touched' });
    await beginWith(page, 'walnut', /^Walnut ganache cake/);
    await page.getByLabel('Name of the order').fill('Dyke wardens');
    await page.locator('.zl-section rect[data-place]').first().click();
    await touched.getByRole('button', { name: 'One layer more' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
    await go(page, '/orders');
    await go(page, '/orders/new');
    const note = page.getByRole('alert').filter({ hasText: 'Dyke wardens was being composed here' });
    await note.getByRole('button', { name: 'Go on with it' }).click();
    await expect(page.getByLabel('Name of the order')).toHaveValue('Dyke wardens');
    const words = page.getByRole('region', { name: 'The cake in words' });
    await words.getByText('The same cake in words').click();
    await expect(words.getByRole('button', { name: /layer 5/ }).first()).toBeVisible();

    await page.getByRole('button', { name: 'Save as a build…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Save as a build' });
    await dialog.getByRole('button', { name: 'Save the build' }).click();
    await expect(dialog.getByText('What is it called?')).toBeVisible();
    await dialog.getByLabel('Name').fill('Five storeys of walnut');
    await dialog.getByRole('button', { name: 'Save the build' }).click();
    await expect(page.getByText('Kept as a build')).toBeVisible();
    await page.getByRole('button', { name: 'Begin anew' }).click();
    await beginWith(page, 'five storeys', /^Five storeys of walnut/);
    await expect(page.getByText('Begun from Five storeys of walnut')).toBeVisible();
  });

  test('another cake of the same order begins empty, with its customer and its time', async ({ page }) => {
    await go(page, '/orders/new');
    await beginWith(page, 'walnut', /^Walnut ganache cake/);
    await page.getByLabel('Name of the order').fill('Toll bridge, large');
    await page.getByLabel('Customer').fill('Maren');
    await expect(page.locator('.zl-compose-foot').getByRole('status')).toContainText(/Can be ready/);
    await page.getByRole('button', { name: 'and another cake' }).click();
    await page.waitForURL(/\/orders\/new\?with=\d+/);
    await expect(page.getByText('One order with Toll bridge, large')).toBeVisible();
    await expect(page.getByLabel('Name of the order')).toHaveValue('');
    await expect(page.getByLabel('Customer')).toHaveValue('Maren');
    await expect(page.getByText('What shall it be?')).toBeVisible();
  });
});
