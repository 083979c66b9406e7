import known from './testing/known.json' with { type: 'json' };
import { KNOWN_SHAPES } from './testing/known';

/** After a change that is meant, `npm run known` writes them anew: what differs is to be read before it is kept. */
describe('what is known', () => {
  it.each(Object.keys(KNOWN_SHAPES) as (keyof typeof KNOWN_SHAPES)[])('is to the letter what it was: %s', (of) =>
    expect(KNOWN_SHAPES[of]()).toEqual(known[of]),
  );
});
