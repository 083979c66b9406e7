import { expect, test } from './journey';
import { go, orderPath, goToFreeBench, startNow } from './go';

test('pages run only their own scripts, and are framed by nobody', async ({ request, baseURL }) => {
  for (const path of ['/k/demo', '/k/demo/bench', '/k/demo/api/builds', '/nowhere']) {
    const response = await request.get(path);
    const headers = response.headers();
    const policy = headers['content-security-policy']!;
    const nonce = /'nonce-([\w+/=]+)'/.exec(policy)![1]!;
    for (const part of ["default-src 'self'", "frame-ancestors 'none'", "object-src 'none'", "base-uri 'none'"])
      expect(policy).toContain(part);
    expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('same-origin');
    const text = await response.text();
    const scripts = text.match(/<script[^>]*>/g) ?? [];
    expect(scripts.filter((s) => !s.includes(`nonce="${nonce}"`))).toEqual([]);
  }
  const other = await request.get('/', { headers: { host: 'elsewhere.example' } });
  expect([other.status(), await other.text()]).toEqual([421, expect.stringContaining('ZEST_HOSTS')]);
  const own = { 'content-type': 'application/json', 'idempotency-key': 'from-elsewhere' };
  const sent = (headers: Record<string, string>) =>
    request.post('/k/demo/api/do/undo', { headers: { ...own, ...headers }, data: '{}' });
  expect((await sent({ origin: 'http://elsewhere.example' })).status()).toBe(403);
  expect((await sent({ origin: baseURL!, host: 'elsewhere.example' })).status()).toBe(421);
  expect((await sent({ origin: baseURL! })).status()).toBe(422);
});

test('a tap whose answer gets lost is one tap', async ({ page }) => {
  await goToFreeBench(page);
  const sent: string[] = [];
  await page.route('**/api/do/start-step', async (route) => {
    const response = await route.fetch();
    // It may be asked whether it is not too early: that is answered, and is another tap.
    if (!((await response.json()) as { ok: boolean }).ok) {
      await route.fulfill({ response });
      return;
    }
    sent.push((await route.request().allHeaders())['idempotency-key']!);
    // It comes there, and is kept; the answer does not come back.
    if (sent.length === 1) await route.abort('connectionreset');
    else await route.fulfill({ response });
  });
  const now = page.getByRole('region', { name: 'Now' });
  await startNow(page);
  await expect(now).toContainText(/Now, since/);
  expect(sent.length).toBeGreaterThanOrEqual(2);
  expect(new Set(sent).size).toBe(1);
  await expect(page.getByText(/has been begun already|did not answer/)).toHaveCount(0);
});

test('a server that is not there is told, and what was typed goes out once when it is back', async ({ page }) => {
  await go(page, '/pull-list');
  await page.route('**/api/do/tick', (route) => route.abort('connectionrefused'));
  const line = page.getByRole('checkbox').first();
  await line.click();
  const waits = page.getByRole('alert').filter({ hasText: 'goes out by itself when the server is back' });
  await expect(waits).toBeVisible();
  await page.unroute('**/api/do/tick');
  await expect(waits).toBeHidden();
  await expect(line).toBeChecked();
  await page.reload();
  await expect(line).toBeChecked();
});

test('a page stays, with what was typed, as long as the network is away; then it goes on where it was sent', async ({
  page,
  context,
}) => {
  await go(page, '/formulas/new');
  await page.getByLabel('Name', { exact: true }).first().fill('Heather honey sponge');
  await context.setOffline(true);
  await page.getByRole('link', { name: 'Orders', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'server does not answer' })).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Heather honey sponge');
  expect(page.url()).toMatch(/\/formulas\/new$/);
  await context.setOffline(false);
  await expect(page).toHaveURL(/\/orders$/);
});

test('ten pages of one browser share one stream, and each shows what is told elsewhere while it is looked at', async ({
  page,
  context,
}) => {
  const order = await orderPath(page, 'Orchard wedding');
  // No page has a stream of its own: six of them would be all that a browser has for a server.
  const streams: string[] = [];
  context.on('request', (r) => {
    if (r.url().endsWith('/api/live')) streams.push(r.url());
  });
  const others = [];
  for (let i = 0; i < 9; i++) others.push(await context.newPage());
  await Promise.all(others.map((other) => go(other, order)));
  await go(page, order);
  const said = (one: typeof page) => one.getByText(/“Cook quince curd” read 83 °C/);
  const curd = `o${order.split('/').at(-1)}.filling.cook`;
  const tell = async (door: string, data: object) => {
    const answer = await page.request.post(`/k/demo/api/do/${door}`, {
      headers: { 'idempotency-key': `ten-pages-${door}` },
      data: { step: curd, sure: true, ...data },
    });
    expect(await answer.json()).toMatchObject({ ok: true });
  };
  const [hidden, ...seen] = others;
  const look = (state: string) =>
    hidden!.evaluate((to) => {
      Object.defineProperty(document, 'visibilityState', { value: to, configurable: true });
      document.dispatchEvent(new Event('visibilitychange'));
    }, state);
  await look('hidden');
  await tell('start-step', { person: 'wim' });
  await tell('finish-step', { answer: { holds: true, value: 83 } });
  for (const one of [page, ...seen]) await expect(said(one)).toBeVisible();
  expect(streams).toEqual([]);
  // A page that is not looked at hears nothing; looked at again it shows what is.
  await expect(said(hidden!)).toHaveCount(0);
  await look('visible');
  await expect(said(hidden!)).toBeVisible();
  for (const other of others) await other.close();
});

test('a server that is silent is told, until it is heard again', async ({ page }) => {
  // A page by itself, as in a browser whose pages cannot share a stream.
  await page.addInitScript(() => Object.assign(window, { SharedWorker: undefined }));
  await page.route('**/api/live', (route) => route.abort('connectionrefused'));
  await go(page, '/orders');
  const lost = page.getByRole('alert').filter({ hasText: 'does not answer. What you see may be older' });
  await expect(lost).toBeVisible();
  await page.unroute('**/api/live');
  await expect(lost).toBeHidden();
});

test('another kitchen, and the week, are found and gone to', async ({ page }) => {
  await go(page, '/orders');
  for (const [typed, address] of [
    ['whole week', /\/k\/demo\?look=week$/],
    ['another kitchen', /\/kitchens$/],
  ] as const) {
    await page.keyboard.press('/');
    await page.getByRole('dialog', { name: 'Find anything' }).getByRole('combobox').fill(typed);
    await expect(page.getByRole('option', { selected: true })).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(address);
  }
});

test('a file that is too large for recipes is refused in words', async ({ page }) => {
  await go(page, '/formulas/import');
  for (const letters of [500_000, 3_000_000]) {
    const buffer = Buffer.from(`name,amount\n${'butter,'.repeat(letters / 7)}`);
    await page.locator('input[type="file"]').setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer });
    await expect(
      page.getByText(/too large for recipes|more than can be sent here|need another look/).first(),
    ).toBeVisible();
  }
  // Megabytes in a field take longer to look through than a journey may last.
  await page.goto('about:blank');
});
