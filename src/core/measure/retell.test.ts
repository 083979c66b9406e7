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

  it('reads every unit with and without a blank, decimals and thousands', () => {
    const ounces = { ...METRIC, weight: 'oz' } as const;
    expect(retell('1.25 kg, 1,25kg, 2kg', ounces)).toBe('2 lb 12.1 oz, 2 lb 12.1 oz, 4 lb 6.5 oz');
    expect(retell('1\u2009250kg', ounces)).toBe('2755 lb 12.5 oz');
    expect(retell('28.35g and 28,35 g, 10.25g', ounces)).toBe('1 oz and 1 oz, 0.4 oz');
    const cups = { ...METRIC, volume: 'cups' } as const;
    expect(retell('187.5 ml, 187,5ml, 1\u2009250ml', cups)).toBe('¾ cup, ¾ cup, 5 cups');
    const inches = { ...METRIC, length: 'in' } as const;
    expect(retell('20.32 cm, 20,32cm, 2\u2009032 cm, 203cm²', inches)).toBe('8 in, 8 in, 800 in, 203cm²');
    expect(retell('203.25 mm, 203,25mm, 2\u2009032mm', inches)).toBe('8 in, 8 in, 80 in');
    const fahrenheit = { ...METRIC, temperature: 'F' } as const;
    expect(retell('-4.25 °C, 82,25°C, 100°C', fahrenheit)).toBe('24 °F, 180 °F, 212 °F');
    expect(retell('a g of it, x kg, cm', ounces)).toBe('a g of it, x kg, cm');
  });

  it('leaves what somebody reads as it is written to the letter, also an odd one', () => {
    const ounces = { ...METRIC, weight: 'oz' } as const;
    expect(retell('100,50 ml, 20.00 cm, 180.0 °C', ounces)).toBe('100,50 ml, 20.00 cm, 180.0 °C');
    expect(retell('100,50 g, 2.00 kg', { ...METRIC, length: 'in' })).toBe('100,50 g, 2.00 kg');
  });
});
