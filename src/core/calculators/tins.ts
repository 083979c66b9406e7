import { say } from '../words/say';
import { BATTERS, type Batter } from '../formula/formula';
import {
  bakedGrams,
  bakedHeight,
  bakingRounds,
  batterGrams,
  gramsPerBaked,
  layersFrom,
  layersToTins,
  splitBatter,
} from '../shape/batter';
import { formName, topArea, volume, type Form } from '../shape/form';
import { bakeMinutes, tinFactor } from '../shape/tin-swap';
import { rollDiameter } from '../breakdown/strata/roll';
import {
  calculator,
  CannotCalculate,
  choice,
  form,
  list,
  maybe,
  number,
  type Calculator,
  type CalcValue,
} from './calculator';

const ROUND: Form = { form: 'round', diameter: 200 };

export const tinCalculators: Calculator[] = [
  calculator({
    ...{ name: 'tin-swap', title: say`Another tin`, group: say`Tins`, also: say`convert scale pan` },
    about: say`What a formula for one tin becomes in another, and how long it bakes there.`,
    source: say`Same depth by top area, same proportions by volume; t₂ = t₁ × (depth of batter₂ ÷ depth of batter₁)^1.5, ± 15 %: by area the batter lies as deep as before.`,
    fields: {
      from: form(say`Formula is for`, { form: 'round', diameter: 180 }),
      fromDepth: number(say`its depth`, 'mm', { default: 50, least: 1 }),
      to: form(say`Tin in hand`, { form: 'square', side: 200 }),
      toDepth: number(say`its depth`, 'mm', { default: 50, least: 1 }),
      by: choice<'area' | 'volume'>(say`Scale by`, ['area', 'volume'], 'area'),
      grams: number(say`Formula weighs`, 'g', { default: 900 }),
      minutes: maybe(say`Formula bakes`, 'min'),
    },
    results: {
      factor: [say`Factor`, ''],
      grams: [say`Makes`, 'g'],
      minutesLow: [say`Bakes: look at`, 'min'],
      minutes: ['likely', 'min'],
      minutesHigh: [say`at most`, 'min'],
    },
    run: ({ from, fromDepth, to, toDepth, by, grams, minutes }, { kitchen }) => {
      const factor = tinFactor({ form: from, depth: fromDepth }, { form: to, depth: toDepth }, by);
      // What counts is how deep the batter lies: by area as deep as before, by volume in proportion to the tins.
      const deeper = (factor * topArea(from)) / topArea(to);
      const time = minutes === null ? null : bakeMinutes(minutes, 1, deeper, kitchen.coefficients.bakeSpread);
      return {
        factor,
        grams: grams * factor,
        ...(time ? { minutesLow: time.low, minutes: time.likely, minutesHigh: time.high } : {}),
      };
    },
  }),
  calculator({
    ...{ name: 'bake-time', title: say`Bake time at another depth`, group: say`Tins` },
    about: say`An estimate with its bounds: look at the low end.`,
    source: say`t₂ = t₁ × (depth₂ ÷ depth₁)^1.5, ± 15 %.`,
    fields: {
      minutes: number(say`Bakes now`, 'min', { default: 30 }),
      depth: number(say`Depth of batter now`, 'mm', { default: 30, least: 1 }),
      newDepth: number(say`New depth`, 'mm', { default: 40, least: 1 }),
    },
    results: { low: [say`Look at`, 'min'], likely: [say`Likely`, 'min'], high: [say`At most`, 'min'] },
    run: ({ minutes, depth, newDepth }, { kitchen }) => ({
      ...bakeMinutes(minutes, depth, newDepth, kitchen.coefficients.bakeSpread),
    }),
  }),
  calculator({
    ...{ name: 'batter', title: say`Batter for a tin`, group: say`Tins` },
    about: say`How much batter fills a tin as far as it should.`,
    source: say`Tin volume × fill × density; a sheet by its spread depth.`,
    fields: {
      form: form(say`Tin`, ROUND),
      depth: number(say`Depth of the tin`, 'mm', { default: 50, least: 1 }),
      batter: choice<Batter>(say`Batter`, BATTERS, 'butter'),
      tins: number(say`Tins`, 'count', { default: 1, whole: true, least: 1 }),
      fill: maybe('Fill, if not the kitchen’s', 'share', { most: 1 }),
      density: maybe(say`Density, if not the kitchen’s`, 'g/ml'),
    },
    results: {
      volume: [say`Tin holds`, 'ml'],
      gramsEach: [say`Batter each`, 'g'],
      grams: [say`In all`, 'g'],
      fill: ['Full to', 'share'],
      density: [say`Batter weighs`, 'g/ml'],
    },
    run: ({ form: f, depth, batter, tins, fill, density }, { kitchen }) => {
      const { sheetDepth, batter: all } = kitchen.coefficients;
      const figures = { fill: fill ?? all[batter].fill, density: density ?? all[batter].density };
      const spread = batter === 'sheet' ? sheetDepth : depth;
      const gramsEach = batterGrams(f, spread, figures);
      return { volume: volume(f, spread), gramsEach, grams: gramsEach * tins, ...figures };
    },
  }),
  calculator({
    ...{ name: 'layers', title: say`Batter for layers of a height`, group: say`Tins`, also: say`tins bake trim saw` },
    about: say`A layer is as high as its cake wants it; the depth of the tin says how many come out of one.`,
    source: say`Top area × baked height × g per ml; baked height = finished layers ÷ (1 − trim) + cuts; g per ml = fill × density of the kind, or what you have measured.`,
    fields: {
      form: form(say`Tin`, ROUND),
      depth: number(say`Depth of the tin`, 'mm', { default: 60, least: 1 }),
      layers: number(say`Layers`, 'count', { default: 4, whole: true, least: 1, most: 60 }),
      layerHeight: number(say`Finished, high`, 'mm', { default: 24, least: 1 }),
      batter: choice<Batter>(say`Batter`, BATTERS, 'butter'),
      trim: number(say`Levelling takes`, 'share', { default: (f) => f.trim, most: 0.9 }),
      sawCut: number(say`A cut takes`, 'mm', { default: (f) => f.sawCut }),
      measuredGrams: maybe(say`Measured: so much batter`, 'g', { least: 1 }),
      measuredForm: form(say`in this tin`, ROUND),
      measuredHeight: maybe(say`came out so high`, 'mm', { least: 1 }),
    },
    results: {
      perTin: [say`Layers from a tin`, 'count'],
      tins: [say`Tins`, ''],
      gramsPerMl: [say`Batter for each ml baked`, 'g/ml'],
      grams: [say`In all`, 'g'],
    },
    run: (input, { kitchen }) => {
      const { form: f, depth, layers, layerHeight, batter, trim, sawCut } = input;
      const { measuredGrams, measuredForm, measuredHeight } = input;
      if ((measuredGrams === null) !== (measuredHeight === null))
        throw new CannotCalculate('A measured yield needs its grams and its height.');
      const gramsPerMl =
        measuredGrams === null
          ? gramsPerBaked(kitchen.coefficients.batter[batter])
          : measuredGrams / volume(measuredForm, measuredHeight!);
      const perTin = layersFrom(depth, layerHeight, trim, sawCut);
      const tins = layersToTins(layers, perTin).map((t) => {
        const baked = bakedHeight(t.layers, layerHeight, trim, sawCut);
        return { ...t, baked, gramsEach: bakedGrams(f, baked, gramsPerMl) };
      });
      return {
        perTin,
        tins: tins.map((t): CalcValue => ({ ...t })),
        gramsPerMl,
        grams: tins.reduce((sum, t) => sum + t.tins * t.gramsEach, 0),
      };
    },
  }),
  calculator({
    ...{ name: 'base', title: say`Base, sheet or biscuit`, group: say`Tins`, also: say`dacquoise dough spread` },
    about: say`What is spread, piped or rolled to its own area.`,
    source: say`Area × thickness × its own density ÷ (1 − loss).`,
    fields: {
      form: form(say`Form`, ROUND),
      thickness: number(say`Baked, thick`, 'mm', { default: 8, least: 0.1 }),
      density: number(say`Baked, weighs`, 'g/ml', { default: 0.5, least: 0.01 }),
      loss: number(say`Lost in baking`, 'share', { default: 0.12, most: 0.95 }),
      count: number(say`How many`, 'count', { default: 1, whole: true, least: 1 }),
    },
    results: { grams: [say`Mix`, 'g'], baked: [say`Baked`, 'g'] },
    run: ({ form: f, thickness, density, loss, count }) => {
      const baked = (count * topArea(f) * thickness * density) / 1000;
      return { grams: baked / (1 - loss), baked };
    },
  }),
  calculator({
    ...{ name: 'roll', title: say`Rolled cake`, group: say`Tins`, also: say`roulade log diameter` },
    about: say`How thick a sheet with its filling becomes when it is rolled up.`,
    source: say`Sheet rolled up × (sheet + filling) = π d² ÷ 4.`,
    fields: {
      wound: number(say`Sheet, the side that is wound`, 'mm', { default: 400, least: 1 }),
      across: number(say`the other side`, 'mm', { default: 300, least: 1 }),
      sheet: number(say`Sheet, thick`, 'mm', { default: 10, least: 0.1 }),
      filling: number(say`Filling`, 'mm', { default: 6 }),
      density: number(say`Filling weighs`, 'g/ml', { default: 0.6, least: 0.01 }),
    },
    results: { diameter: [say`Thick`, 'mm'], filling: [say`Filling`, 'g'] },
    run: ({ wound, across, sheet, filling, density }) => ({
      diameter: rollDiameter(wound, sheet + filling),
      filling: (wound * across * filling * density) / 1000,
    }),
  }),
  calculator({
    ...{ name: 'batter-split', title: say`One batter into several tins`, group: say`Tins`, also: say`divide weigh` },
    about: say`Grams for each tin by its volume: the scale tells when it is full.`,
    source: say`Grams × tin volume ÷ volume of all tins.`,
    fields: {
      grams: number(say`Batter`, 'g', { default: 2400 }),
      tins: list(
        say`Tins`,
        {
          form: form(say`Form`),
          depth: number(say`Depth`, 'mm', { default: 50, least: 1 }),
          count: number(say`How many`, 'count', { default: 1, whole: true, least: 1 }),
        },
        [
          { form: { form: 'round', diameter: 240 }, depth: 50, count: 2 },
          { form: { form: 'round', diameter: 150 }, depth: 50, count: 2 },
        ],
      ),
    },
    results: { tins: [say`Into each`, ''], total: [say`Together`, 'g'] },
    run: ({ grams, tins }) => {
      const split = splitBatter(grams, tins);
      return {
        tins: tins.map((t, i) => ({ tin: `${t.count} × ${formName(t.form)}`, gramsEach: split[i]!.gramsEach })),
        total: split.reduce((sum, s, i) => sum + s.gramsEach * tins[i]!.count, 0),
      };
    },
  }),
  calculator({
    ...{ name: 'rounds', title: say`Tins short: rounds`, group: say`Tins`, also: say`layers one tin stand` },
    about: say`How often the oven is filled, and whether the batter can wait or is mixed anew.`,
    source: say`Rounds = ⌈layers ÷ tins⌉; the second round stands one bake; over the limit it is mixed again.`,
    fields: {
      layers: number(say`Layers`, 'count', { default: 3, whole: true, least: 1 }),
      tins: number(say`Tins of that size`, 'count', { default: 1, whole: true, least: 1 }),
      bake: number(say`Bakes`, 'min', { default: 28, least: 1 }),
      stands: number(say`Batter stands`, 'min', { default: 15 }),
    },
    results: {
      rounds: [say`Rounds`, 'count'],
      stands: [say`Second round would wait`, 'min'],
      mixes: [say`Mix`, 'count'],
      mixPerRound: [say`Mix for each round`, ''],
    },
    run: ({ layers, tins, bake, stands }) => {
      const plan = bakingRounds(layers, tins, bake, stands);
      if (!Number.isFinite(plan.mixes)) throw new CannotCalculate('These numbers do not go together.');
      return { ...plan, mixPerRound: plan.rounds > 1 && plan.mixes === plan.rounds };
    },
  }),
];
