import type { Allergen } from '../../core/formula/formula';
import type { Form } from '../../core/shape/form';

/** An order of the demo; its pickup is so many days after the day of loading, at a wall-clock time. */
export interface DemoOrder {
  title: string;
  customer: string;
  day: number;
  time: string;
  build: string;
  tiers: Form[];
  portions: number;
  inscription: string;
  avoid: Allergen[];
  note: string;
}

const round = (cm: number): Form => ({ form: 'round', diameter: cm * 10 });
const square = (cm: number): Form => ({ form: 'square', side: cm * 10 });
const rolls = (count: number): Form[] =>
  Array.from({ length: count }, () => ({ form: 'roll', length: 380, diameter: 110 }));

const order = (
  [title, customer]: [string, string],
  [day, time]: [number, string],
  build: string,
  tiers: Form[],
  portions: number,
  inscription = '',
  avoid: Allergen[] = [],
  note = '',
): DemoOrder => ({ title, customer, day, time, build, tiers, portions, inscription, avoid, note });

/** Eleven orders over five days, in the order in which they came in. */
export const demoOrders: DemoOrder[] = [
  order(['Harbour choir', 'Maud Ferris'], [0, '15:30'], 'rye-crate', [square(25)], 48, 'Forty seasons', ['nuts']),
  order(
    ['Pell birthday', 'Anton Pell'],
    [0, '17:30'],
    'saffron-crown',
    [round(24)],
    18,
    'Seven!',
    ['nuts', 'alcohol'],
    'Seven years old: no small pieces.',
  ),
  order(['Lindqvist silver', 'Greta Lindqvist'], [1, '10:00'], 'hazelnut-discs', [round(22)], 15, 'Twenty-five years'),
  order(
    ['Abara christening', 'Chidi Abara'],
    [1, '14:00'],
    'quince-tower',
    [round(24), round(15)],
    48,
    'Welcome, Ife',
    ['alcohol'],
    'Carried to the church by car, 15 min.',
  ),
  order(['Mill office', 'Rosa at the mill'], [1, '16:30'], 'blackcurrant-roll', rolls(3), 34, '', ['nuts']),
  order(
    ['Tollgate vegan', 'Sunny Oduya'],
    [2, '11:00'],
    'garden-cake',
    [round(24), round(15)],
    45,
    'To the next ten',
    ['egg', 'milk', 'nuts'],
    'No egg, no milk.',
  ),
  order(['Sail club regatta', 'Per Holm'], [2, '15:00'], 'fig-sails', [round(28), round(20)], 70, 'Fair winds'),
  order(['Book fair', 'Nadia Roux'], [2, '17:00'], 'apricot-dome', [round(22)], 14, ''),
  order(
    ['Orchard wedding', 'Esme and Lou'],
    [3, '13:00'],
    'quince-tower',
    [round(28), round(20), round(15)],
    85,
    'E & L',
    [],
    'Stands outdoors in the shade.',
  ),
  order(['Library hundred', 'City library'], [3, '16:00'], 'rye-crate', [square(20)], 30, '100 years'),
  order(['Varga anniversary', 'Ilona Varga'], [4, '11:30'], 'fig-sails', [round(20)], 24, 'Still dancing'),
];

/** Comes in late; its pickup is set so that it can just be made. */
export const tightOrder: DemoOrder = order(
  ['Night nurses', 'Ward 4'],
  [1, '12:00'],
  'blackcurrant-roll',
  rolls(2),
  22,
  'Thank you',
  ['alcohol'],
);

/** Wants tomorrow morning what needs a day to dry. */
export const impossibleOrder: DemoOrder = order(
  ['Moss engagement', 'Robin Moss'],
  [1, '09:30'],
  'quince-tower',
  [round(20), round(15)],
  36,
  'Yes!',
  [],
  'Rang this morning.',
);
