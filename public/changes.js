/**
 * Runs once for all pages of a browser, which has six connections to the server and no more: one stream of each kitchen's changes, told to every page
 * that listens, and closed when none does. A page sends the address of its stream (`ToChanges` in `src/ui/parts/changes.ts`), or null when it
 * hears no more, and is sent what is heard (`Heard`). It is served as it is: the build makes no shared worker out of TypeScript.
 */

/** By address: the stream, and the ports of the pages that listen to it. */
const streams = new Map();

function listen(url, page) {
  const known = streams.get(url);
  if (known) {
    known.pages.add(page);
    if (known.source.readyState === EventSource.OPEN) page.postMessage('open');
    return;
  }
  const source = new EventSource(url);
  const pages = new Set([page]);
  const tell = (heard) => () => pages.forEach((p) => p.postMessage(heard));
  source.onmessage = tell('change');
  source.onopen = tell('open');
  source.onerror = tell('silent');
  streams.set(url, { source, pages });
}

function leave(page) {
  for (const [url, { source, pages }] of streams) {
    pages.delete(page);
    if (pages.size > 0) continue;
    source.close();
    streams.delete(url);
  }
}

addEventListener('connect', ({ ports: [page] }) => {
  page.onmessage = ({ data }) => (data === null ? leave(page) : listen(data, page));
});
