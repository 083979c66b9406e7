import { fc } from '../../core/testing/chance';
import { LOOKS, placeQuery, readPlace, zoomBy, ZOOMS, type WallPlace } from './wall-place';

const FIRST_PLACE: WallPlace = {
  ...{ view: 'day', order: null, zoom: null, minute: null, ladder: null },
  ...{ opened: [], only: [] },
};

describe('how one looks at the wall', () => {
  it('is held by the address, and comes back from it', () => {
    const place: fc.Arbitrary<WallPlace> = fc
      .record({
        view: fc.constantFrom(...LOOKS),
        order: fc.integer({ min: 1, max: 9999 }),
        zoom: fc.option(fc.constantFrom(...ZOOMS)),
        minute: fc.option(fc.integer({ min: -9999, max: 99999 })),
        ladder: fc.option(fc.integer({ min: 1, max: 9999 })),
        opened: fc.array(fc.integer({ min: 1, max: 9999 })),
        only: fc.array(fc.string()),
      })
      .map((p) => ({ ...p, order: p.view === 'order' ? p.order : null }));
    fc.assert(fc.property(place, (p) => expect(readPlace(new URLSearchParams(placeQuery(p)))).toEqual(p)));
  });

  it('needs no address where it is the first one', () => {
    expect(placeQuery(FIRST_PLACE)).toBe('');
    expect(readPlace(new URLSearchParams(''))).toEqual(FIRST_PLACE);
  });

  it('is the first one as far as an address makes no sense', () => {
    const odd = new URLSearchParams('look=month&zoom=9999&at=noon&from=x&open=1 y 3');
    expect(readPlace(odd)).toEqual({ ...FIRST_PLACE, opened: [1, 3] });
    expect(readPlace(new URLSearchParams('look=order')).view).toBe('day');
  });

  it('is zoomed step by step, and no further than there are steps', () => {
    expect(zoomBy(46, 1)).toBe(70);
    expect(zoomBy(46, -1)).toBe(32);
    expect(zoomBy(50, -1)).toBe(46);
    expect([zoomBy(ZOOMS[0], -1), zoomBy(ZOOMS.at(-1)!, 1)]).toEqual([ZOOMS[0], ZOOMS.at(-1)]);
  });
});
