import type { Form } from '../src/core/shape/form';

/** What a demo order of an earlier week can be: a build in sizes that it is sold in. */
interface Usual {
  build: string;
  sizes: Form[][];
}

const round = (...cm: number[]): Form[] => cm.map((d) => ({ form: 'round', diameter: d * 10 }));
const square = (cm: number): Form[] => [{ form: 'square', side: cm * 10 }];
const heart = (cm: number): Form[] => [{ form: 'heart', side: cm * 10 }];
const rolls = (count: number): Form[] =>
  Array.from({ length: count }, () => ({ form: 'roll', length: 380, diameter: 110 }));

/** What was asked for in the six weeks before the demo's own: what is liked most comes first. */
export const usualOrders: Usual[] = [
  { build: 'strawberry-cloud', sizes: [round(20), round(24), round(28)] },
  { build: 'caramel-drip', sizes: [round(20), round(24), round(28)] },
  { build: 'walnut-ganache', sizes: [round(20), round(24)] },
  { build: 'orange-chiffon-crown', sizes: [round(20), round(24)] },
  { build: 'blackcurrant-roll', sizes: [rolls(1), rolls(2), rolls(3)] },
  { build: 'rye-crate', sizes: [square(20), square(25)] },
  { build: 'fig-sails', sizes: [round(20), round(28, 20)] },
  { build: 'apricot-dome', sizes: [round(18), round(22)] },
  { build: 'garden-cake', sizes: [round(24), round(24, 15)] },
  { build: 'saffron-crown', sizes: [round(20), round(24)] },
  { build: 'quince-tower', sizes: [round(24, 15), round(28, 20, 15)] },
  { build: 'hazelnut-discs', sizes: [round(18), round(22)] },
  { build: 'yoghurt-ring', sizes: [round(18), round(22)] },
  { build: 'meringue-meadow', sizes: [square(20), square(25)] },
  { build: 'apple-caramel-roll', sizes: [rolls(1), rolls(2)] },
  { build: 'raspberry-heart', sizes: [heart(16), heart(20)] },
  { build: 'lace-tower', sizes: [round(20), round(24)] },
];

export const pastWeeks = 6;

/** A week's pickups: days after the week's anchor, and wall-clock times. */
export const usualPickups: [day: number, time: string][] = [
  [0, '15:00'],
  [1, '11:00'],
  [1, '14:30'],
  [1, '17:00'],
  [2, '10:30'],
  [2, '11:30'],
  [2, '13:00'],
  [2, '14:30'],
  [2, '16:00'],
  [2, '17:30'],
  [3, '12:00'],
  [3, '15:00'],
];

/** Made-up customers; none comes twice in the record. */
export const pastCustomers = [
  ...['Arvid Crane', 'Beate Loxley', 'Cosmo Tarn', 'Delia Winthorpe', 'Emre Quill', 'Fenna Ashdown', 'Goran Pike'],
  ...['Halima Drew', 'Iris Nightingale', 'Jonas Fell', 'Katja Brook', 'Lorcan Webb', 'Maren Holt', 'Nils Orrin'],
  ...['Oona Birch', 'Pavel Stone', 'Quentin Rushe', 'Rhona Mead', 'Sanna Vale', 'Tibor Lane', 'Una Cotter'],
  ...['Viggo Marsh', 'Wilma Starr', 'Xenia Hobb', 'Yusuf Lark', 'Zelda Thorne', 'Amos Reed', 'Bridie Falk'],
  ...['Caspar Wren', 'Dagny Frost', 'Eskil Moor', 'Flora Penhale', 'Gideon Ash', 'Hedda Croft', 'Ivo Sandell'],
  ...['Jette Carr', 'Kofi Amoah', 'Liv Harker', 'Magnus Dell', 'Nora Tansy', 'Osric Bell', 'Petra Lund'],
  ...['Runa Hale', 'Silas Gray', 'Tove Barden', 'Ulf Render', 'Vesna Kite', 'Wanja Plum', 'Yrsa Cole', 'Zeno Hart'],
  ...['Agnete Rook', 'Bodil Sharpe', 'Cyril Dunn', 'Doro Finch', 'Elke Stroud', 'Fergus Tye', 'Greta Umber'],
  ...['Hugo Larch', 'Inka Salt', 'Jem Corder', 'Kirsa Wade', 'Leopold Bray', 'Mika Thorn', 'Nuri Baker'],
  ...[
    'Otis Gorse',
    'Pia Kestrel',
    'Rolf Teasel',
    'Signe Hart',
    'Taye Morrow',
    'Ursel Pye',
    'Vito Glass',
    'Wren Abbott',
  ],
];

export const occasions = ['birthday', 'anniversary', 'farewell', 'supper', 'house-warming', 'jubilee', 'reunion'];
