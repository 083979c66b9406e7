import { lateDays, listed, shareOfDays } from './chance-words';

describe('how likely an order is late, in a baker’s words', () => {
  it('counts days of a hundred, and says never and always only where it is so', () => {
    expect(lateDays(1)).toBe('On no day like this would it be late');
    expect(lateDays(0.9999)).toBe('On less than 1 of 100 days like this it would be late');
    expect(lateDays(0.97)).toBe('On 3 of 100 days like this it would be late');
    expect(lateDays(0.002)).toBe('On more than 99 of 100 days like this it would be late');
    expect(lateDays(0)).toBe('It would be late on every day like this');
  });
  it('names what decides it, and how much a little slack would save', () => {
    const step = (name: string, whose: string | null = null) => ({ name, whose });
    expect(listed([step('Bake')])).toBe('“Bake”');
    expect(listed([step('Bake'), step('Coat', 'Harbour choir'), step('Box')])).toBe(
      '“Bake”, “Coat” of Harbour choir, and “Box”',
    );
    expect([1, 0.75, 0.5, 0.1].map(shareOfDays)).toEqual([
      'nearly all of them',
      'most of them',
      'about half of them',
      'some of them',
    ]);
  });
});
