import type { KitchenId } from './core/ids/ids';

/** The cookie that remembers which kitchen a device used last; addresses say which one is meant. */
export const LAST_KITCHEN = 'zest-kitchen';

/** The address of a place in a kitchen. */
export const kitchenPath = (kitchen: KitchenId | string, place: string) =>
  `/k/${kitchen}${place.replace(/^\/(?=\?|$)/, '')}`;

/** The kitchen that an address is in; null where it is in none. */
export const kitchenInPath = (path: string): string | null => /^\/k\/([a-z0-9-]+)(?:\/|$)/.exec(path)?.[1] ?? null;

/** Places that had addresses of their own before kitchens had. */
const PLACES = ['bench', 'orders', 'pull-list', 'formulas', 'workbench', 'kitchen'];

/** The place that such an address, with its query, meant; null where it meant none. */
export function withoutKitchen(path: string[], query: Record<string, string | string[] | undefined>): string | null {
  if (!PLACES.includes(path[0] ?? '')) return null;
  const asked = new URLSearchParams(
    Object.entries(query).flatMap(([k, v]) => [v ?? []].flat().map((one): [string, string] => [k, one])),
  ).toString();
  return `/${path.join('/')}${asked === '' ? '' : `?${asked}`}`;
}
