import { sideTrimmed, sideTrimOf } from './side-trim';

describe('what is cut off the side', () => {
  it('leaves the same form, smaller all round', () => {
    expect(sideTrimmed({ form: 'round', diameter: 240 }, 6)).toEqual({ form: 'round', diameter: 228 });
    expect(sideTrimmed({ form: 'square', side: 200 }, 10)).toEqual({ form: 'square', side: 180 });
    expect(sideTrimmed({ form: 'rectangle', length: 300, width: 200 }, 5)).toEqual({
      ...{ form: 'rectangle', length: 290, width: 190 },
    });
    expect(sideTrimmed({ form: 'hexagon', across: 200 }, 5)).toEqual({ form: 'hexagon', across: 190 });
  });
  it('cannot be more than there is, nor be cut off everything', () => {
    expect(sideTrimmed({ form: 'round', diameter: 80 }, 25)).toBeNull();
    expect(sideTrimmed({ form: 'heart', side: 200 }, 5)).toBeNull();
    expect(sideTrimmed({ form: 'roll', length: 380, diameter: 110 }, 5)).toBeNull();
  });
  it('is known from the tin', () => {
    expect(sideTrimOf({ form: 'round', diameter: 228 }, { form: 'round', diameter: 240 })).toBe(6);
    expect(sideTrimOf({ form: 'round', diameter: 228 }, undefined)).toBe(0);
  });
});
