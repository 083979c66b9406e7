import { expect, test } from './journey';
import { go } from './go';

test.describe('a formula', () => {
  test('is found by an ingredient', async ({ page }) => {
    await go(page, '/formulas');
    await page.getByLabel(/Find by name/).fill('hull sesame');
    await expect(page.getByRole('link', { name: /Sesame brittle/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /Quince curd/ })).toHaveCount(0);
  });

  test('scales to tins and to what there is, rounds to whole eggs, and does without', async ({ page }) => {
    await go(page, '/formulas/almond-sponge');
    await page.getByRole('button', { name: 'Tins' }).click();
    await page.getByLabel('Tin', { exact: true }).click();
    await page.getByRole('option', { name: 'Tins, round 20 cm' }).click();
    await page.getByLabel('How many').fill('1');
    await expect(page.getByText(/^848 g of mix/)).toBeVisible();
    await page.getByRole('button', { name: 'What there is' }).click();
    await page.getByLabel('of it, g').fill('150');
    await expect(page.getByRole('row', { name: /Caster sugar/ })).toContainText('150');
    await expect(page.getByRole('row', { name: /Whole egg/ })).toContainText('3 eggs');
    const panel = page.getByRole('region', { name: 'Eggs, substitutions, allergens' });
    await panel.getByLabel('Sunflower meal for ground almonds').check();
    await expect(panel.getByText('● without nuts')).toBeVisible();
    await expect(page.getByRole('row', { name: /Sunflower meal/ })).toBeVisible();
  });

  test('is changed as a new version; planned orders keep theirs and say so', async ({ page }) => {
    await go(page, '/formulas/fig-compote/edit');
    await page.getByLabel('g', { exact: true }).first().fill('0');
    await page.getByRole('button', { name: 'Save as version 2' }).click();
    await expect(page.getByText('Above 0.')).toBeVisible();
    await page.getByLabel('g', { exact: true }).first().fill('777');
    await page.getByLabel('At its best').click();
    await page.getByRole('option', { name: 'later: better made ahead' }).click();
    await page.getByRole('button', { name: 'Save as version 2' }).click();
    await expect(page.getByText(/Better after how many hours\?/).first()).toBeVisible();
    await page.getByLabel('Better after, h').fill('12');
    await page.getByLabel('What was changed').fill('more fruit');
    await page.getByRole('button', { name: 'Save as version 2' }).click();
    await page.waitForURL(/\/formulas\/fig-compote$/);
    await expect(page.getByText('It is better after 12 h, and made ahead where that fits.')).toBeVisible();
    const versions = page.getByRole('region', { name: 'Versions' });
    await expect(versions).toContainText('more fruit');
    await expect(versions).toContainText('is planned with version 1');
    await versions.getByRole('link', { name: 'Varga anniversary' }).click();
    await expect(page.getByText(/There is a newer version of Fig compote/)).toBeVisible();
    await page.getByRole('button', { name: 'Take the newest' }).click();
    await expect(page.getByText(/There is a newer version of/)).toHaveCount(0);
    await go(page, '/formulas/fig-compote?version=1');
    await expect(page.getByText(/version 1 of 2/)).toBeVisible();
  });

  test('its steps are a ladder that is moved by keys', async ({ page }) => {
    await go(page, '/formulas/vanilla-buttercream/edit');
    const names = page.getByLabel('Step', { exact: true });
    await expect(names.first()).toHaveValue('Heat whites and sugar');
    await page.getByRole('button', { name: /^Move step 1/ }).focus();
    const said = page.getByRole('status').filter({ hasText: /Picked up|is now at place/ });
    await page.keyboard.press('Space');
    await expect(said).toBeAttached();
    // Where the rungs lie is measured after one is picked up: a key pressed before that moves nothing.
    await expect(async () => {
      await page.keyboard.press('ArrowDown');
      await expect(said).toHaveText(/is now at place 2 of 2/, { timeout: 500 });
    }).toPass();
    await page.keyboard.press('Space');
    await expect(names.first()).toHaveValue('Whip buttercream');
    await page.getByRole('button', { name: 'Add a step' }).click();
    await page.getByRole('button', { name: 'Save as version 2' }).click();
    await expect(page.getByText('What is this step called?')).toBeVisible();
    await page.getByRole('button', { name: 'Take step 3 out' }).click();
    await expect(names).toHaveCount(2);
  });

  test('comes in from a file with a report of what could not be read, and goes out again', async ({
    page,
    request,
  }) => {
    await go(page, '/formulas/import');
    await page.getByLabel('or paste it here').fill(
      JSON.stringify({
        '@type': 'Recipe',
        name: 'Buttermilk slab',
        recipeIngredient: ['2 cups plain flour', '250 ml buttermilk', '3 eggs', 'a pinch of stardust'],
        recipeInstructions: [
          { '@type': 'HowToStep', name: 'Mix', text: 'Stir for 5 minutes.' },
          'Bake at 350F for 30 minutes.',
        ],
      }),
    );
    await page.getByRole('button', { name: 'Read it' }).click();
    const read = page.getByRole('region', { name: 'Buttermilk slab' });
    await expect(read).toContainText('265 g Plain flour');
    await expect(read).toContainText('30 min at 175 °C');
    await expect(read).toContainText('“a pinch of stardust”: It begins with no quantity.');
    await read.getByRole('button', { name: 'Add to the library' }).click();
    await expect(read).toContainText('● Added.');
    const csv = await request.get('/k/demo/api/formulas/buttermilk-slab/export?as=csv');
    expect(await csv.text()).toContain('ingredient,Plain flour,265,g');
    const json = await (await request.get('/k/demo/api/formulas/buttermilk-slab/export?as=json')).json();
    expect(json).toMatchObject({ '@type': 'Recipe', name: 'Buttermilk slab' });
    await page.getByLabel('or paste it here').fill('neither,nor\n1,2');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('A table needs at least the columns')).toBeVisible();
  });
});
