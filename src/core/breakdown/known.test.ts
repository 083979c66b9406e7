import known from './testing/known.json' with { type: 'json' };
import { knownCakes, knownFigures } from './testing/known';

/** After a change that is meant, `npm run known` writes them anew: what differs is to be read before it is kept. */
describe('what is known', () => {
  it.each(Object.entries(knownCakes()))('a cake breaks down to what it did: %s', (name, lines) =>
    expect(lines).toEqual(known.cakes[name as keyof typeof known.cakes]),
  );
  it('the figures of a kitchen are those, and no others', () => expect(knownFigures()).toEqual(known.figures));
});
