import { expect, test as base } from '@playwright/test';
import { serveKitchen } from './kitchen-server.mjs';
import { faults } from './faults';

export { expect, type Page } from '@playwright/test';

type Server = Awaited<ReturnType<typeof serveKitchen>>;
/** A kitchen that is served, and the file whose journeys it is for. */
interface Kitchen {
  file: string | null;
  server: Server | null;
}

/** Journeys that serve kitchens of their own. */
export const alone = base.extend({
  // Wherever a journey has come to, dialogs, answers and complaints included, nobody may be shut out; contrasts are measured where every view is looked through.
  page: async ({ page }, give, info) => {
    await give(page);
    if (info.status !== info.expectedStatus || page.isClosed() || !page.url().startsWith('http')) return;
    // While answers are still coming, what waits for them is pale: it is looked at until it has settled.
    await expect.poll(() => faults(page, { contrast: false }), { timeout: 25_000 }).toEqual([]);
  },
});

/**
 * Journeys through the real interface. Each worker has a server of its own, and each file a kitchen of its own: the demo on its Thursday
 * morning, as nobody has touched it yet.
 */
export const test = alone.extend<{ baseURL: string }, { kitchen: Kitchen }>({
  kitchen: [
    async ({}, give) => {
      const kitchen: Kitchen = { file: null, server: null };
      await give(kitchen);
      await kitchen.server?.stop();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  baseURL: async ({ kitchen }, give, info) => {
    if (kitchen.file !== info.file) {
      await kitchen.server?.stop();
      kitchen.server = await serveKitchen(3217 + info.parallelIndex, process.env.ZEST_TEMPLATE ?? null);
      kitchen.file = info.file;
    }
    await give(kitchen.server!.url);
  },
});
