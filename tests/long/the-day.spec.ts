import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { go, startNow } from '../e2e/go';
import { expect, alone as test, type Page } from '../e2e/journey';
import { databaseOf, serve } from '../e2e/kitchen-server.mjs';
import { templateFolder } from '../e2e/make-template';

/** The demo's kitchen through one day: each part of it at another hour. */
async function atHour(folder: string, time: string, run: (url: string) => Promise<void>): Promise<void> {
  const server = await serve(3236 + test.info().parallelIndex, folder, { ZEST_CLOCK: `2027-05-20T${time}:00Z` });
  try {
    await run(server.url);
  } finally {
    await server.stop();
  }
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** The bench of somebody whose next step must go on into the oven at once. */
async function benchOfAMix(page: Page, url: string): Promise<string> {
  await go(page, `${url}/k/demo/bench`);
  const links = await page.getByRole('link').evaluateAll((all) => all.map((a) => a.getAttribute('href') ?? ''));
  for (const bench of links.filter((href) => /\/bench\/[^/]+$/.test(href))) {
    await go(page, `${url}${bench}`);
    const hurry = now(page).getByText(/^No break: within \d+ min on to “Bake/);
    const start = now(page).getByRole('button', { name: 'Start', exact: true });
    if ((await hurry.count()) > 0 && (await start.isEnabled())) return bench;
  }
  throw new Error('Nobody is about to mix anything.');
}

test('a day on which a mix stands too long, the oven is tapped wrongly, and a cake of today slips', async ({
  page,
}) => {
  test.setTimeout(420_000);
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-day-'));
  const template = templateFolder('whole');
  cpSync(template, folder, { recursive: true });
  await databaseOf(folder, template);
  let bench = '';
  let mix = '';
  let cake = '';
  try {
    await atHour(folder, '09:40', async (url) => {
      bench = await benchOfAMix(page, url);
      mix = (await now(page).getByRole('heading').textContent())!;
      cake = (await now(page)
        .getByText(/^Next, .* · /)
        .textContent())!.split(' · ')[1]!;
      await startNow(page);
      await expect(now(page)).toContainText(/^Now, since 09:4\d/);
      await now(page).getByRole('button', { name: 'Done' }).click();
      // Done at once is hardly the whole step.
      const question = page.getByRole('dialog');
      await expect(question).toContainText('Is it really done?');
      await question.getByRole('button', { name: 'No', exact: true }).click();
      await expect(now(page)).toContainText(/^Now, since 09:4\d/);
    });

    await atHour(folder, '09:55', async (url) => {
      await go(page, `${url}${bench}`);
      await now(page).getByRole('button', { name: 'Done' }).click();
      await expect(page.getByText(`Last: “${mix}” done`)).toBeVisible();
    });

    const stood = new RegExp(`“${mix}” of ${cake} has stood since 09:55: 2 h 1\\d, and \\d+ min are allowed`);
    await atHour(folder, '12:07', async (url) => {
      // Said at once on the wall and on its order.
      await go(page, `${url}/k/demo`);
      await expect(page.getByText(stood)).toBeVisible();
      await page
        .getByRole('button', { name: 'Open it' })
        .or(page.getByRole('link', { name: 'Open it' }))
        .click();
      await expect(page.getByRole('heading', { name: cake })).toBeVisible();
      await expect(page.getByText(stood)).toBeVisible();
      // It is used all the same, with the reason, which stays.
      await page.getByRole('button', { name: 'Use it anyway' }).click();
      const question = page.getByRole('dialog');
      await question.getByRole('button', { name: 'Looks and smells as it should' }).click();
      await question.getByRole('button', { name: 'Use it anyway' }).click();
      await expect(page.getByText(/was used all the same, Thu 12:0\d: Looks and smells as it should/)).toBeVisible();
      await expect(page.getByText(stood)).toHaveCount(0);
      // Somebody says that it is in, hours after the plan had it: how the day stands is told as it is now.
      await go(page, `${url}${bench}`);
      const oven = page.getByText('Put in now').locator('..');
      await oven.getByText(new RegExp(cake)).locator('xpath=../..').getByRole('button', { name: 'It is in' }).click();
      await expect(page.getByText(/in since 12:0\d/)).toBeVisible();
    });

    await atHour(folder, '13:10', async (url) => {
      // Nobody has told anything for an hour: that is said, and not that all is well.
      await go(page, `${url}/k/demo`);
      await expect(page.getByText(/should have begun at 12:\d\d/)).toBeVisible();
      // It had gone in ten minutes earlier: put right an hour later, by anybody, once what follows has been seen.
      await go(page, `${url}${bench}`);
      await page.getByRole('link', { name: 'Told today: put something right' }).click();
      const line = page
        .getByRole('listitem')
        .filter({ hasText: /^\s*12:0\d/ })
        .filter({ hasText: 'begun' });
      await expect(line).toContainText(cake);
      await line.getByRole('button', { name: 'Put right' }).click();
      const field = page.getByRole('group', { name: 'It began at' });
      await field.getByRole('spinbutton', { name: 'Hours' }).click();
      await page.keyboard.type('1158');
      await page.getByRole('button', { name: 'It was then' }).click();
      await expect(page.getByText('Put right, this follows')).toBeVisible();
      await expect(page.getByText(/(rungs? moves?|Nothing moves) in the plan\./)).toBeVisible();
      await page.getByRole('button', { name: 'Put it right' }).click();
      await expect(page.getByRole('listitem').filter({ hasText: 'put right, told as 12:0' })).toContainText('11:58');
      // A cake of today that runs over is said to be late as it is told.
      await go(page, `${url}${bench}`);
      await expect(page.getByText(/in since 11:58/)).toBeVisible();
      await page
        .getByText(/in since 11:58/)
        .locator('..')
        .getByRole('button', { name: 'Not yet' })
        .click();
      await page.getByRole('button', { name: '60 min' }).click();
      await expect(page.getByText(/in since 11:58, likely until 14:1\d/)).toBeVisible();
      await go(page, `${url}/k/demo/orders`);
      await expect(page.getByRole('row', { name: new RegExp(cake) })).toContainText(/late \d/);
    });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
