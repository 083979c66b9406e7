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

const heart = (cm: number): Form => ({ form: 'heart', side: cm * 10 });

/** The orders of six days around a Saturday with sixteen cakes (day 2), in the order in which they came in. */
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
  order(['Post room farewell', 'Dunja Hart'], [1, '17:00'], 'caramel-drip', [round(24)], 34, 'Come back soon'),
  order(['Rowing eight', 'Cox Amery'], [1, '15:00'], 'walnut-ganache', [round(24)], 34, 'Easy all'),
  order(['Chess club', 'Imre Sand'], [1, '15:30'], 'strawberry-cloud', [round(24)], 34, ''),
  order(['Lock keepers', 'Dilys Vane'], [1, '13:00'], 'fig-sails', [round(24)], 34, 'Level at last'),
  order(['Allotment prize', 'Plot nineteen'], [1, '18:00'], 'meringue-meadow', [square(20)], 30, 'Best marrow'),
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
  order(['Ropewalk reunion', 'Hanne Brodie'], [2, '12:00'], 'walnut-ganache', [round(28)], 46, 'Still knotted'),
  order(['Gull Rock supper', 'Teo Marsh'], [2, '16:30'], 'yoghurt-ring', [round(22)], 14, ''),
  order(['Seed library', 'Wanda Iyer'], [2, '10:30'], 'orange-chiffon-crown', [round(24)], 34, 'Sow and swap', [
    'nuts',
  ]),
  order(['Ferry crew', 'Skipper Lund'], [2, '13:30'], 'caramel-drip', [round(28)], 46, 'Slack water'),
  order(['Night school', 'Petra Quist'], [2, '16:00'], 'apple-caramel-roll', rolls(2), 22, 'Passed!'),
  order(
    ['Okafor twins', 'Adaeze Okafor'],
    [2, '14:30'],
    'strawberry-cloud',
    [round(24)],
    32,
    'Two times four',
    ['nuts', 'alcohol'],
    'Four years old: no small pieces.',
  ),
  order(['Bell ringers', 'Jory Penn'], [2, '12:30'], 'meringue-meadow', [square(25)], 48, 'Six changes'),
  order(['Lamp street lease', 'Ruth Adeyemi'], [2, '11:30'], 'blackcurrant-roll', rolls(2), 22, 'Home'),
  order(['Brass band tea', 'Leif Anker'], [2, '15:30'], 'saffron-crown', [round(24)], 18, ''),
  order(['Salt road ramblers', 'Mina Costa'], [2, '10:00'], 'garden-cake', [round(24)], 34, 'Mile one thousand'),
  order(['Dunes proposal', 'Ask for Kit'], [2, '17:30'], 'raspberry-heart', [heart(16)], 30, 'Well?'),
  order(['Ottilie ninety', 'Family Brandt'], [2, '18:00'], 'lace-tower', [round(20)], 25, 'Ninety'),
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
  order(['Tide table office', 'Bea Stroud'], [5, '15:00'], 'orange-chiffon-crown', [round(20)], 24, ''),
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

/** Wants tomorrow morning what needs a decorator, and none is in before half past seven. */
export const impossibleOrder: DemoOrder = order(
  ['Moss engagement', 'Robin Moss'],
  [1, '08:45'],
  'lace-tower',
  [round(20)],
  25,
  'Yes!',
  [],
  'Rang this morning.',
);
