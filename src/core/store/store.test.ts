import { starterBuilds, starterFormulas } from '../../data/kitchens/starter';
import { demoLibrary } from '../../data/kitchens/demo-parts';
import { breakDown } from '../breakdown/break-down';
import type { Form } from '../shape/form';
import { orderId } from '../ids/ids';
import { freeOf, shortOf } from './free';
import { goesIn, lastDay } from './goes-in';
import type { Lot, Store } from './lot';
import { makeAgain } from './make-again';
import { offerFromStore } from './offer';
import { quietHours } from './quiet-hours';
import { savedBy } from './saved-by';
import { EMPTY_STORE, nextLot, withStoreEvent, type StoreEvent } from './store-state';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const cloud = starterBuilds.find((b) => b.id === 'strawberry-cloud')!;
const broken = breakDown({ id: orderId(1), build: cloud, tiers: [round(200)] }, demoLibrary);
const layers = broken.cake.layers;
const height = broken.cake.layerHeight;

const keep = (n: number, more: Partial<Lot> = {}): Extract<StoreEvent, { kind: 'lot kept' }> => ({
  ...{ kind: 'lot kept', lot: `l${n}`, formula: 'genoise', name: 'Genoise', by: 'piece', amount: 4 },
  ...{ size: { form: round(200), height }, place: 'freezer', shelf: 'shelf 2' },
  ...{ madeOn: '2026-05-04', useBy: '2026-05-25', allergens: ['egg', 'gluten'], from: 'made', reservedFor: null },
  ...more,
});
const store = (...events: StoreEvent[]): Store => events.reduce(withStoreEvent, EMPTY_STORE);
const amounts = (s: Store) => s.lots.map((l) => [l.id, l.amount]);

describe('what is told of the store', () => {
  const draw: StoreEvent = { kind: 'lot drawn', lot: 'l1', order: 7, role: 'layers', amount: 3 };
  it('adds up: kept, drawn, brought back, counted, thrown away', () => {
    expect(amounts(store(keep(1), keep(2, { amount: 9 }), draw))).toEqual([
      ['l1', 1],
      ['l2', 9],
    ]);
    expect(amounts(store(keep(1), draw, { kind: 'lot returned', lot: 'l1', order: 7, role: 'layers' }))).toEqual([
      ['l1', 4],
    ]);
    expect(amounts(store(keep(1), { kind: 'lot counted', lot: 'l1', amount: 2 }))).toEqual([['l1', 2]]);
    expect(amounts(store(keep(1), { kind: 'lot thrown', lot: 'l1', amount: 9, reason: 'ice' }))).toEqual([['l1', 0]]);
  });
  it('moves and reserves it, and says nothing of what is not there', () => {
    const moved = store(keep(1), { kind: 'lot moved', lot: 'l1', place: 'fridge', shelf: '3' });
    expect(moved.lots[0]).toMatchObject({ place: 'fridge', shelf: '3', amount: 4 });
    expect(store(keep(1), { kind: 'lot reserved', lot: 'l1', for: 'Ida' }).lots[0]!.reservedFor).toBe('Ida');
    expect(store(draw)).toEqual(EMPTY_STORE);
  });
  it('numbers lots on, and remembers only so many that are empty', () => {
    expect(nextLot(store(keep(1), keep(12)))).toBe('l13');
    const many = Array.from({ length: 230 }, (_, i) => keep(i + 1));
    const gone = many.map((_, i): StoreEvent => ({ kind: 'lot counted', lot: `l${i + 1}`, amount: 0 }));
    const left = store(...many, ...gone).lots;
    expect([left.length, left[0]!.id, left.at(-1)!.id]).toEqual([200, 'l31', 'l230']);
  });
});

describe('what orders draw on', () => {
  const asking = { ...broken, usedBy: '2026-05-09', avoid: [] as const };
  const offered = (s: Store, more: object = {}, others: Parameters<typeof offerFromStore>[2] = []) =>
    offerFromStore({ ...asking, ...more }, s, others).map((d) => [d.lot, d.role, d.amount]);

  it('is the oldest that keeps until the pickup and fits', () => {
    const [older, newer] = [keep(1, { madeOn: '2026-05-01' }), keep(2)];
    expect(offered(store(newer, older))).toEqual([['l1', 'layers', layers]]);
    expect(offered(store(newer, { ...older, useBy: '2026-05-08' }))).toEqual([['l2', 'layers', layers]]);
    expect(offered(store(keep(1, { size: { form: round(220), height } })))).toEqual([]);
    expect(offered(store(keep(1, { size: { form: round(200), height: height - 5 } })))).toEqual([]);
    expect(offered(store(keep(1, { size: { form: round(200), height: height + 5 } })))).toHaveLength(1);
  });
  it('goes over to the next lot, but a piece of the cake is drawn whole or not at all', () => {
    const one = keep(1, { amount: layers - 1 });
    expect(offered(store(one))).toEqual([]);
    expect(offered(store(one, keep(2, { madeOn: '2026-05-05' })))).toEqual([
      ['l1', 'layers', layers - 1],
      ['l2', 'layers', 1],
    ]);
  });
  it('is not what is promised to others, kept for somebody, or must not be eaten', () => {
    const s = store(keep(1, { amount: layers + 1 }));
    const [draw] = offerFromStore(asking, s, []);
    expect(offered(s, {}, [{ id: 9, fromStore: [draw!] }])).toEqual([]);
    expect(offered(store(keep(1, { reservedFor: 'the fair' })))).toEqual([]);
    expect(offered(store(keep(1, { allergens: ['nuts'] })), { avoid: ['nuts'] })).toEqual([]);
    // What it has taken out already is not promised any more.
    const taken = withStoreEvent(s, { kind: 'lot drawn', lot: 'l1', order: 9, role: 'layers', amount: layers });
    expect(freeOf(taken.lots[0]!, [{ id: 9, fromStore: [draw!] }])).toBe(1);
  });
  it('of what is weighed is as much as there is, if it is worth it', () => {
    const soak = broken.components.find((c) => c.role === 'soak')!;
    const syrup = (amount: number) => {
      const lot = keep(1, { formula: soak.formula.id, by: 'weight', amount, place: 'fridge' });
      delete lot.size;
      return store(lot);
    };
    expect(offered(syrup(1000))).toEqual([['l1', 'soak', soak.amount.grams]]);
    expect(offered(syrup(40))).toEqual([['l1', 'soak', 40]]);
    expect(offered(syrup(10))).toEqual([]);
  });
  it('is missing to those who are promised it where it was counted short', () => {
    const s = store(keep(1));
    const order = { id: 9, fromStore: offerFromStore(asking, s, []) };
    expect(shortOf(s.lots[0]!, [order])).toEqual([]);
    const counted = withStoreEvent(s, { kind: 'lot counted', lot: 'l1', amount: layers - 1 });
    expect(shortOf(counted.lots[0]!, [order])).toEqual([9]);
  });
});

describe('making it again', () => {
  const levelled = starterFormulas.map((f) =>
    f.id === 'genoise' ? { ...f, inStore: { ...f.inStore!, level: 6, makes: 8 } } : f,
  );
  it('is due below the level, by what is free and keeps', () => {
    const due = (s: Store, day = '2026-05-09') =>
      makeAgain(levelled, s, [], day).map((m) => [m.formula, m.free, m.makes]);
    expect(due(store(keep(1), keep(2)))).toEqual([]);
    expect(due(store(keep(1)))).toEqual([['genoise', 4, 8]]);
    expect(due(store(keep(1), keep(2)), '2026-05-25')).toEqual([['genoise', 0, 8]]);
  });
  it('spares the orders that ask for it their own work, size by size', () => {
    const two = breakDown({ id: orderId(2), build: cloud, tiers: [round(240)] }, demoLibrary);
    const three = breakDown({ id: orderId(3), build: cloud, tiers: [round(200)] }, demoLibrary);
    const orders = new Map([broken, two, three].map((b, i) => [orderId(i + 1), b]));
    const saved = savedBy('genoise', 2 * layers, orders)!;
    expect(saved.size!.form).toEqual(round(200));
    expect([saved.amount, saved.orders]).toEqual([2 * layers, [orderId(1), orderId(3)]]);
    const own = (o: number) =>
      orders
        .get(orderId(o))!
        .steps.filter((s) => s.work === 'hands' && s.id.startsWith(`o${o}.layers.`))
        .reduce((sum, s) => sum + s.minutes.likely, 0);
    expect(saved.minutes).toBeCloseTo(own(1) + own(3), 6);
    expect(savedBy('genoise', layers, orders)!.orders).toEqual([orderId(1)]);
    expect(savedBy('quince-curd', 500, orders)).toBeNull();
  });
  it('has room where somebody who can do it has nothing planned', () => {
    const step = { ...{ id: 's', name: 'Mix', work: 'hands', order: null } } as never;
    const person = (id: string, skills: string[]) => ({
      id,
      name: id,
      skills,
      shifts: [[480, 720] as [number, number]],
    });
    const planned = {
      problem: {
        people: [person('a', ['bake']), person('b', [])],
        steps: [step],
        waits: [],
        equipment: [],
        orders: [],
        holds: [],
        routes: [],
      },
      plan: {
        steps: [{ id: 's', start: 540, end: 600, people: ['a'], equipment: [] }],
        waits: [],
        holds: [],
        routes: {},
      },
    } as never;
    expect(quietHours(planned, [0, 1440], { skills: ['bake'], minutes: 60 })).toEqual([
      { person: 'a', start: 480, end: 540 },
      { person: 'a', start: 600, end: 720 },
    ]);
    expect(quietHours(planned, [0, 1440], { skills: ['bake'], minutes: 90 })).toHaveLength(1);
    expect(quietHours(planned, [0, 650], { skills: [], minutes: 90 })).toEqual([{ person: 'b', start: 480, end: 650 }]);
  });
});

describe('what is left of an order', () => {
  it('goes in with its place and its last day, of what is kept there', () => {
    const rest = (role: string, left: number) => ({
      ...broken,
      leftOvers: [{ from: role, kind: 'rest' as const, grams: left, uses: [], left }],
    });
    expect(goesIn(rest('soak', 120), '2026-05-09')).toEqual([
      expect.objectContaining({ amount: 120, by: 'weight', place: 'fridge', useBy: '2026-05-23', from: 'left over' }),
    ]);
    expect(goesIn(rest('soak', 20), '2026-05-09')).toEqual([]);
    expect(goesIn(rest('filling', 300), '2026-05-09')).toEqual([]);
    expect(lastDay('2026-02-27', 2 * 1440)).toBe('2026-03-01');
  });
});
