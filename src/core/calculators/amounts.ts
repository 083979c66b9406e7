import { say } from '../words/say';
import { cakeHeight } from '../breakdown/amounts/cake';
import { perimeter, sideArea, topArea, type Form } from '../shape/form';
import { rimArea } from '../shape/rim';
import { borderGrams, rosetteCount, rosetteSpacing } from '../shape/piping';
import { calculator, choice, form, maybe, number, type Calculator } from './calculator';

const ROUND: Form = { form: 'round', diameter: 200 };
/** Finished densities to choose from, g/ml. */
const DENSITIES = {
  buttercream: 0.95,
  'whipped cream': 0.55,
  ganache: 1.15,
  curd: 1.08,
  custard: 1.06,
  caramel: 1.22,
} as const;
type Stuff = keyof typeof DENSITIES;
const STUFF = Object.keys(DENSITIES) as Stuff[];
const loss = () => number(say`Bowl and bag`, 'share', { default: (f) => f.bowlLoss, most: 1 });

export const amountCalculators: Calculator[] = [
  calculator({
    ...{ name: 'cake-height', title: say`Height of a cake`, group: say`Amounts` },
    about: say`Layers, fillings and what lies on top; trimming takes its share.`,
    source: say`Layers × layer height × (1 − trim) + (layers − 1) × filling + coat on top.`,
    fields: {
      layers: number(say`Layers`, 'count', { default: 4, whole: true, least: 1 }),
      layerHeight: number(say`Layer as baked`, 'mm', { default: 25 }),
      filling: number(say`Filling`, 'mm', { default: (f) => f.fillingThickness }),
      coat: number(say`On top`, 'mm', { default: (f) => f.finalCoat }),
      levelled: choice<'trimmed' | 'upside-down'>(say`Levelled`, ['trimmed', 'upside-down'], 'trimmed'),
    },
    results: { height: ['Height', 'mm'] },
    run: ({ layers, layerHeight, filling, coat, levelled }, { kitchen }) => ({
      height: cakeHeight(layers, layerHeight, filling, coat, levelled === 'trimmed' ? kitchen.coefficients.trim : 0),
    }),
  }),
  calculator({
    ...{ name: 'filling', title: say`Filling and dam`, group: say`Amounts` },
    about: say`What goes between the layers, and the ring of firm frosting that holds it.`,
    source: say`Top area × thickness × density per gap; the dam takes a ring of it, π(r² − (r − w)²) on a round.`,
    fields: {
      form: form(say`Form`, ROUND),
      gaps: number(say`Gaps`, 'count', { default: 3, whole: true, least: 1 }),
      thickness: number(say`Thickness`, 'mm', { default: (f) => f.fillingThickness }),
      stuff: choice<Stuff>(say`Filling`, STUFF, 'curd'),
      density: maybe(say`or its density`, 'g/ml'),
      dam: number(say`Dam`, 'mm', { default: 0 }),
      loss: loss(),
    },
    results: { grams: [say`On the cake`, 'g'], toMake: [say`To make`, 'g'], damMillilitres: [say`Dam`, 'ml'] },
    run: ({ form: f, gaps, thickness, stuff, density, dam, loss: lost }) => {
      const ring = Math.min(topArea(f), rimArea(f, dam));
      const grams = ((topArea(f) - ring) * thickness * gaps * (density ?? DENSITIES[stuff])) / 1000;
      return { grams, toMake: grams * (1 + lost), damMillilitres: (ring * thickness * gaps) / 1000 };
    },
  }),
  calculator({
    ...{ name: 'soak', title: say`Soak`, group: say`Amounts`, also: say`syrup brush` },
    about: say`Measured per layer, so that nothing is soggy.`,
    source: say`0.12 g per cm² and cut face for a butter cake, 0.20 for a foam.`,
    fields: {
      form: form(say`Form`, ROUND),
      faces: number(say`Faces`, 'count', { default: 4, whole: true, least: 1 }),
      kind: choice<'butter' | 'foam'>('Cake', ['butter', 'foam'], 'butter'),
    },
    results: { grams: [say`In all`, 'g'], gramsEach: [say`Each face`, 'g'] },
    run: ({ form: f, faces, kind }, { kitchen }) => {
      const gramsEach = (topArea(f) / 100) * kitchen.coefficients.soak[kind];
      return { grams: gramsEach * faces, gramsEach };
    },
  }),
  calculator({
    ...{
      name: 'coat',
      title: say`Coat around a cake`,
      group: say`Amounts`,
      also: say`crumb final frosting buttercream`,
    },
    about: say`Side and top at a thickness, and what to make with what stays in the bowl.`,
    source: say`(side + top) × thickness × density × (1 + loss).`,
    fields: {
      form: form(say`Form`, ROUND),
      height: number('Height', 'mm', { default: 120 }),
      thickness: number(say`Thickness`, 'mm', { default: (f) => f.finalCoat }),
      stuff: choice<Stuff>('Of', STUFF, 'buttercream'),
      density: maybe(say`or its density`, 'g/ml'),
      loss: loss(),
    },
    results: {
      area: [say`Area`, 'mm²'],
      millilitres: [say`Volume`, 'ml'],
      grams: [say`On the cake`, 'g'],
      toMake: [say`To make`, 'g'],
    },
    run: ({ form: f, height, thickness, stuff, density, loss: lost }) => {
      const area = topArea(f) + sideArea(f, height);
      const millilitres = (area * thickness) / 1000;
      const grams = millilitres * (density ?? DENSITIES[stuff]);
      return { area, millilitres, grams, toMake: grams * (1 + lost) };
    },
  }),
  calculator({
    ...{ name: 'glaze', title: say`Poured glaze`, group: say`Amounts`, also: say`mirror run-off` },
    about: say`What stays, what runs off and what of it comes back.`,
    source: say`3 mm on top and side, 40 % run-off, 80 % of that is caught.`,
    fields: {
      form: form(say`Form`, ROUND),
      height: number('Height', 'mm', { default: 80 }),
      density: number(say`Density`, 'g/ml', { default: (f) => f.glaze.density }),
    },
    results: {
      grams: [say`Stays`, 'g'],
      runOff: [say`Runs off`, 'g'],
      returns: [say`is caught`, 'g'],
      toMake: [say`To make`, 'g'],
    },
    run: ({ form: f, height, density }, { kitchen }) => {
      const { thickness, runOff, returns } = kitchen.coefficients.glaze;
      const grams = ((topArea(f) + sideArea(f, height)) * thickness * density) / 1000;
      return { grams, runOff: grams * runOff, returns: grams * runOff * returns, toMake: grams * (1 + runOff) };
    },
  }),
  calculator({
    ...{ name: 'drip', title: say`Drip`, group: say`Amounts` },
    about: say`For a foot of long and short drips.`,
    source: say`0.5 g per cm of outline and per cm of mean length, with what stays in the bag; a flooded top is area × mm × g/ml.`,
    fields: {
      form: form(say`Form`, ROUND),
      meanLength: number(say`Mean length`, 'mm', { default: (f) => f.drip.meanLength }),
      flood: number(say`Flooded top`, 'mm', { default: 0 }),
      density: number(say`Density`, 'g/ml', { default: DENSITIES.ganache, least: 0.01 }),
      loss: loss(),
    },
    results: {
      drops: [say`Drops`, 'g'],
      top: [say`Flooded top`, 'g'],
      grams: [say`On the cake`, 'g'],
      toMake: [say`To make`, 'g'],
    },
    run: ({ form: f, meanLength, flood, density, loss: lost }, { kitchen }) => {
      const drops = (perimeter(f) / 10) * (meanLength / 10) * kitchen.coefficients.drip.gramsPerCm2;
      const top = (topArea(f) * flood * density) / 1000;
      return { drops, top, grams: drops + top, toMake: (drops + top) * (1 + lost) };
    },
  }),
  calculator({
    ...{ name: 'border', title: say`Piped border and rosettes`, group: say`Amounts`, also: say`nozzle piping` },
    about: say`Grams by the nozzle; rosettes by spacing, or the spacing for a number of them.`,
    source: say`Grams per cm of each nozzle, weighed once by each kitchen; count = ⌊outline ÷ spacing⌋.`,
    fields: {
      form: form(say`Form`, ROUND),
      nozzle: choice<string>(
        say`Nozzle`,
        (f) => Object.keys(f.nozzles),
        (f) => Object.keys(f.nozzles)[0] ?? '',
      ),
      spacing: number(say`Rosettes every`, 'mm', { default: 45, least: 1 }),
      count: maybe(say`or so many of them`, 'count', { whole: true, least: 1 }),
      loss: loss(),
    },
    results: {
      length: [say`Around`, 'mm'],
      grams: [say`Border`, 'g'],
      toMake: [say`To make`, 'g'],
      rosettes: [say`Rosettes`, 'count'],
      spacing: ['every', 'mm'],
    },
    run: ({ form: f, nozzle, spacing, count, loss: lost }, { kitchen }) => {
      const length = perimeter(f);
      const perCm = kitchen.coefficients.nozzles[nozzle] ?? 0;
      return {
        length,
        grams: borderGrams(length, perCm, 0),
        toMake: borderGrams(length, perCm, lost),
        rosettes: count ?? rosetteCount(length, spacing),
        spacing: count === null ? spacing : rosetteSpacing(length, count),
      };
    },
  }),
];
