import type { Check } from '../../src/core/formula/formula';
import { expect, test } from './journey';
import { go, goToFreeBench, orderPath, startNow } from './go';

test('a step is begun and finished with one tap each, the wall shows it, and a tap can be taken back', async ({
  page,
  context,
  request,
}) => {
  const wall = await context.newPage();
  await go(wall, '/');
  await goToFreeBench(page);
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText(/Next, \d\d:\d\d/);
  const name = (await now.getByRole('heading').textContent())!;
  await startNow(page);
  await expect(now).toContainText(/Now, since/);
  await expect(page.getByRole('timer')).toBeVisible();
  const running = wall.locator(`[data-state="running"][aria-label^="${name},"]`).first();
  await expect(running).toBeAttached();
  const id = (await running.getAttribute('data-step'))!;
  const { check } = (await (await request.get(`/k/demo/api/steps/${id}`)).json()) as { check: Check | null };
  await now.getByRole('button', { name: 'Not yet' }).click();
  await now
    .getByRole('group', { name: /how many minutes/ })
    .getByRole('button', { name: '5 min', exact: true })
    .click();
  await expect(now.getByRole('button', { name: 'Done' })).toBeEnabled();
  await now.getByRole('button', { name: 'Done' }).click();
  // Which step comes first differs from plan to plan; where a check gates its end, it is asked first.
  const gate = now.getByRole('group', { name: 'Check before it is done' });
  if (check) {
    await expect(gate).toContainText(check.text);
    if (check.limit !== undefined) await gate.getByLabel('It reads').fill(`${check.limit}`);
    await gate.getByRole('button', { name: 'Yes, done' }).click();
  }
  // Done at once is hardly the whole step: it is asked, unless such a step may take no time.
  const really = page.getByRole('dialog').getByRole('button', { name: 'Yes: done' });
  const last = page.getByText(`Last: “${name}” done`);
  await really.or(last).waitFor();
  if (await really.isVisible()) await really.click();
  await expect(last).toBeVisible();
  await expect(wall.locator(`[data-state="done"][aria-label^="${name},"]`).first()).toBeAttached();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(now.getByRole('heading')).toHaveText(name);
});

test('a check holds a step until it is answered, with the number that was read', async ({ page }) => {
  await go(page, await orderPath(page, 'Abara christening'));
  // The curd of the christening is cooked by somebody: find who, and their bench.
  await page
    .getByRole('region', { name: 'The ladder of this order' })
    .getByRole('button', { name: /^Cook quince curd/ })
    .click();
  const details = page.getByRole('dialog');
  await expect(details).toContainText('Before it is done');
  await expect(details).toContainText('82–85 °C at the heart');
  await expect(details).toContainText('Before it begins');
  await expect(details).toContainText('out of the cold');
});

test('formulas scale by a yield', async ({ page }) => {
  await go(page, '/formulas');
  await page.getByLabel(/Find by name/).fill('quince curd');
  await page.getByRole('link', { name: /Quince curd/ }).click();
  await page.getByLabel('Yield in g').fill('1840');
  await expect(page.getByRole('row', { name: /Quince purée/ })).toContainText('652');
  await page.getByLabel('Yield in g').fill('none');
  await expect(page.getByText('A number of grams above 0')).toBeVisible();
});
