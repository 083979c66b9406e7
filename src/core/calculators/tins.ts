import type { Batter } from '../formula/formula';
import { batterGrams, bakingRounds, splitBatter } from '../shape/batter';
import { formName, volume, type Form } from '../shape/form';
import { bakeMinutes, tinFactor } from '../shape/tin-swap';
import { calculator, CannotCalculate, choice, form, list, maybe, number, type Calculator } from './calculator';

const ROUND: Form = { form: 'round', diameter: 200 };
const BATTERS: readonly Batter[] = ['butter', 'foam', 'chiffon', 'oil', 'sheet'];

export const tinCalculators: Calculator[] = [
  calculator({
    ...{ name: 'tin-swap', title: 'Another tin', group: 'Tins', also: 'convert scale pan' },
    about: 'What a formula for one tin becomes in another, and how long it bakes there.',
    source: 'Same depth by top area, same proportions by volume; t₂ = t₁ × (depth₂ ÷ depth₁)^1.5, ± 15 %.',
    fields: {
      from: form('Formula is for', { form: 'round', diameter: 180 }),
      fromDepth: number('its depth', 'mm', { default: 50 }),
      to: form('Tin in hand', { form: 'square', side: 200 }),
      toDepth: number('its depth', 'mm', { default: 50 }),
      by: choice<'area' | 'volume'>('Scale by', ['area', 'volume'], 'area'),
      grams: number('Formula weighs', 'g', { default: 900 }),
      minutes: maybe('Formula bakes', 'min'),
    },
    results: {
      factor: ['Factor', ''],
      grams: ['Makes', 'g'],
      minutesLow: ['Bakes: look at', 'min'],
      minutes: ['likely', 'min'],
      minutesHigh: ['at most', 'min'],
    },
    run: ({ from, fromDepth, to, toDepth, by, grams, minutes }, { kitchen }) => {
      const factor = tinFactor({ form: from, depth: fromDepth }, { form: to, depth: toDepth }, by);
      const time = minutes === null ? null : bakeMinutes(minutes, fromDepth, toDepth, kitchen.coefficients.bakeSpread);
      return {
        factor,
        grams: grams * factor,
        ...(time ? { minutesLow: time.low, minutes: time.likely, minutesHigh: time.high } : {}),
      };
    },
  }),
  calculator({
    ...{ name: 'bake-time', title: 'Bake time at another depth', group: 'Tins' },
    about: 'An estimate with its bounds: look at the low end.',
    source: 't₂ = t₁ × (depth₂ ÷ depth₁)^1.5, ± 15 %.',
    fields: {
      minutes: number('Bakes now', 'min', { default: 30 }),
      depth: number('Depth of batter now', 'mm', { default: 30, least: 1 }),
      newDepth: number('New depth', 'mm', { default: 40, least: 1 }),
    },
    results: { low: ['Look at', 'min'], likely: ['Likely', 'min'], high: ['At most', 'min'] },
    run: ({ minutes, depth, newDepth }, { kitchen }) => ({
      ...bakeMinutes(minutes, depth, newDepth, kitchen.coefficients.bakeSpread),
    }),
  }),
  calculator({
    ...{ name: 'batter', title: 'Batter for a tin', group: 'Tins' },
    about: 'How much batter fills a tin as far as it should.',
    source: 'Tin volume × fill × density; a sheet by its spread depth.',
    fields: {
      form: form('Tin', ROUND),
      depth: number('Depth of the tin', 'mm', { default: 50 }),
      batter: choice<Batter>('Batter', BATTERS, 'butter'),
      tins: number('Tins', 'count', { default: 1, whole: true, least: 1 }),
      fill: maybe('Fill, if not the kitchen’s', 'share', { most: 1 }),
      density: maybe('Density, if not the kitchen’s', 'g/ml'),
    },
    results: {
      volume: ['Tin holds', 'ml'],
      gramsEach: ['Batter each', 'g'],
      grams: ['In all', 'g'],
      fill: ['Full to', 'share'],
      density: ['Batter weighs', 'g/ml'],
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
    ...{ name: 'batter-split', title: 'One batter into several tins', group: 'Tins', also: 'divide weigh' },
    about: 'Grams for each tin by its volume: the scale tells when it is full.',
    source: 'Grams × tin volume ÷ volume of all tins.',
    fields: {
      grams: number('Batter', 'g', { default: 2400 }),
      tins: list(
        'Tins',
        {
          form: form('Form'),
          depth: number('Depth', 'mm', { default: 50 }),
          count: number('How many', 'count', { default: 1, whole: true, least: 1 }),
        },
        [
          { form: { form: 'round', diameter: 240 }, depth: 50, count: 2 },
          { form: { form: 'round', diameter: 150 }, depth: 50, count: 2 },
        ],
      ),
    },
    results: { tins: ['Into each', ''], total: ['Together', 'g'] },
    run: ({ grams, tins }) => {
      const split = splitBatter(grams, tins);
      return {
        tins: tins.map((t, i) => ({ tin: `${t.count} × ${formName(t.form)}`, gramsEach: split[i]!.gramsEach })),
        total: split.reduce((sum, s, i) => sum + s.gramsEach * tins[i]!.count, 0),
      };
    },
  }),
  calculator({
    ...{ name: 'rounds', title: 'Tins short: rounds', group: 'Tins', also: 'layers one tin stand' },
    about: 'How often the oven is filled, and whether the batter can wait or is mixed anew.',
    source: 'Rounds = ⌈layers ÷ tins⌉; the second round stands one bake; over the limit it is mixed again.',
    fields: {
      layers: number('Layers', 'count', { default: 3, whole: true, least: 1 }),
      tins: number('Tins of that size', 'count', { default: 1, whole: true, least: 1 }),
      bake: number('Bakes', 'min', { default: 28, least: 1 }),
      stands: number('Batter stands', 'min', { default: 15 }),
    },
    results: {
      rounds: ['Rounds', 'count'],
      stands: ['Second round would wait', 'min'],
      mixes: ['Mix', 'count'],
      mixPerRound: ['Mix for each round', ''],
    },
    run: ({ layers, tins, bake, stands }) => {
      const plan = bakingRounds(layers, tins, bake, stands);
      if (!Number.isFinite(plan.mixes)) throw new CannotCalculate('These numbers do not go together.');
      return { ...plan, mixPerRound: plan.rounds > 1 && plan.mixes === plan.rounds };
    },
  }),
];
