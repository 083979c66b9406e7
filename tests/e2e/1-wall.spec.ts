import { expect, test } from './journey';
import { go } from './go';

test.use({ orders: 'whole' });

test.describe('the wall', () => {
  test('shows every ladder with its flag, and says what to fix first', async ({ page }) => {
    await go(page, '/');
    await expect(page.getByText('31 ladders')).toBeVisible();
    expect(await page.getByTestId('wall').locator('[data-ladder]').count()).toBeGreaterThanOrEqual(9);
    await expect(page.getByRole('status').first()).toContainText('Moss engagement misses its pickup by');
    await expect(page.getByRole('button', { name: '▲ Night nurses' })).toBeVisible();
    expect(await page.locator('[data-step]').count()).toBeGreaterThan(60);
    await expect(page.locator('[data-state="done"]').first()).toBeAttached();
    await expect(page.locator('[data-state="overdue"]')).toHaveCount(0);
  });

  test('a rung opens what, how much, until what sign, who, and why it lies there', async ({ page }) => {
    await go(page, '/');
    await page.getByRole('button', { name: /^Whip roulade foam, .*Night nurses/ }).click();
    const details = page.getByRole('dialog');
    await expect(details).toContainText('Whip roulade foam');
    for (const heading of ['How much', 'Until', 'Who', 'Why not later', 'Afterwards'])
      await expect(details).toContainText(heading);
    await expect(details).toContainText('a foam waits for nobody');
    await page.keyboard.press('Escape');
    await expect(details).toBeHidden();
  });

  test('zooms, turns over, lights up a person, opens a ladder', async ({ page }) => {
    await go(page, '/');
    const rung = page.getByRole('button', { name: /^Unroll, fill, re-roll, .*Night nurses/ });
    const flag = page
      .locator('[data-ladder]')
      .first()
      .getByText(/13:\d\d/);
    const before = (await rung.boundingBox())!;
    expect((await flag.boundingBox())!.y).toBeLessThan(before.y);
    // Twice: a short rung is drawn higher than its minutes, so that its name can be read.
    await page.getByRole('button', { name: 'Show more detail' }).click();
    await page.getByRole('button', { name: 'Show more detail' }).click();
    await expect.poll(async () => (await rung.boundingBox())!.height).toBeGreaterThan(before.height);
    await page.getByRole('button', { name: 'Let time fall' }).click();
    await expect.poll(async () => (await flag.boundingBox())!.y - (await rung.boundingBox())!.y).toBeGreaterThan(0);
    const bo = page.getByRole('button', { name: 'Light up the rungs of Bo' });
    const shades = () =>
      page
        .locator('[data-ladder] .zl-rung')
        .evaluateAll((rungs) => [...new Set(rungs.map((r) => getComputedStyle(r).opacity))].sort());
    expect(await shades()).toEqual(['1']);
    await bo.click();
    await expect(bo).toHaveAttribute('aria-pressed', 'true');
    await expect.poll(shades).toEqual(['0.3', '1']);
    await bo.click();
    await expect.poll(shades).toEqual(['1']);
    const ladder = page.locator('[data-ladder]').first();
    const narrow = (await ladder.boundingBox())!.width;
    await page.getByRole('button', { name: 'Open the ladder of Night nurses' }).click();
    await expect.poll(async () => (await ladder.boundingBox())!.width).toBeGreaterThan(narrow * 1.8);
  });

  test('keeps its place when it shows more days and fewer again', async ({ page }) => {
    await go(page, '/');
    const wall = page.getByTestId('wall');
    const badge = wall.getByText('09:4', { exact: false }).first();
    const box = (await wall.boundingBox())!;
    // Now is brought to the middle, and scrolled a little further.
    await wall.evaluate((w) => (w.scrollTop -= 90));
    const before = (await badge.boundingBox())!.y;
    const zoom = async (name: string, times: number) => {
      for (let i = 0; i < times; i++) await page.getByRole('button', { name }).click();
    };
    await zoom('Show more days', 2);
    await expect.poll(async () => Math.abs((await badge.boundingBox())!.y - before)).toBeGreaterThan(10);
    const small = (await badge.boundingBox())!.y;
    expect(small).toBeGreaterThan(box.y);
    expect(small).toBeLessThan(box.y + box.height);
    await zoom('Show more detail', 2);
    await expect.poll(async () => Math.abs((await badge.boundingBox())!.y - before)).toBeLessThan(4);
  });

  test('shows the whole week as a picture and one order alone, and keeps how it was looked at', async ({ page }) => {
    await go(page, '/');
    const wall = page.getByTestId('wall');
    await page.getByRole('button', { name: 'Week', exact: true }).click();
    // All of it fits, and every ladder has its name.
    await expect(wall.locator('[data-ladder]')).toHaveCount(31);
    await expect(wall.getByRole('link', { name: 'Orchard wedding' })).toBeVisible();
    expect(await wall.evaluate((w) => w.scrollHeight - w.clientHeight)).toBeLessThanOrEqual(1);
    await page.getByRole('button', { name: 'One order' }).click();
    await page.getByLabel('Which order').selectOption('Abara christening');
    await expect(wall.locator('[data-ladder]')).toHaveCount(1);
    await expect(page).toHaveURL(/look=order/);
    await page.reload();
    await expect(wall.locator('[data-ladder]')).toHaveCount(1);
    await expect(page.getByLabel('Which order')).toHaveValue(/\d/);
    // Who comes back from another place finds it as it was left.
    await page.getByRole('link', { name: 'Orders', exact: true }).click();
    await expect(page).toHaveURL(/orders$/);
    await page.getByRole('link', { name: 'Wall', exact: true }).click();
    await expect(wall.locator('[data-ladder]')).toHaveCount(1);
    await page.keyboard.press('+');
    await expect(wall.locator('[data-ladder]')).toHaveCount(1);
    await page.keyboard.press('d');
    await expect.poll(() => wall.locator('[data-ladder]').count()).toBeGreaterThan(5);
    // The time and the ladder too.
    await wall.evaluate((w) => w.scrollTo(700, 900));
    await expect(page).toHaveURL(/from=\d+/);
    const at = () => wall.evaluate((w) => [w.scrollLeft, w.scrollTop]);
    const [left, top] = await at();
    await page.getByRole('link', { name: 'Orders', exact: true }).click();
    await expect(page).toHaveURL(/orders$/);
    await page.getByRole('link', { name: 'Wall', exact: true }).click();
    await expect.poll(async () => Math.abs((await at())[1]! - top!)).toBeLessThan(4);
    expect(Math.abs((await at())[0]! - left!)).toBeLessThan(120);
  });

  test('is walked by keys: into the rungs by an arrow, from ladder to ladder, to what needs a look', async ({
    page,
  }) => {
    await go(page, '/');
    const here = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '');
    const ladder = () =>
      page.evaluate(() => document.activeElement?.closest('[data-ladder]')?.getAttribute('data-ladder') ?? '');
    await page.getByTestId('wall').focus();
    await page.keyboard.press('ArrowUp');
    await expect.poll(ladder).not.toBe('');
    const [first, rung] = [await ladder(), await here()];
    await page.keyboard.press('ArrowUp');
    await expect.poll(here).not.toBe(rung);
    expect(await ladder()).toBe(first);
    await page.keyboard.press('ArrowRight');
    await expect.poll(ladder).not.toBe(first);
    // One stop for all rungs.
    expect(await page.locator('.zl-rung:not([tabindex="-1"])').count()).toBe(0);
    await page.keyboard.press('p');
    await expect.poll(here).toMatch(/Night nurses|Harbour choir|Moss engagement|Abara christening/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
  });

  test('says where there is no room, and lights up what fills it', async ({ page }) => {
    await go(page, '/');
    const pinch = page.getByRole('button', { name: /no room.* hands to /i }).first();
    await pinch.click();
    await expect(pinch).toHaveAttribute('aria-pressed', 'true');
    await expect(page.locator('.zl-rung[data-lit="false"]').first()).toBeAttached();
    await pinch.click();
    await expect(page.locator('.zl-rung[data-lit]')).toHaveCount(0);
  });

  test('on a phone is what needs a look, what runs, and every flag', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await go(page, '/');
    await expect(page.getByTestId('wall')).toBeHidden();
    await expect(page.getByRole('region', { name: 'Needs a look' })).toContainText('Moss engagement');
    const flags = page.getByRole('region', { name: 'Flags' });
    await expect(flags.getByRole('link')).toHaveCount(31);
    await flags.getByRole('link', { name: /Lindqvist silver/ }).click();
    await expect(page).toHaveURL(/orders\/\d+/);
  });

  test('is printed light and without what can be pressed, whatever the screen', async ({ page }) => {
    await go(page, '/');
    await page.getByRole('button', { name: 'Dark theme' }).click();
    const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
    const dark = await paper();
    await page.emulateMedia({ media: 'print' });
    await expect.poll(paper).not.toBe(dark);
    await expect(page.getByRole('button', { name: 'Re-plan' })).toBeHidden();
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
    await expect(page.locator('[data-ladder]').first()).toBeVisible();
    const light = await page.evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--zl-ink'));
    expect(light.trim().toLowerCase()).toBe('#16302b');
    await page.emulateMedia({ media: 'screen' });
  });

  test('keeps a dark theme', async ({ page }) => {
    await go(page, '/');
    await page.getByRole('button', { name: 'Dark theme' }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  });

  test('an unknown address is a friendly 404', async ({ page }) => {
    for (const path of ['/orders/99999', '/orders/abc', '/formulas/nothing', '/bench/nobody', '/nowhere']) {
      const response = await page.goto(path);
      expect(response?.status()).toBe(404);
      await expect(page.getByRole('heading', { name: 'This rung is missing' })).toBeVisible();
    }
  });
});
