/** @typedef {import('@playwright/test').Page} Page */

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Adds up what moved without anybody’s doing. Runs in the page, before its own script. */
const watchShifts = () => {
  window.shifted = 0;
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.shifted += entry.value;
  }).observe({ type: 'layout-shift', buffered: true });
};

/** What is sent for a page that is opened for the first time (bytes), and what shifts on it. */
export async function sent(browser, url) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, timezoneId: 'UTC' });
  const page = await context.newPage();
  await page.addInitScript(watchShifts);
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  const kinds = new Map();
  let [html, htmlSent, script] = [0, 0, 0];
  session.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  session.on('Network.dataReceived', ({ requestId, dataLength }) => {
    if (kinds.get(requestId) === 'Document') html += dataLength;
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (kinds.get(requestId) === 'Document') htmlSent += encodedDataLength;
    if (kinds.get(requestId) === 'Script') script += encodedDataLength;
  });
  await page.goto(url);
  await page.locator('[data-hydrated]').first().waitFor();
  await wait(6000);
  const shift = await page.evaluate(() => window.shifted);
  await context.close();
  return { html, htmlSent, script, shift };
}

/** Scrolls the wall for some seconds, frame by frame, there and back; how long each frame took, ms. */
export function scrolling(page, way) {
  return page.getByTestId('wall').evaluate(
    (wall, across) =>
      new Promise((resolve) => {
        const frames = [];
        let last = performance.now();
        let by = 24;
        const side = across ? 'scrollLeft' : 'scrollTop';
        const step = (now) => {
          frames.push(now - last);
          last = now;
          const before = wall[side];
          wall[side] += by;
          if (Math.abs(wall[side] - before) < 1) by = -by;
          if (frames.length < 240) requestAnimationFrame(step);
          else resolve(frames.slice(1));
        };
        requestAnimationFrame(step);
      }),
    way === 'across',
  );
}

/** Clicks, and how long until what `seen` finds is there and painted, ms. */
async function clicked(page, button, seen) {
  await page.evaluate((selector) => {
    window.took = new Promise((resolve) => {
      addEventListener(
        'click',
        (e) => {
          const begun = e.timeStamp;
          const look = () => {
            if (selector === null || document.querySelector(selector))
              requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begun)));
            else requestAnimationFrame(look);
          };
          requestAnimationFrame(look);
        },
        { capture: true, once: true },
      );
    });
  }, seen);
  await button();
  return page.evaluate(() => window.took);
}

/** Zooms in and out. */
export async function zooming(page) {
  const took = [];
  for (const name of ['more days', 'more days', 'more detail', 'more detail', 'more days', 'more detail']) {
    const button = page.getByRole('button', { name: `Show ${name}` });
    took.push(await clicked(page, () => button.click(), null));
    await wait(400);
  }
  return took;
}

/** Rungs that lie in the middle of the window, where a hand can reach them. */
function within(page) {
  return page.locator('[data-ladder] [data-state="planned"]').evaluateAll((all) =>
    all
      .map((e) => ({ step: e.getAttribute('data-step'), box: e.getBoundingClientRect() }))
      .filter(({ box }) => box.top > 240 && box.bottom < 600 && box.left > 120 && box.right < 900)
      .map(({ step, box }) => ({ step, x: box.left + Math.min(30, box.width / 2), y: box.top + box.height / 2 }))
      .filter(
        ({ step, x, y }) => document.elementFromPoint(x, y)?.closest('[data-step]')?.getAttribute('data-step') === step,
      ),
  );
}

/** Opens rungs, until their heading is read. */
export async function openRung(page) {
  const took = [];
  for (const { x, y } of (await within(page)).slice(0, 8)) {
    took.push(
      await clicked(page, () => page.mouse.click(x, y), '[role=dialog] h3, [role=dialog] dt, [role=dialog] h2'),
    );
    await page.keyboard.press('Escape');
    await page.getByRole('dialog').waitFor({ state: 'hidden' });
    await wait(300);
  }
  return took;
}

/** Drags rungs a little later and sets them down. */
export async function dragging(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const worked = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return 1000 * metrics.find((m) => m.name === 'TaskDuration').value;
  };
  const [moves, shown, drops] = [[], [], []];
  let planning = 0;
  for (let i = 0; i < 10; i++) {
    const found = await within(page);
    const rung = found[(i * 5) % found.length];
    if (!rung) break;
    await page.mouse.move(rung.x, rung.y);
    await page.mouse.down();
    await page.mouse.move(rung.x, rung.y - 8);
    const begun = performance.now();
    await page
      .getByRole('status')
      .filter({ hasText: /hangs on it|moves? along|Not possible/ })
      .waitFor();
    shown.push(performance.now() - begun);
    for (let k = 0; k < 12; k++) {
      const before = await worked();
      await page.mouse.move(rung.x, rung.y - 10 - k * 2);
      await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));
      moves.push((await worked()) - before);
    }
    const possible = !(await page.getByRole('status').filter({ hasText: 'Not possible' }).count());
    if (!possible) {
      await page.keyboard.press('Escape');
      await page.mouse.up();
      continue;
    }
    const set = performance.now();
    await page.mouse.up();
    const said = page
      .getByText('Planning…')
      .first()
      .waitFor({ timeout: 3000 })
      .then(
        () => (planning += 1),
        () => undefined,
      );
    const pinned = await page
      .locator(`[data-step="${rung.step}"][data-pinned]`)
      .first()
      .waitFor({ timeout: 15_000 })
      .then(
        () => true,
        () => false,
      );
    if (pinned) drops.push(performance.now() - set);
    await said;
    await wait(800);
  }
  return { moves, shown, drops, planning };
}

/** Tells of things at the bench while the wall is open; the heap after the first and the last of them, MB. */
export async function changeLive(page, url, changes) {
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.enable');
  const heap = async () => {
    for (let i = 0; i < 3; i++) await session.send('HeapProfiler.collectGarbage');
    const { usedSize } = await session.send('Runtime.getHeapUsage');
    return usedSize / 2 ** 20;
  };
  await page.evaluate(watchShifts);
  let keys = 0;
  const post = async (door, body) => {
    const response = await fetch(`${url}/k/demo/api/do/${door}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': `web-live-${++keys}-${Date.now()}` },
      body: JSON.stringify(body),
    });
    return response.json();
  };
  const next = page.locator('[data-ladder] [data-next]');
  let running = null;
  for (const step of await next.evaluateAll((all) => all.map((e) => e.getAttribute('data-step')))) {
    for (const person of ['ines', 'bo', 'tamsin', 'karel', 'odile', 'juno', 'wim'])
      if (running === null && (await post('start-step', { step, person, sure: true })).ok) running = step;
  }
  if (running === null) throw new Error('Nothing could be begun.');
  const tell = async () => {
    await post('extend-step', { step: running, minutes: 1 });
    await wait(1200);
  };
  for (let i = 0; i < 5; i++) await tell();
  const before = await heap();
  for (let i = 0; i < changes; i++) await tell();
  return { before, after: await heap(), shift: await page.evaluate(() => window.shifted) };
}
