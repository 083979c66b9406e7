import { go, orderPath } from '../e2e/go';
import { expect, alone as test } from '../e2e/journey';
import { serve } from '../e2e/kitchen-server.mjs';
import { ownKitchen } from './own-kitchen';

test('the demo is loaded beside a kitchen of one’s own, and neither knows what is done in the other', async ({
  page,
}) => {
  test.setTimeout(400_000);
  const { folder, remove } = await ownKitchen('Quay Street Cakes');
  const server = await serve(3230 + test.info().parallelIndex, folder, { ZEST_DEMO: '0' });
  const own = (place: string) => `${server.url}/k/quay-street-cakes${place}`;
  const demo = (place: string) => `${server.url}/k/demo${place}`;
  try {
    await page.goto(`${server.url}/`);
    await expect(page).toHaveURL(own(''));
    await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
    await page.getByRole('link', { name: 'Other kitchens' }).click();
    await page.getByRole('button', { name: 'Load the demo kitchen' }).click();
    await expect(page).toHaveURL(demo(''), { timeout: 90_000 });
    await expect(page.getByRole('link', { name: 'Quillfennel Bakehouse: go to another kitchen' })).toBeVisible();

    // Both have an order 10, each its own.
    const heading = page.getByRole('heading', { level: 1 });
    await go(page, own('/orders/10'));
    const ours = (await heading.textContent())!;
    await page.goto(demo('/orders/10'));
    await expect(heading).toBeVisible();
    await expect(heading).not.toHaveText(ours);

    const library = await orderPath(page, 'Library hundred', demo('/orders'));
    await go(page, `${server.url}${library}/edit`);
    await page.getByLabel('Inscription').fill('Only in the demo');
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(page).toHaveURL(`${server.url}${library}`);
    await expect(page.getByText('“Only in the demo”')).toBeVisible();
    await go(page, `${server.url}${await orderPath(page, 'Library hundred', own('/orders'))}`);
    await expect(heading).toHaveText('Library hundred');
    await expect(page.getByText('“Only in the demo”')).toHaveCount(0);
    await page.goto(`${server.url}/orders/4`);
    await expect(page).toHaveURL(own('/orders/4'));

    await page.goto(`${server.url}/kitchens`);
    await expect(page.getByRole('listitem')).toHaveText([/Quay Street Cakes/, /Quillfennel Bakehouse/]);
    await expect(page.getByRole('button', { name: 'Load the demo kitchen' })).toHaveCount(0);
  } finally {
    await server.stop();
    remove();
  }
});
