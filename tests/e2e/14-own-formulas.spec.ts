import { go, orderPath } from './go';
import { expect, test, type Page } from './journey';

const save = (page: Page) => page.getByRole('button', { name: /^Save (the formula|as version)/ }).click();

/** Chooses something in a field that can be typed into. */
async function choose(page: Page, label: string | RegExp, typed: string, option: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label }).last().fill(typed);
  await page.getByRole('option', { name: option }).first().click();
}

test('formulas of one’s own: typed as text, one inside another, dried in an oven that is off; planned, pulled and refused', async ({
  page,
}) => {
  test.setTimeout(180_000);

  // A cream, typed as text: what it does not say is told, and what the plan would have to guess.
  await go(page, '/formulas/new');
  await page
    .getByLabel(/^Type or paste it as text/)
    .fill('Soft whipped cream\n500 g cream\n40 g icing sugar\nWhip 6 min. Chill 20 min in the fridge.');
  await page.getByRole('button', { name: 'Read it into the fields' }).click();
  await expect(page.getByRole('region', { name: 'What was read' })).toContainText(
    'Read as a wait of 20 min in the fridge',
  );
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Soft whipped cream');
  await page.getByRole('combobox', { name: 'Family' }).fill('Whipped creams');
  const gaps = page.getByRole('region', { name: 'For a good plan' });
  await expect(gaps).toContainText('“Whip” names no mixer');
  await page.getByRole('button', { name: /^More of this step/ }).click();
  await page.getByRole('button', { name: '+ machine' }).click();
  await page.getByRole('combobox', { name: 'Machine' }).click();
  await page.getByRole('option', { name: 'mixer', exact: true }).click();
  await expect(gaps).not.toContainText('names no mixer');
  await page.getByRole('checkbox', { name: 'bowl and whisk chilled' }).check();
  await save(page);
  await expect(page.getByRole('heading', { name: 'Soft whipped cream' })).toBeVisible();

  // A custard that takes it.
  await go(page, '/formulas/new');
  await page.getByLabel('Name', { exact: true }).fill('Set bay custard');
  await page.getByRole('combobox', { name: 'Family' }).fill('Custards');
  await choose(page, 'Ingredient 1', 'milk', /milk/i);
  await page.getByLabel('g', { exact: true }).fill('600');
  await page.getByRole('button', { name: 'Add an ingredient or a formula' }).click();
  await choose(page, 'Ingredient 2', 'soft whipped', 'Soft whipped cream');
  await page.getByLabel('g', { exact: true }).last().fill('200');
  await page.getByLabel('Step', { exact: true }).fill('Cook the custard');
  await page.getByRole('button', { name: /^More of this step/ }).click();
  await page.getByRole('button', { name: '+ machine' }).click();
  await page.getByRole('combobox', { name: 'Machine' }).click();
  await page.getByRole('option', { name: 'hob', exact: true }).click();
  await page.getByRole('combobox', { name: 'Check' }).click();
  await page.getByRole('option', { name: 'temperature at least' }).click();
  await save(page);
  await expect(page.getByText('What is looked at?')).toBeVisible();
  await page.getByLabel('What is looked at').fill('In the middle');
  await page.getByLabel('limit, °C').fill('82');
  await page.getByLabel('If it fails').fill('Cook on');
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByLabel('Step', { exact: true }).last().fill('Fold the cream in');
  await page.getByLabel('Wait, min').fill('60');
  await page.getByRole('combobox', { name: 'Goes into' }).last().click();
  await page.getByRole('option', { name: 'Fold the cream in' }).click();
  await save(page);
  await expect(page.getByRole('heading', { name: 'Set bay custard' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Soft whipped cream' })).toBeVisible();

  // The cream cannot take the custard: the way round is named, and nothing that was typed is lost.
  await go(page, '/formulas/soft-whipped-cream/edit');
  await page.getByRole('button', { name: 'Add an ingredient or a formula' }).click();
  await choose(page, 'Ingredient 3', 'bay custard', 'Set bay custard');
  await save(page);
  await expect(
    page.getByText('It would go into itself: Soft whipped cream → Set bay custard → Soft whipped cream.'),
  ).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Ingredient 3' })).toHaveValue('Set bay custard');

  // Dried foam stays in its oven.
  await go(page, '/formulas/new');
  await page
    .getByLabel(/^Type or paste it as text/)
    .fill('Foam pebbles\n100 g egg whites\n200 g caster sugar\nWhip 8 min. Bake 90 min at 90 °C. Lift off 3 min.');
  await page.getByRole('button', { name: 'Read it into the fields' }).click();
  await expect(page.getByLabel('Step', { exact: true })).toHaveCount(3);
  await page.getByRole('combobox', { name: 'Family' }).fill('Meringue pieces');
  await page.getByRole('checkbox', { name: 'stays in its oven, closed and off' }).last().check();
  await page.getByLabel('Wait, min').last().fill('240');
  await save(page);
  await expect(page.getByText('at least 4 h in its oven, closed and off')).toBeVisible();

  // The custard goes into a cake: two parts, planned, and both on the pull list.
  await go(page, await orderPath(page, 'Varga anniversary'));
  await page.getByRole('button', { name: /^Fig .*How it comes about/ }).click();
  await page.getByRole('combobox', { name: 'Exchange for' }).click();
  await page.getByRole('option', { name: /Set bay custard/ }).click();
  await expect(page.getByText('goes into set bay custard')).toBeVisible();
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: /Can be ready|spare|Tight/ })
      .first(),
  ).toBeVisible();
  await go(page, '/pull-list?days=7');
  await expect(page.getByText('Soft whipped cream, made here')).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Icing sugar' }).first()).toBeVisible();
});
