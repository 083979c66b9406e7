'use client';

/** What can ask the server for the page that is open once more. */
interface Router {
  refresh: () => void;
}

/** Changes that come in a burst are shown once. Milliseconds. */
const QUIET = 150;

let timer: ReturnType<typeof setTimeout> | undefined;

/** Shows again what the server has; whatever was to be shown soon is shown with it. */
export function showAgain(router: Router): void {
  clearTimeout(timer);
  router.refresh();
}

/** As `showAgain`, once nothing more has changed for a moment. */
export function showAgainSoon(router: Router): void {
  clearTimeout(timer);
  timer = setTimeout(() => router.refresh(), QUIET);
}

/** Whoever has left shows nothing again. */
export function showNoMore(): void {
  clearTimeout(timer);
}
