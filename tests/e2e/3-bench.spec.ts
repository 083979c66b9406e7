import { expect, test } from './journey';
import { beginByDoor, go, goToFreeBench, orderPath, startNow } from './go';

test('a step is begun with one tap, the wall shows it, the tap can be taken back, and it may take longer', async ({
  page,
  context,
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
  await expect(wall.locator(`[data-state="running"][aria-label^="${name},"]`).first()).toBeAttached();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(now).toContainText(/Next, \d\d:\d\d/);
  await expect(now.getByRole('heading')).toHaveText(name);
  await expect(wall.locator(`[data-state="running"][aria-label^="${name},"]`)).toHaveCount(0);
  await startNow(page);
  await now.getByRole('button', { name: 'Not yet' }).click();
  await now
    .getByRole('group', { name: /how many minutes/ })
    .getByRole('button', { name: '5 min', exact: true })
    .click();
  await expect(now.getByRole('button', { name: 'Done' })).toBeEnabled();
  await expect(now).toContainText(/Now, since/);
});

test('a check holds a step until it is answered, with the number that was read', async ({ page }) => {
  const order = await orderPath(page, 'Orchard wedding');
  // Its curd is cooked on another day: begun by its door, as only the number of the step is sure.
  const curd = `o${order.split('/').at(-1)}.filling.cook`;
  await beginByDoor(page, curd, 'wim');
  await go(page, '/bench/wim');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now.getByRole('heading')).toHaveText('Cook quince curd');
  await now.getByRole('button', { name: 'Done' }).click();
  const gate = now.getByRole('group', { name: 'Check before it is done' });
  await expect(gate).toContainText('82–85 °C at the heart');
  await gate.getByLabel('It reads').fill('97');
  await gate.getByRole('button', { name: 'Yes, done' }).click();
  await expect(gate.getByRole('alert')).toContainText('Strain it at once');
  await gate.getByRole('button', { name: 'It reads so: use it all the same' }).click();
  await expect(gate.getByRole('alert')).toContainText('Say why');
  await gate.getByLabel('It reads').fill('83');
  await gate.getByRole('button', { name: 'Yes, done' }).click();
  // Done at once is hardly the whole step.
  await page.getByRole('dialog').getByRole('button', { name: 'Yes: done' }).click();
  await expect(page.getByText('Last: “Cook quince curd” done')).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(now.getByRole('heading')).toHaveText('Cook quince curd');
});

test('a step’s details say what is looked at before it is done, and what is wanted before it begins', async ({
  page,
}) => {
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
