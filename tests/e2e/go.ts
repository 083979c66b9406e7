import type { Page } from './journey';

/** Opens a page and waits until it is alive. */
export async function go(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.locator('[data-hydrated]').first().waitFor();
}

/** Begins a new order's cake by a word, with the first offer that is called so. */
export async function beginWith(page: Page, word: string, offer: RegExp): Promise<void> {
  await page.getByLabel('A flavour, a cake, an older order').fill(word);
  await page.getByRole('list', { name: 'Cakes to begin from' }).getByRole('button', { name: offer }).first().click();
  await page.getByTestId('section').waitFor();
}

/** Where the page of an order is, found by its title in the list of orders at `list`. */
export async function orderPath(page: Page, title: string, list = '/orders'): Promise<string> {
  await go(page, list);
  return new URL((await page.getByRole('link', { name: title }).getAttribute('href'))!, page.url()).pathname;
}

/** Opens the bench of somebody whose next step can be begun: whose that is differs from plan to plan. */
export async function goToFreeBench(page: Page): Promise<void> {
  await go(page, '/bench');
  const links = await page.getByRole('link').evaluateAll((all) => all.map((a) => a.getAttribute('href') ?? ''));
  const start = page.getByRole('region', { name: 'Now' }).getByRole('button', { name: /^Start/ });
  for (const bench of links.filter((href) => /\/bench\/[^/]+$/.test(href))) {
    await go(page, bench);
    if ((await start.count()) > 0 && (await start.isEnabled())) return;
  }
  throw new Error('Nobody can begin anything.');
}

/** Begins the step of the open bench; where it is asked whether it is not too early, it is begun all the same. */
export async function startNow(page: Page): Promise<void> {
  const now = page.getByRole('region', { name: 'Now' });
  await now.getByRole('button', { name: /^Start/ }).click();
  const early = page.getByRole('dialog').getByRole('button', { name: 'Yes: begin it' });
  await early
    .or(now.getByText(/^Now, since/))
    .first()
    .waitFor();
  if (await early.isVisible()) await early.click();
}

/** Begins a step without its bench, whenever the plan has it, and whatever there is to be asked. */
export async function beginByDoor(page: Page, step: string, person: string): Promise<void> {
  const answer = await page.request.post('/k/demo/api/do/start-step', {
    headers: { 'idempotency-key': `begin-${step.replaceAll('.', '-')}` },
    data: { step, person, sure: true },
  });
  if (!answer.ok()) throw new Error(await answer.text());
}
