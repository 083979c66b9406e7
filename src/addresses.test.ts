import { kitchenInPath, kitchenPath, withoutKitchen } from './addresses';

describe('addresses', () => {
  it('lead to places of a kitchen, and say which kitchen they are in', () => {
    expect(['/', '/orders/3', '/?look=week'].map((place) => kitchenPath('demo', place))).toEqual([
      '/k/demo',
      '/k/demo/orders/3',
      '/k/demo?look=week',
    ]);
    for (const path of ['/k/demo', '/k/demo/', '/k/demo/orders/3']) expect(kitchenInPath(path)).toBe('demo');
    for (const path of ['/', '/k', '/k/', '/orders', '/kitchens', '/x/k/demo', '/k/De%6do/orders'])
      expect([path, kitchenInPath(path)]).toEqual([path, null]);
  });

  it('from when there was one kitchen only still mean their places, with what they ask', () => {
    expect(withoutKitchen(['orders', '3'], {})).toBe('/orders/3');
    expect(withoutKitchen(['pull-list'], { day: '2027-05-20', days: ['2', '3'], gone: undefined })).toBe(
      '/pull-list?day=2027-05-20&days=2&days=3',
    );
    for (const path of [[], ['nowhere'], ['api', 'orders'], ['k', 'demo']]) expect(withoutKitchen(path, {})).toBeNull();
  });
});
