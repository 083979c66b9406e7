import type { OnTheSection } from '../e2e/on-the-section';

/** A cake that must be possible: how it is composed, and what must be on the pull list and on its order afterwards. */
export interface Trial {
  name: string;
  compose: (t: OnTheSection, url: string) => Promise<void>;
  /** Of the breakdown. */
  parts: RegExp[];
  /** Rungs of its ladder. */
  rungs: RegExp[];
}

export const TRIALS: Record<string, Trial> = {
  threeTiers: {
    name: 'three tiers that differ inside, two finishes, blossoms, an inscription',
    compose: async (t, url) => {
      await t.begin(url, 45, 'quince blossom', /^Quince blossom.*round 2\d cm ·/);
      await t.touch(/^The cake/);
      await t.choose('Size', 'round 28 cm');
      await t.choose('A tier on top', 'round 22 cm');
      await t.touch(/^Upper tier/);
      await t.choose('A tier on top', 'round 15 cm');
      await t.touch(/ layer 1,/, /^Middle tier/);
      await t.exchange(/^Lemon poppy sponge/);
      await t.touch(/gap 1,/, /^Middle tier/);
      await t.exchange(/^Raspberry compote/);
      await t.touch(/ layer 1,/, /^Upper tier/);
      await t.exchange(/^Brown-butter walnut/);
      await t.touch(/gap 1,/, /^Upper tier/);
      await t.exchange(/^Fig compote/);
      // Paste on the lower tier alone: the others stay in their cream.
      await t.works.getByRole('button', { name: /^Cover with paste/ }).click();
      await t.touched.getByRole('button', { name: 'Middle tier' }).click();
      await t.touched.getByRole('button', { name: 'Upper tier' }).click();
      await t.page.getByLabel('Inscription').fill('Iris & Tom');
      await t.page.getByLabel('Portions', { exact: true }).fill('90');
    },
    parts: [
      /^Lemon poppy sponge:/,
      /^Brown-butter walnut sponge:/,
      /^Raspberry compote:/,
      /^Fig compote:/,
      /^Sugar-paste/,
    ],
    rungs: [/inscription/i, /stand tiers/i],
  },
  oneGanache: {
    name: 'one ganache, a third inside and the rest outside',
    compose: async (t, url) => {
      await t.begin(url, 20, 'walnut ganache', /^Walnut ganache cake/);
      await t.touch(/gap 3,/);
      await t.touched.getByRole('button', { name: 'Take it out', exact: true }).click();
      await t.touch(/gap 2,/);
      await t.touched.getByRole('button', { name: 'Take it out', exact: true }).click();
      await t.touch(/gap 1,/);
      await t.choose('Said as', 'share of the batch');
      await t.touched.getByLabel('Share, %').fill('33');
      await t.works.getByRole('button', { name: /^Coat with ganache/ }).click();
      await t.choose('Said as', 'the rest of the batch');
    },
    parts: [/^Dark ganache:/],
    rungs: [/Coat with ganache/],
  },
  raised: {
    name: 'a raised cake, topped before the bake, its lid in portions on a custard',
    compose: async (t, url) => {
      await t.begin(url, 16, 'sesame crown', /^Sesame crown/);
      await t.touch(/gap 1,/);
      await t.exchange(/^Coffee custard cream/);
    },
    parts: [/^Saffron dough:|^Saffron yeast layer:/, /^Coffee custard cream:/, /^Sesame crunch:/],
    rungs: [/lid/i],
  },
  threeSlices: {
    name: 'one sponge in slices, soak and cream, caught glaze whipped and piped',
    compose: async (t, url) => {
      await t.begin(url, 16, 'orange chiffon crown', /^Orange chiffon crown/);
      await t.touch(/ layer 1,/);
      await t.choose('Soak it with', 'Coffee and rum soak');
      await t.add('Pour a glaze', /^Golden mirror glaze/);
      await t.add('Pipe', /^Whipped mascarpone cream/);
    },
    parts: [/^Orange chiffon:/, /^Coffee and rum soak:/, /^Golden mirror glaze:/],
    rungs: [/glaze/i, /pipe/i],
  },
  trunk: {
    name: 'a roll filled and coated, cut into trunk and branch',
    compose: async (t, url) => {
      await t.begin(url, 14, 'woodpile', /^Woodpile/);
      await t.add('Strew', /^Sesame crunch/);
    },
    parts: [/^Sesame crunch:/],
    rungs: [/cut/i],
  },
  house: {
    name: 'a house of two squares and a loaf, clad in panels',
    compose: async (t, url) => {
      await t.begin(url, 20, 'beach hut', /^Beach hut/);
      await t.page.getByLabel('Inscription').fill('Number nine');
    },
    parts: [/^Rye planks:/],
    rungs: [/clad/i],
  },
  bar: {
    name: 'a bar in a frame, sold in slices',
    compose: async (t, url) => {
      await t.begin(url, 12, 'apricot bar', /^Apricot bar/);
      await t.works.getByRole('button', { name: /^Pour a glaze/ }).click();
      await t.exchange(/^Drip ganache/);
    },
    parts: [/^Drip ganache:/, /^Apricot heart:/],
    rungs: [/slices/i],
  },
  domes: {
    name: 'two dozen small domes',
    compose: async (t, url) => {
      await t.begin(url, 12, 'yoghurt drops', /^Yoghurt drops/);
      await t.touch(/^The cake/);
      await t.touched.getByLabel('How many, alike').fill('24');
    },
    parts: [/^Yoghurt/],
    rungs: [/./],
  },
  ringTorched: {
    name: 'a ring on one disc, set with gelatine, its top torched',
    compose: async (t, url) => {
      await t.begin(url, 12, 'yoghurt ring', /^Honey and yoghurt ring/);
      await t.works.getByRole('button', { name: /^Pour the glaze/ }).click();
      await t.touched.getByRole('button', { name: 'Take it out', exact: true }).click();
      await t.add('Torch');
    },
    parts: [/^Oat base:/, /^Yoghurt mousse:/],
    rungs: [/lift the ring/i, /torch/i],
  },
  sheetsInARing: {
    name: 'layers cut from sheets, in a ring, set in the cold',
    compose: async (t, url) => {
      await t.begin(url, 14, 'hazelnut coffee stack', /^Hazelnut/);
      for (const gap of [6, 5, 4]) {
        await t.touch(new RegExp(` layer ${gap},`));
        await t.touched.getByRole('button', { name: 'Take it out with its gap', exact: true }).click();
      }
      await t.page.getByLabel('Portions', { exact: true }).fill('9');
    },
    parts: [/^Hazelnut discs:/, /^Coffee custard cream:/],
    rungs: [/ring/i],
  },
  oneTin: {
    name: 'layers baked one after the other in the only heart',
    compose: async (t, url) => {
      await t.begin(url, 14, 'walnut ganache', /^Walnut ganache cake/);
      await t.touch(/^The cake/);
      await t.choose('Size', 'heart 20 cm');
      await t.touch(/gap 2,/);
      await t.exchange(/^Blackcurrant mascarpone cream/);
      await t.add('Place pieces', /^Tempered shards/);
    },
    parts: [/^Brown-butter walnut sponge:|^Walnut sponge:/, /^Blackcurrant mascarpone cream:/],
    rungs: [/place/i],
  },
  twoFlavours: {
    name: 'two flavours of one buttercream, a poured coat, crumbs at the foot',
    compose: async (t, url) => {
      await t.begin(url, 16, 'two winds', /^Two winds/);
      await t.add('Pour a glaze', /^Drip ganache/);
      await t.add('Press on', /^Toasted crumbs/);
    },
    parts: [/^Swiss buttercream:/, /^Drip ganache:/, /^Toasted crumbs:/],
    rungs: [/pour/i, /press/i],
  },
};
