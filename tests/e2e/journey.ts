import { expect, test as base, type Page } from '@playwright/test';
import { faults } from './faults';
import { serveKitchens } from './kitchen-server.mjs';
import { templateFolder, type TemplateName } from './make-template';

export { expect, type Page } from '@playwright/test';

/** A server, and the file for whose journeys it has its kitchen. */
interface Served {
  file: string | null;
  server: Awaited<ReturnType<typeof serveKitchens>> | null;
}

/**
 * Where a page has come to: its address without numbers and names, its dialogs, and what it says. Another order, or another day, shuts out nobody
 * who was not shut out of the first.
 */
const placeOf = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const shape = window.location.pathname.replace(/\d+/g, 'N').replace(/(formulas|people|bench)\/[^/]+/, '$1/ONE');
    const said = document.querySelectorAll('[role="dialog"], [role="alert"], [role="complementary"], [role="listbox"]');
    const names = [...said].map((e) => `${e.getAttribute('role')} ${e.getAttribute('aria-label') ?? ''}`);
    return [shape, window.innerWidth, ...new Set(names)].join(' · ');
  });

/** Journeys that serve kitchens of their own. */
export const alone = base.extend<{ page: Page }, { lookedThrough: Set<string> }>({
  lookedThrough: [async ({}, give) => give(new Set()), { scope: 'worker' }],
  // Wherever a journey has come to, dialogs, answers and complaints included, nobody may be shut out; contrasts are measured where every view is looked through.
  page: async ({ page, lookedThrough }, give, info) => {
    await give(page);
    if (info.status !== info.expectedStatus || page.isClosed() || !page.url().startsWith('http')) return;
    const place = await placeOf(page);
    if (lookedThrough.has(place)) return;
    // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
    await expect.poll(() => faults(page, { contrast: false }), { timeout: 25_000 }).toEqual([]);
    lookedThrough.add(place);
  },
});

/**
 * Journeys through the real interface. Each worker has a server of its own, and each file a kitchen of its own: the demo on its Thursday
 * morning, as nobody has touched it yet, with few orders or (`test.use({ orders: 'whole' })`) with all of them.
 */
export const test = alone.extend<{ baseURL: string; orders: TemplateName }, { served: Served }>({
  orders: ['few', { option: true }],
  served: [
    async ({}, give) => {
      const served: Served = { file: null, server: null };
      await give(served);
      await served.server?.stop();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  baseURL: async ({ served, orders }, give, info) => {
    if (!served.server) served.server = await serveKitchens(3217 + info.parallelIndex, templateFolder(orders));
    else if (served.file !== info.file) await served.server.moveTo(templateFolder(orders));
    served.file = info.file;
    await give(served.server.url);
  },
});
