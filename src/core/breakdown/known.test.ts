import known from './testing/known.json' with { type: 'json' };
import { KNOWN_CAKES, knownCake, knownFigures } from './testing/known';

/** After a change that is meant, `npm run known` writes them anew: what differs is to be read before it is kept. */
describe('what is known', () => {
  it.each(KNOWN_CAKES)('a cake breaks down to what it did: %s', (name) =>
    expect(knownCake(name)).toEqual(known.cakes[name as keyof typeof known.cakes]),
  );
  it('the figures of a kitchen are those, and no others', () => expect(knownFigures()).toEqual(known.figures));
});
