import { chromium } from '@playwright/test';
import { serveKitchen } from './tests/e2e/kitchen-server.mjs';
const server = await serveKitchen(3290);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', chromiumSandbox: false });
const base = 'http://127.0.0.1:3290';
const shot = async (name, path, { width = 1280, height = 800, act, dark, print, full } = {}) => {
  const page = await browser.newPage({ viewport: { width, height }, colorScheme: dark ? 'dark' : 'light' });
  await page.goto(base + path); await page.locator('[data-hydrated]').first().waitFor();
  if (print) await page.emulateMedia({ media: 'print', colorScheme: dark ? 'dark' : 'light' });
  if (act) { try { await act(page); } catch (e) { console.log(name, String(e).slice(0, 300)); } }
  await page.waitForTimeout(700);
  await page.screenshot({ path: `/tmp/shot-${name}.png`, fullPage: full ?? false });
  await page.close();
};
export { shot, browser, server, base };
const list = (await import(process.argv[2])).default;
await list({ shot, browser, base });
await browser.close();
await server.stop?.(); await server.close?.();
process.exit(0);
