import { expect, test, type Page } from './journey';
import { go } from './go';

/** A rung that can still be moved, and whose ladder is on the screen. */
const movable = (page: Page) => page.locator('[data-ladder] [data-state="planned"]');
const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ });
/** What could be undone; earlier journeys may have left something. */
const undoable = (page: Page) => undo(page).getAttribute('aria-label');

test.use({ orders: 'whole' });

test.describe('steering the wall', () => {
  test('moves a rung by keys, pins it there, undoes it and does it again', async ({ page }) => {
    await go(page, '/');
    const rung = movable(page).and(page.locator('[aria-label^="Crumb coat,"]')).last();
    const step = (await rung.getAttribute('data-step'))!;
    const same = page.locator(`[data-step="${step}"]`).first();
    const before = (await undoable(page))!;
    await same.focus();
    await page.keyboard.press('m');
    const note = page.getByRole('status').filter({ hasText: 'Enter sets it down' });
    await expect(note).toContainText('Crumb coat');
    await expect(note).toContainText(/pickup|moves? along/);
    await page.keyboard.press('ArrowDown');
    await expect(note).toContainText(/nothing hangs on it|moves? along|Not possible/);
    await page.keyboard.press('Escape');
    await expect(note).toBeHidden();
    await expect(undo(page)).toHaveAccessibleName(before);

    await same.focus();
    await page.keyboard.press('m');
    await expect(note).toContainText(/along|hangs/);
    await page.keyboard.press('ArrowUp');
    // Not everywhere are there hands for it: a little later there are.
    for (let more = 0; more < 30 && (await note.textContent())!.includes('Not possible'); more++)
      await page.keyboard.press('Shift+ArrowUp');
    await expect(note).toContainText(/pickup (holds|late)/);
    await page.keyboard.press('Enter');
    await expect(same).toHaveAttribute('data-pinned', 'true');
    await expect(undo(page)).toHaveAccessibleName(/Undo: pin “Crumb coat”/);
    await page.keyboard.press('Control+z');
    await expect(same).not.toHaveAttribute('data-pinned', 'true');
    await page.getByRole('button', { name: /^Do again: pin/ }).click();
    await expect(same).toHaveAttribute('data-pinned', 'true');
    await undo(page).click();
    await expect(same).not.toHaveAttribute('data-pinned', 'true');
  });

  test('drags a rung: what hangs on it goes along, and letting go early changes nothing', async ({ page }) => {
    await go(page, '/');
    // A foam waits for nobody: whatever the plan, its bake goes along.
    const rung = movable(page).and(page.locator('[aria-label^="Whip roulade foam,"]')).first();
    await rung.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    const label = await rung.getAttribute('aria-label');
    const box = (await rung.boundingBox())!;
    await page.mouse.move(box.x + 20, box.y + 5);
    await page.mouse.down();
    await page.mouse.move(box.x + 20, box.y - 15, { steps: 5 });
    const note = page.getByRole('status').filter({ hasText: '“Whip roulade foam”' });
    await expect(note).toContainText(/moves? along/);
    await page.keyboard.press('Escape');
    await page.mouse.up();
    await expect(note).toBeHidden();
    await expect(rung).toHaveAttribute('aria-label', label!);
  });

  test('gives a step to somebody else from its details', async ({ page }) => {
    await go(page, '/');
    const rung = movable(page).and(page.locator('[aria-label^="Crumb coat,"]')).last();
    const step = (await rung.getAttribute('data-step'))!;
    const before = (await undoable(page))!;
    await rung.click();
    await page.getByRole('dialog').getByLabel('Who does it').click();
    const other = page.getByRole('option').last();
    const name = (await other.textContent())!;
    await other.click();
    await expect(undo(page)).toHaveAccessibleName(new RegExp(`Undo: give “Crumb coat”.* to ${name}`));
    await expect(page.locator(`[data-step="${step}"]`).first()).toBeVisible();
    await undo(page).click();
    await expect(undo(page)).toHaveAccessibleName(before);
  });

  test('shows only what has to do with a person, an order or a day, and the load', async ({ page }) => {
    await go(page, '/');
    const ladders = page.locator('[data-ladder]');
    const all = await ladders.count();
    await page.getByRole('button', { name: 'Show only…' }).click();
    const field = page.getByPlaceholder('Show only…');
    await page.getByRole('option', { name: 'Lindqvist silver' }).click();
    await expect(ladders).toHaveCount(1);
    await page.getByRole('button', { name: 'Clear' }).click();
    await expect(ladders).toHaveCount(all);
    await field.click();
    await page.getByRole('option', { name: 'Freezer', exact: true }).click();
    await expect.poll(() => ladders.count()).toBeLessThan(all);
    await page.getByRole('button', { name: 'Clear' }).click();
    await page.getByRole('button', { name: 'Load', exact: true }).click();
    await expect(page.getByRole('row', { name: /^Tamsin/ })).toContainText('%');
    await expect(page.getByRole('row', { name: /^Oven 1/ })).toContainText('of 6');
  });

  test('supposes somebody ill on a copy, compares, takes it over and undoes it', async ({ page }) => {
    await go(page, '/');
    const before = (await undoable(page))!;
    await page.getByRole('button', { name: 'What if…' }).click();
    const panel = page.getByRole('complementary', { name: 'What if…' });
    await panel.getByLabel('Who').click();
    await page.getByRole('option', { name: 'Karel' }).click();
    await panel.getByRole('button', { name: 'Suppose it' }).click();
    const plans = page.getByRole('region', { name: 'The two plans' });
    await expect(plans).toContainText('Ready in time');
    await expect(plans).toContainText(/rungs? change/);
    await expect(page.getByText('A copy: nothing is decided')).toBeVisible();
    await expect(undo(page)).toHaveAccessibleName(before);
    await panel.getByRole('button', { name: 'Take it over' }).click();
    await expect(panel).toBeHidden();
    await expect(undo(page)).toHaveAccessibleName(/Undo: Karel away/);
    await undo(page).click();
    await expect(undo(page)).toHaveAccessibleName(before);
  });

  test('flies the chance of being ready on the flags', async ({ page }) => {
    await go(page, '/');
    await expect.poll(() => page.locator('[data-chance]').count()).toBeGreaterThan(5);
    await expect(page.locator('[data-chance]').first()).toHaveText(/^\d+ %$/);
  });
});

test.describe('the counter', () => {
  test('asks whether one more fits, and begins the order with it', async ({ page }) => {
    await go(page, '/orders');
    const asked = page.getByRole('region', { name: 'Can we take one more?' });
    await asked.getByLabel('Portions').fill('18');
    await expect(asked.getByRole('status')).toContainText(/^(● Yes|▲|■ Not? )/);
    await expect(asked.getByRole('status')).toContainText('the earliest');
    await asked.getByLabel('Portions').fill('900');
    await expect(asked.getByRole('status')).toContainText('1 to 400 portions');
    await asked.getByLabel('Portions').fill('18');
    await asked.getByRole('link', { name: 'Write the order' }).click();
    await expect(page).toHaveURL(/orders\/new/);
    await expect(page.getByLabel('Portions')).toHaveValue('18');
  });
});
