import { clashesOf, clashWords, type Clash } from './allergen-clash';

const clash = (allergen: Clash['allergen'], ...from: string[]): Clash => ({ allergen, from });
const cake = [clash('nuts', 'praline cream', 'crumbs'), clash('egg', 'sponge'), clash('not confirmed', 'fruit gel')];

describe('what its eaters must not get', () => {
  it('is what the cake has of what is avoided, and whatever nobody has confirmed', () => {
    expect(clashesOf(cake, ['egg'])).toEqual([cake[1], cake[2]]);
    expect(clashesOf(cake, ['nuts', 'egg'])).toEqual(cake);
    expect(clashesOf(cake.slice(0, 2), ['sesame'])).toEqual([]);
  });
  it('is nothing where nothing is avoided', () => expect(clashesOf(cake, [])).toEqual([]));
  it('is told with the parts that bring it', () => {
    expect(clashWords(cake.slice(0, 2))).toBe('nuts (praline cream, crumbs); egg (sponge)');
    expect(clashWords([])).toBe('');
  });
});
