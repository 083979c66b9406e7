import { counted } from './counted';

it('says one thing as one, and any other number as many', () => {
  expect([0, 1, 2, 1.5].map((n) => counted(n, 'portion'))).toEqual([
    ...['0 portions', '1 portion', '2 portions', '1.5 portions'],
  ]);
  expect([counted(1, 'loaf', 'loaves'), counted(3, 'loaf', 'loaves')]).toEqual(['1 loaf', '3 loaves']);
});
