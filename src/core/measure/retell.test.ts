import { retell } from './retell';
import { METRIC } from './show-quantity';

const american = { weight: 'oz', volume: 'cups', temperature: 'F', length: 'in', country: 'US' } as const;

describe('a sentence in somebody’s own units', () => {
  it('says every quantity as they read it', () => {
    expect(retell('2 × 848 g into round 20 cm, bake at 170 °C', american)).toBe(
      '2 × 1 lb 13.9 oz into round 7.87 in, bake at 338 °F',
    );
    expect(retell('1\u2009480 g, 355 ml, 4 mm', american)).toBe('3 lb 4.2 oz, 1½ cups, 0.16 in');
    expect(retell('gas at 180 °C', { ...METRIC, temperature: 'gas' })).toBe('gas at gas 4');
  });
  it('stays to the letter for who reads so, and where nothing is measured', () => {
    const text = 'Weigh 1\u2009480 g at 0.9 g/ml in 28 min';
    expect(retell(text, METRIC)).toBe(text);
    expect(retell('0.9 g/ml, 314 cm², 28 min, 5 golden eggs', american)).toBe(
      '0.9 g/ml, 314 cm², 28 min, 5 golden eggs',
    );
  });
});
