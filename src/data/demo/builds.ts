import type { Build, BuildStage, BuildWait } from '../../core/breakdown/build';
import { HAND_OVER } from '../../core/breakdown/build';
import { DAY, HOUR, turntable } from './write-formula';

type Times = [low: number, likely: number, high: number, perTier?: number];

const stage = (
  key: string,
  name: string,
  skill: string | null,
  [low, likely, high, perTier]: Times,
  takes: string[],
  how: string,
  more: Partial<BuildStage> = {},
): BuildStage => ({
  ...{ key, name, skill, minutes: { low, likely, high, ...(perTier ? { perTier } : {}) }, takes, how },
  ...more,
});

const chills = (from: string, to: string, min: number, max: number, why: string, more: Partial<BuildWait> = {}): BuildWait => ({
  ...{ from, to, min, max, place: 'fridge', units: 2, why, ageing: 0.01 },
  ...more,
});

const BLADE = 'Long serrated blade: cut away from the hand, on a mat.';
const box = stage('box', 'Check and box', null, [6, 8, 12, 4], [], 'Name, inscription, board, box, care card.', {
  sign: 'level, cold, the right name',
});
const boxed = (from: string, min: number) => [
  chills(from, 'box', min, 18 * HOUR, 'sets before the box', { ageing: 0.015 }),
  chills('box', HAND_OVER, 0, 20 * HOUR, 'waits cold for its people', { ageing: 0.02 }),
];
const level = 'Level, split, soak; a dab of frosting on the board; best layer on top, cut side down.';

/** Eight cakes, each of another kind. All names and quantities are invented. */
export const demoBuilds: Build[] = [
  {
    id: 'quince-tower',
    name: 'Quince blossom tower',
    story: 'Almond, quince and elderflower under sugar paste, with blossoms made days ahead.',
    mould: 'tin',
    mostTiers: 3,
    portion: 'party',
    layers: 4,
    layerHeight: 22,
    finish: 11,
    components: [
      { role: 'layers', label: 'Almond sponge', formula: 'almond-sponge', amount: { rule: 'batter', tinDepth: 50, layersPerTin: 2 } },
      { role: 'soak', label: 'Elderflower soak', formula: 'lemon-syrup', amount: { rule: 'soak', kind: 'butter' } },
      { role: 'filling', label: 'Quince curd', formula: 'quince-curd', amount: { rule: 'filling', dammed: true } },
      { role: 'frosting', label: 'Vanilla buttercream', formula: 'vanilla-buttercream', amount: { rule: 'dam and coats', dam: true } },
      { role: 'cover', label: 'Sugar-paste cover', formula: 'paste-cover', amount: { rule: 'paste cover' } },
      { role: 'blossoms', label: 'Quince blossoms', formula: 'paste-blossoms', amount: { rule: 'pieces', per: 'tier', count: 9, grams: 6 }, optional: true },
    ],
    stages: [
      stage('stack', 'Split, soak, fill', 'fill', [24, 28, 38, 14], ['layers', 'soak', 'filling', 'frosting'], level, { uses: turntable, caution: BLADE }),
      stage('crumb', 'Crumb coat', 'coat', [10, 12, 16, 8], ['frosting'], 'Thin, into every seam; scraper.', { uses: turntable }),
      stage('coat', 'Final coat', 'coat', [14, 18, 24, 10], ['frosting'], 'Put on too much and take it off. Sharp edge.', { uses: turntable, sign: 'no crumb to be seen' }),
      stage('cover', 'Cover with paste', 'paste', [18, 22, 30, 14], ['cover'], 'Roll 4 mm, lift, smooth from the top down, trim.', { uses: turntable, sign: 'no pleat, no tear' }),
      stage('stand', 'Dowel and stand tiers', 'decorate', [12, 14, 20, 10], [], 'Boards and dowels cut to one height; lower together.', { people: 2, caution: 'Dowels are not food. Lift with two people.' }),
      stage('decorate', 'Blossoms, inscription', 'decorate', [30, 35, 50, 10], ['blossoms'], 'Blossoms climb from the left foot. Inscription last.', { uses: turntable }),
      box,
    ],
    waits: [
      chills('stack', 'crumb', 30, 18 * HOUR, 'firm before it is coated'),
      chills('crumb', 'coat', 20, 10 * HOUR, 'the crumb coat sets'),
      chills('coat', 'cover', 40, 18 * HOUR, 'paste needs a firm, cold wall'),
      { from: 'cover', to: 'stand', min: 60, max: DAY, place: null, units: 0, why: 'paste dries so far that fingers leave no mark', ageing: 0.01 },
      { from: 'stand', to: 'decorate', min: 0, max: 8 * HOUR, place: null, units: 0, why: '', ageing: 0.01 },
      ...boxed('decorate', 30),
    ],
  },
  {
    id: 'blackcurrant-roll',
    name: 'Blackcurrant roll',
    story: 'A rolled sponge with blackcurrant cream; the quickest thing on the list.',
    mould: null,
    sizes: [{ form: 'roll', length: 380, diameter: 90 }],
    mostTiers: 6,
    portion: 'dessert',
    layers: 1,
    layerHeight: 10,
    finish: 0,
    fillingThickness: 6,
    components: [
      { role: 'layers', label: 'Roulade sheet', formula: 'roulade-sheet', amount: { rule: 'roll sheet', sheet: { length: 600, width: 400 } } },
      { role: 'filling', label: 'Blackcurrant cream', formula: 'blackcurrant-cream', amount: { rule: 'filling' } },
    ],
    stages: [
      stage('fill', 'Unroll, fill, re-roll', 'fill', [10, 12, 16, 7], ['layers', 'filling'], 'Leave a border of 2 cm. Roll tight with the paper, seam down.', { sign: 'round, no gap in the spiral' }),
      stage('finish', 'Trim and pipe', 'decorate', [10, 12, 16, 6], ['filling'], 'Trim the ends, pipe along the back, berries.', { caution: BLADE }),
      box,
    ],
    waits: [chills('fill', 'finish', 30, 12 * HOUR, 'sets before it is trimmed', { units: 1 }), ...boxed('finish', 20).map((w) => ({ ...w, units: 1 }))],
  },
  {
    id: 'apricot-dome',
    name: 'Apricot and thyme ring',
    story: 'A mousse set in a ring around a frozen heart. Freezer and mirror glaze, or a night in the fridge and a plain finish.',
    mould: 'ring',
    mostTiers: 1,
    portion: 'dessert',
    layers: 1,
    layerHeight: 80,
    finish: 3,
    ringHold: { from: 'build', until: 'release' },
    routes: [
      {
        key: 'set',
        name: 'How it sets',
        choices: [
          { key: 'freezer', name: 'Freezer, then mirror glaze' },
          { key: 'fridge', name: 'A night in the fridge, plain glaze' },
        ],
      },
    ],
    components: [
      { role: 'base', label: 'Almond dacquoise', formula: 'almond-dacquoise', amount: { rule: 'discs', sheet: { length: 600, width: 400 } } },
      { role: 'heart', label: 'Apricot heart', formula: 'apricot-heart', amount: { rule: 'mould', share: 0.14 } },
      { role: 'mousse', label: 'Apricot mousse', formula: 'apricot-mousse', amount: { rule: 'mould', share: 0.72 } },
      { role: 'glaze', label: 'Golden glaze', formula: 'honey-glaze', amount: { rule: 'glaze' } },
    ],
    stages: [
      stage('build', 'Build in the ring', 'fill', [10, 12, 16], ['base', 'heart', 'mousse'], 'Film the ring, base in, half the mousse, heart, the rest, level.', { sign: 'level with the rim' }),
      stage('release', 'Release from the ring', 'coat', [4, 5, 8], [], 'Warm the ring with the hands (or a torch), lift straight up.', { caution: 'Blow torch: nothing that burns within an arm’s length.' }),
      stage('glaze', 'Pour the glaze', 'coat', [8, 10, 14], ['glaze'], 'In one go, from the middle, 33 °C on a cold cake. Catch the run-off.', { sign: 'closed all round, one drip each side' }),
      stage('decorate', 'Thyme and gold edge', 'decorate', [12, 15, 20], [], 'Thyme tips from the kitchen’s own pots, never from the florist.', { caution: 'Not everything pretty is food.' }),
      box,
    ],
    waits: [
      chills('build', 'release', 4 * HOUR, 7 * DAY, 'frozen right through', { place: 'freezer', units: 1, ageing: 0.002, when: { route: 'set', choice: 'freezer' } }),
      chills('build', 'release', 9 * HOUR, DAY, 'set right through', { when: { route: 'set', choice: 'fridge' } }),
      { from: 'release', to: 'glaze', min: 0, max: 12, place: null, units: 0, why: 'the glaze grips only while it is cold', ageing: 0.05 },
      chills('glaze', 'decorate', 15, 6 * HOUR, 'the glaze sets'),
      chills('decorate', 'box', 4 * HOUR, 18 * HOUR, 'thaws slowly to the heart', { when: { route: 'set', choice: 'freezer' }, ageing: 0.015 }),
      chills('decorate', 'box', 20, 18 * HOUR, 'sets before the box', { when: { route: 'set', choice: 'fridge' }, ageing: 0.015 }),
      chills('box', HAND_OVER, 0, 12 * HOUR, 'waits cold for its people', { ageing: 0.02 }),
    ],
  },
  {
    id: 'hazelnut-discs',
    name: 'Hazelnut and coffee stack',
    story: 'Six thin discs cut from sheets, coffee custard cream between them, edges left bare.',
    mould: 'ring',
    mostTiers: 1,
    portion: 'dessert',
    layers: 6,
    layerHeight: 9,
    fillingThickness: 8,
    finish: 8,
    ringHold: { from: 'stack', until: 'coat' },
    components: [
      { role: 'layers', label: 'Hazelnut discs', formula: 'hazelnut-sheet', amount: { rule: 'discs', sheet: { length: 600, width: 400 } } },
      { role: 'filling', label: 'Coffee custard cream', formula: 'coffee-custard-cream', amount: { rule: 'filling' } },
      { role: 'collar', label: 'Chocolate collar', formula: 'chocolate-collar', amount: { rule: 'pieces', per: 'cake', count: 1, grams: 160 }, optional: true },
    ],
    stages: [
      stage('stack', 'Stack in the ring', 'fill', [16, 20, 26], ['layers', 'filling'], 'Film inside the ring; weigh the cream for each gap.', { sign: 'level at every layer' }),
      stage('coat', 'Lift ring, dress the top', 'coat', [8, 10, 14], ['filling'], 'Ring off, film off, cream on top, comb.', { uses: turntable }),
      stage('decorate', 'Collar and crumbs', 'decorate', [14, 18, 24], ['collar'], 'Crumbs of the trimmings around the foot, collar last.', { uses: turntable }),
      box,
    ],
    waits: [
      chills('stack', 'coat', 3 * HOUR, 18 * HOUR, 'set, or it leans'),
      chills('coat', 'decorate', 15, 10 * HOUR, 'cold before the collar'),
      ...boxed('decorate', 20),
    ],
  },
  {
    id: 'saffron-crown',
    name: 'Saffron crown',
    story: 'A yeast-raised crown, split and filled the day it is baked.',
    mould: 'tin',
    mostTiers: 1,
    portion: 'dessert',
    layers: 2,
    layerHeight: 38,
    fillingThickness: 25,
    finish: 2,
    components: [
      { role: 'layers', label: 'Saffron layer', formula: 'saffron-dough', amount: { rule: 'batter', tinDepth: 60, layersPerTin: 2 } },
      { role: 'filling', label: 'Orange ricotta', formula: 'orange-ricotta', amount: { rule: 'filling' } },
      { role: 'fruit', label: 'Raspberry compote', formula: 'raspberry-compote', amount: { rule: 'filling', thickness: 5 } },
    ],
    stages: [
      stage('fill', 'Split and fill', 'fill', [14, 16, 22], ['layers', 'filling', 'fruit'], 'Split; cut the lid into portions before it goes back on the soft filling.', { uses: turntable, caution: BLADE }),
      stage('decorate', 'Sugar and petals', 'decorate', [8, 10, 14], [], 'Dust, a few candied petals.'),
      box,
    ],
    waits: [chills('fill', 'decorate', 30, 6 * HOUR, 'the filling firms'), ...boxed('decorate', 10)],
  },
  {
    id: 'rye-crate',
    name: 'Lemon crate in rye biscuit',
    story: 'A square lemon cake in a crate of rye panels, cut from the measured cake.',
    mould: 'square tin',
    mostTiers: 1,
    portion: 'party',
    layers: 4,
    layerHeight: 22,
    finish: 7,
    components: [
      { role: 'layers', label: 'Lemon sponge', formula: 'lemon-sponge', amount: { rule: 'batter', tinDepth: 50, layersPerTin: 2 } },
      { role: 'frosting', label: 'Vanilla buttercream', formula: 'vanilla-buttercream', amount: { rule: 'dam and coats', dam: true } },
      { role: 'filling', label: 'Quince curd', formula: 'quince-curd', amount: { rule: 'filling', dammed: true } },
      { role: 'panels', label: 'Rye panels', formula: 'rye-panels', amount: { rule: 'panels', height: 120, thickness: 5 } },
    ],
    stages: [
      stage('stack', 'Split and fill', 'fill', [22, 26, 34], ['layers', 'filling', 'frosting'], level, { uses: turntable, caution: BLADE }),
      stage('coat', 'Coat square', 'coat', [16, 20, 28], ['frosting'], 'Corners last; measure each wall and write it down for the panels.', { uses: turntable, sign: 'four walls at right angles' }),
      stage('panels', 'Set the panels', 'decorate', [18, 22, 30], ['panels'], 'Dry panels onto soft frosting, string around until it holds.', { sign: 'closed corners' }),
      stage('decorate', 'Pipe and inscribe', 'decorate', [16, 20, 28], ['frosting'], 'Border, rope, inscription on a plaque.'),
      box,
    ],
    waits: [
      chills('stack', 'coat', 30, 18 * HOUR, 'firm before it is coated'),
      chills('coat', 'panels', 10, 12 * HOUR, 'cold wall, tacky skin'),
      chills('panels', 'decorate', 20, 10 * HOUR, 'panels take hold'),
      ...boxed('decorate', 20),
    ],
  },
  {
    id: 'garden-cake',
    name: 'Plum garden cake, no egg',
    story: 'Beetroot layers, plum, coconut whip: without egg and without milk.',
    mould: 'tin',
    mostTiers: 2,
    portion: 'party',
    layers: 3,
    layerHeight: 26,
    finish: 6,
    components: [
      { role: 'layers', label: 'Beetroot cake', formula: 'beetroot-oil-cake', amount: { rule: 'batter', tinDepth: 50, layersPerTin: 1 } },
      { role: 'filling', label: 'Plum compote', formula: 'plum-compote', amount: { rule: 'filling', dammed: true } },
      { role: 'frosting', label: 'Coconut whip', formula: 'coconut-whip', amount: { rule: 'dam and coats', crumb: 0, final: 6, dam: true } },
    ],
    stages: [
      stage('stack', 'Level and fill', 'fill', [18, 22, 30, 10], ['layers', 'filling', 'frosting'], level, { uses: turntable, caution: BLADE }),
      stage('coat', 'Swirl the coat', 'coat', [10, 12, 16, 6], ['frosting'], 'One coat, swirled with the spoon; work cold.', { uses: turntable }),
      stage('decorate', 'Plums and herbs', 'decorate', [14, 16, 22, 6], [], 'Fruit drained; herbs from the kitchen’s own pots.', { caution: 'Stones and sprigs: none on a child’s cake.' }),
      box,
    ],
    waits: [chills('stack', 'coat', 40, 14 * HOUR, 'firm before the coat'), chills('coat', 'decorate', 10, 8 * HOUR, 'cold again'), ...boxed('decorate', 15)],
  },
  {
    id: 'fig-sails',
    name: 'Fig and walnut with sugar sails',
    story: 'Walnut, fig and honey, with amber sails that are poured the day before and put on last.',
    mould: 'tin',
    mostTiers: 2,
    portion: 'party',
    layers: 4,
    layerHeight: 22,
    finish: 7,
    components: [
      { role: 'layers', label: 'Walnut sponge', formula: 'walnut-sponge', amount: { rule: 'batter', tinDepth: 50, layersPerTin: 2 } },
      { role: 'filling', label: 'Fig compote', formula: 'fig-compote', amount: { rule: 'filling', dammed: true } },
      { role: 'frosting', label: 'Honey buttercream', formula: 'brown-butter-cream', amount: { rule: 'dam and coats', dam: true } },
      { role: 'sails', label: 'Sugar sails', formula: 'sugar-sails', amount: { rule: 'pieces', per: 'tier', count: 5, grams: 28 }, optional: true },
    ],
    stages: [
      stage('stack', 'Split and fill', 'fill', [22, 26, 34, 12], ['layers', 'filling', 'frosting'], level, { uses: turntable, caution: BLADE }),
      stage('crumb', 'Crumb coat', 'coat', [10, 12, 16, 8], ['frosting'], 'Thin, into every seam; scraper.', { uses: turntable }),
      stage('coat', 'Final coat', 'coat', [14, 18, 24, 10], ['frosting'], 'Smooth, then a wave with the palette knife.', { uses: turntable }),
      stage('sails', 'Set the sails', 'sugar', [14, 18, 24, 6], ['sails'], 'Last of all, gloves on, a dab of couverture as a foot.', { sign: 'stands when the board is tapped', caution: 'Sugar breaks sharp: say so at the desk, none for small children.' }),
      box,
    ],
    waits: [
      chills('stack', 'crumb', 30, 18 * HOUR, 'firm before it is coated'),
      chills('crumb', 'coat', 20, 10 * HOUR, 'the crumb coat sets'),
      chills('coat', 'sails', 30, 18 * HOUR, 'cold and firm'),
      { from: 'sails', to: 'box', min: 10, max: 90, place: null, units: 0, why: 'sugar goes sticky in the cold: boxed within the hour and a half', ageing: 0.01 },
      { from: 'box', to: HAND_OVER, min: 0, max: 4 * HOUR, place: null, units: 0, why: 'dry and cool, not in the fridge', ageing: 0.02 },
    ],
  },
];
