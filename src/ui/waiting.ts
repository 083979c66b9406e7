/** What was sent and waits for the server to be back: it is in this page alone, and whoever closes the page is warned. */
let count = 0;
const listeners = new Set<() => void>();

/** For `useSyncExternalStore`: how many things wait. */
export const waiting = {
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  count: (): number => count,
};

/** Something begins to wait; the function that is returned says that it waits no more. */
export function waits(): () => void {
  change(1);
  return () => change(-1);
}

function change(by: number): void {
  count += by;
  if (count > 0) addEventListener('beforeunload', warn);
  else removeEventListener('beforeunload', warn);
  for (const listener of listeners) listener();
}

const warn = (event: Event) => event.preventDefault();
