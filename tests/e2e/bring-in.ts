import { beginWith, go } from './go';
import { expect, type Page } from './journey';
import { OnTheSection } from './on-the-section';

const NAME = 'Sorrel Yard';

/** A kitchen of one’s own from an empty folder, as far as somebody gets in a morning: four people and one oven. */
async function setUp(page: Page, url: string): Promise<(place: string) => string> {
  const own = (place: string) => `${url}/k/sorrel-yard${place}`;
  await go(page, `${url}/`);
  await page.getByRole('button', { name: /^Make the kitchen/ }).click();
  await expect(page.getByText('What is your kitchen called?')).toBeVisible();
  await page.getByLabel('Name of your kitchen').fill(NAME);
  await page.getByRole('combobox', { name: 'Lengths' }).click();
  await page.getByRole('option', { name: 'cm' }).click();
  await page.getByRole('button', { name: /^Make the kitchen/ }).click();
  await expect(page).toHaveURL(own('/kitchen/people'));
  await expect(page.getByText('Nobody works here yet.')).toBeVisible();

  const team: [string, string[]][] = [
    ['Una', ['mix', 'bake', 'fill']],
    ['Pavel', ['fill', 'coat', 'decorate']],
    ['Rosa', ['mix', 'coat']],
    ['Teo', ['bake', 'paste', 'sugar', 'decorate']],
  ];
  for (const [name, skills] of team) {
    await page.getByRole('link', { name: 'Add somebody' }).click();
    await page.getByLabel('Name', { exact: true }).fill(name);
    for (const skill of skills) await page.getByRole('button', { name: `${skill}: does it` }).click();
    await page.getByRole('button', { name: 'Day, Tue to Sat' }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('link', { name: new RegExp(name) })).toBeVisible();
  }
  await page.getByRole('button', { name: 'On to: Pickup hours' }).click();
  await page.getByRole('button', { name: 'any time · + hours, Saturday' }).click();
  // The way on saves what is typed.
  await page.getByRole('button', { name: 'On to: Ovens' }).click();
  await expect(page).toHaveURL(/\/kitchen\/ovens$/);
  const way = page.getByRole('region', { name: 'Set up your kitchen' });
  await way.getByRole('link', { name: 'Pickup hours' }).click();
  await expect(page.getByRole('button', { name: '+ more, Saturday' })).toBeVisible();
  await expect(page.getByText('Pickup hours are not told')).toHaveCount(0);
  await way.getByRole('link', { name: 'Ovens' }).click();
  await expect(page).toHaveURL(/\/kitchen\/ovens$/);
  const sets: [string, string[]][] = [
    ['Ovens', ['One small fan oven']],
    ['Machines', ['One mixer, a hob, a turntable']],
    ['Tins', ['Round tins, 15 to 30 cm', 'Cake rings, 16 to 24 cm', 'Baking sheets, 60 × 40 cm']],
    ['Cold places', ['Two fridges, a freezer, a dry box']],
  ];
  for (const [step, names] of sets) {
    await page.getByRole('region', { name: 'Set up your kitchen' }).getByRole('link', { name: step }).click();
    for (const name of names) {
      const set = page.getByRole('button', { name: `+ ${name}`, exact: true });
      await set.click();
      await expect(set).toHaveCount(0);
    }
  }
  return own;
}

/** A bakery that brings itself in at an empty server, with things of its own and a first order (“Weir picnic”); answers with where its places are. */
export async function bringInABakery(page: Page, url: string): Promise<(place: string) => string> {
  const own = await setUp(page, url);

  await go(page, own('/kitchen/tins'));
  const words = page.getByLabel('Tins in plain words, one a line');
  await words.fill('round 17, 6 deep, 2 of them\nthe blue one');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByText(/^Line 2: /)).toBeVisible();
  await expect(words).toHaveValue('round 17, 6 deep, 2 of them\nthe blue one');
  await words.fill('round 17, 6 deep, 2 of them');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('link', { name: /Tins, round 17 cm 2 ×/ })).toBeVisible();

  // The week as a table: a cell that cannot be read is named, and then taken as it was meant.
  await go(page, own('/kitchen/tables/people'));
  await page.getByRole('button', { name: 'Edit in the cells' }).click();
  await page.getByLabel('Rosa, monday').fill('early');
  await page.getByRole('button', { name: 'See what comes of it' }).click();
  await expect(page.getByText(/monday: “early” cannot be read/)).toBeVisible();
  await page.getByLabel('Rosa, monday').fill('5-9');
  await page.getByRole('button', { name: 'See what comes of it' }).click();
  await page.getByRole('button', { name: 'Take 1 line' }).click();
  await expect(page.getByRole('cell', { name: '05:00-09:00' })).toBeVisible();
  await go(page, own('/kitchen/people'));
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /Rosa/ })).toContainText('40 h on 5 days a week');

  await go(page, own('/kitchen/ingredients/new'));
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('What is it called?')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Pistachio paste');
  await page.getByLabel('What it is').click();
  await page.getByRole('option', { name: 'nuts or seeds' }).click();
  await page.getByRole('checkbox', { name: 'nuts', exact: true }).check();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const card = page.getByRole('link', { name: /Pistachio paste/ });
  await expect(card).toContainText('not confirmed by anybody');
  await card.click();
  await page.getByRole('checkbox', { name: /^I have read its label/ }).check();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(card).not.toContainText('not confirmed');
  await expect(card).toContainText('nuts');

  await page.getByRole('region', { name: 'Set up your kitchen' }).getByRole('link', { name: 'Formulas' }).click();
  await page.getByText('Look inside').first().click();
  await page.getByRole('button', { name: 'Choose all' }).click();
  await page.getByRole('button', { name: /^Take \d+ cakes and \d+ formulas/ }).click();
  await expect(page.getByRole('button', { name: 'Nothing chosen' })).toBeVisible();
  await page.getByRole('button', { name: 'On to: A first order' }).click();

  // It opens on Saturdays only: another day is refused beside the field, and nothing that was typed is lost.
  await expect(page).toHaveURL(own('/orders/new'));
  await page.getByLabel('Portions', { exact: true }).fill('16');
  await beginWith(page, 'walnut ganache', /^Walnut ganache/);
  await page.getByLabel('Name of the order').fill('Weir picnic');
  await page.getByLabel('Customer').fill('Ada');
  await page.getByLabel('Inscription').fill('Weir');
  // It begins with a day on which something is collected; another one is said to be none.
  const section = new OnTheSection(page);
  await expect(page.getByText('Nothing is collected on that weekday.')).toHaveCount(0);
  await section.pickUpOn('Sun 30 May 2027, 11:00');
  await expect(page.getByText('Nothing is collected on that weekday.').first()).toBeVisible();
  await expect(page.getByLabel('Name of the order')).toHaveValue('Weir picnic');
  await section.pickUpOn('Sat 29 May 2027, 11:00');
  await expect(page.getByRole('status').filter({ hasText: /Can be ready/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take the order' }).click();
  await page.waitForURL(/\/orders\/\d+$/);
  await expect(page.getByRole('heading', { name: 'Weir picnic' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: /Can be ready/ })).toBeVisible();
  return own;
}
