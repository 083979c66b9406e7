import { startingCoefficients } from '../breakdown/figures/starting-figures';
import { BATTERS, PURPOSES, ROLLED_UP } from '../formula/formula';
import { STORE_PLACES } from '../kinds/places';
import { COUNTRIES } from '../measure/units';
import { FORM_MEASURES } from '../shape/form';
import { OFFER_KINDS } from '../shape/size-offers';
import { PORTION_KINDS } from '../shape/portions';
import { LANGUAGES } from './languages';
import { term, terms } from './say';
import { TERMS } from './terms';

const spoken = globalThis as { zestLanguage?: string };
afterEach(() => {
  delete spoken.zestLanguage;
  delete LANGUAGES.xx;
});

describe('words that are keys', () => {
  it('are said in the language that is spoken, or as they are', () => {
    expect(terms(['egg', 'milk'])).toBe('egg, milk');
    LANGUAGES.xx = { egg: 'Ei' };
    spoken.zestLanguage = 'xx';
    expect(terms(['egg', 'milk'])).toBe('Ei, milk');
    spoken.zestLanguage = 'yy';
    expect(term('egg')).toBe('egg');
  });
  it.each([
    ['places', STORE_PLACES],
    ['allergens', ROLLED_UP],
    ['purposes', PURPOSES],
    ['batters', BATTERS],
    ['portions', PORTION_KINDS],
    ['offers', OFFER_KINDS],
    ['forms', Object.keys(FORM_MEASURES)],
    ['countries', COUNTRIES],
    ['what cools', Object.keys(startingCoefficients.cooling)],
  ] as [string, readonly string[]][])('%s are all among the terms', (_, keys) => {
    expect(keys.filter((k) => !TERMS.includes(k))).toEqual([]);
  });
});
