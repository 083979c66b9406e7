/**
 * Measures the wall as a browser has it, with eighty orders over two weeks: how much is sent, how it scrolls, zooms, opens a rung, drags one
 * and sets it down, what shifts, and whether memory stays level. Serves the built application; writes nothing but a table.
 * Usage: npm run bench:web [-- --orders 80 --changes 60] (needs a build)
 */
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { chromium as browserPath } from '../tests/e2e/chromium.mjs';
import { serveKitchen } from '../tests/e2e/kitchen-server.mjs';
import { changeLive, dragging, openRung, scrolling, sent, zooming } from './web/measures.mjs';
import { takeOrders } from './web/take-orders.mjs';

const { values } = parseArgs({
  options: { orders: { type: 'string', default: '80' }, changes: { type: 'string', default: '60' } },
});
/** Orders that the demo has. */
const TAKEN = 31;
const kb = (bytes) => `${(bytes / 1024).toFixed(0)} KB`;
const ms = (list, share) => {
  if (list.length === 0) return 'not measured';
  const sorted = [...list].sort((a, b) => a - b);
  return `${sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(0)} ms`;
};
const row = (what, ...cells) => console.log(`| ${what} | ${cells.join(' | ')} |`);

const server = await serveKitchen(3290, { ZEST_LOG: 'warn' });
const browser = await chromium.launch({
  executablePath: browserPath() ?? undefined,
  chromiumSandbox: process.getuid?.() !== 0,
});
try {
  await takeOrders(server.url, TAKEN, Number(values.orders));
  const wall = await sent(browser, `${server.url}/k/demo`);
  const bench = await sent(browser, `${server.url}/k/demo/bench`);
  console.log('| what | middle | 95 % |\n| --- | --- | --- |');
  row('wall: HTML, not compressed', kb(wall.html), '');
  row('wall: HTML as sent', kb(wall.htmlSent), '');
  row('wall: script as sent', kb(wall.script), '');
  row('bench list: script as sent', kb(bench.script), '');
  row('wall: layout shift within 6 s', wall.shift.toFixed(3), '');
  row('bench list: layout shift within 6 s', bench.shift.toFixed(3), '');

  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, timezoneId: 'UTC' });
  const page = await context.newPage();
  // Each measure begins where a lead begins: at now.
  const open = async () => {
    await page.goto(`${server.url}/k/demo`);
    await page.locator('[data-hydrated]').first().waitFor();
    await page.waitForTimeout(3000);
  };
  await open();
  for (const [way, name] of [
    ['down', 'up and down'],
    ['across', 'left and right'],
  ]) {
    const frames = await scrolling(page, way);
    row(`scrolling ${name}: a frame`, ms(frames, 0.5), ms(frames, 0.95));
  }
  await open();
  const zooms = await zooming(page);
  row('zoom, click to painted', ms(zooms, 0.5), ms(zooms, 0.95));
  await open();
  const opens = await openRung(page);
  row('a rung opened, click to its words', ms(opens, 0.5), ms(opens, 0.95));
  const { moves, shown, drops, planning } = await dragging(page);
  row('a move of the pointer while dragging, work', ms(moves, 0.5), ms(moves, 0.95));
  row('dragging begun: what moves along is shown', ms(shown, 0.5), ms(shown, 0.95));
  row('set down, to confirmed', ms(drops, 0.5), ms(drops, 0.95));
  row('times it said that it plans', `${planning} of ${drops.length}`, '');
  const { before, after, shift } = await changeLive(page, server.url, Number(values.changes));
  row(
    `heap after the first and the last of ${values.changes} live changes`,
    `${before.toFixed(1)} MB`,
    `${after.toFixed(1)} MB`,
  );
  row('layout shift over the live changes', shift.toFixed(3), '');
} finally {
  await browser.close();
  await server.stop();
}
