import { valueAt } from './value-at';

it('has only what was put there, whatever the key', () => {
  expect(valueAt({ tin: 2 }, 'tin')).toBe(2);
  for (const key of ['constructor', 'toString', '__proto__', 'lid']) expect(valueAt({ tin: 2 }, key)).toBeUndefined();
  expect(valueAt(JSON.parse('{"constructor": 3}') as Record<string, number>, 'constructor')).toBe(3);
  expect(valueAt(undefined, 'tin')).toBeUndefined();
});
