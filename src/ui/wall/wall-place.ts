/** How a lead looks at the wall: what the address of the page holds, so that it can be gone back to and sent on. */
export interface WallPlace {
  view: WallLook;
  /** The order that is looked at alone. */
  order: number | null;
  /** Pixels per hour; null as the look has it. */
  zoom: number | null;
  /** In the middle of what is seen. Minutes after the clock's origin; null is now. */
  minute: number | null;
  /** The order of the first ladder that is seen. */
  ladder: number | null;
  /** Orders whose ladders are opened into those of their parts. */
  opened: number[];
  /** What is shown only; keys of filter options. */
  only: string[];
}

/** A day as it is worked by, the whole of what is planned as a picture, or one order. */
export const LOOKS = ['day', 'week', 'order'] as const;
export type WallLook = (typeof LOOKS)[number];

/** Pixels per hour that can be chosen. */
export const ZOOMS = [11, 20, 32, 46, 70, 110] as const;
export const USUAL_ZOOM = 46;

/** What an address says, as far as it makes sense. */
export function readPlace(query: URLSearchParams): WallPlace {
  const number = (key: string) => {
    const text = query.get(key);
    return text !== null && /^-?\d{1,9}$/.test(text) ? Number(text) : null;
  };
  const order = number('order');
  const look = LOOKS.find((l) => l === query.get('look')) ?? 'day';
  const zoom = number('zoom');
  return {
    view: look === 'order' && order === null ? 'day' : look,
    order,
    zoom: zoom !== null && zoom >= ZOOMS[0] && zoom <= ZOOMS.at(-1)! ? zoom : null,
    minute: number('at'),
    ladder: number('from'),
    opened: (query.get('open') ?? '')
      .split(' ')
      .filter((n) => /^\d{1,9}$/.test(n))
      .map(Number),
    only: query.getAll('only'),
  };
}

/** As an address holds it; nothing where it is the first look of all. */
export function placeQuery({ view, order, zoom, minute, ladder, opened, only }: WallPlace): string {
  const query = new URLSearchParams();
  if (view !== 'day') query.set('look', view);
  if (view === 'order' && order !== null) query.set('order', `${order}`);
  if (zoom !== null) query.set('zoom', `${zoom}`);
  if (minute !== null) query.set('at', `${Math.round(minute)}`);
  if (ladder !== null) query.set('from', `${ladder}`);
  if (opened.length > 0) query.set('open', opened.join(' '));
  for (const key of only) query.append('only', key);
  const text = query.toString();
  return text ? `?${text}` : '';
}

/** The zoom that shows more, or fewer, days. */
export function zoomBy(zoom: number, steps: 1 | -1): number {
  const next = steps > 0 ? ZOOMS.find((z) => z > zoom) : ZOOMS.findLast((z) => z < zoom);
  return next ?? zoom;
}
