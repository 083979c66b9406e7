import { say } from '../words/say';
import { EGG_SIZES, eggLedger, eggParts } from '../formula/eggs';
import { ALLERGENS, type Allergen, type Ingredient } from '../formula/formula';
import { ganache, GANACHE_HEAT, type Chocolate, type GanacheUse } from '../formula/ganache';
import { convertGelatine, gelatineSheets, POWDER_WATER, type SheetGrade } from '../formula/gelatine';
import { bakersPercentages } from '../formula/percentages';
import { roundLines } from '../formula/rounding';
import { clashesOf } from '../formula/allergen-clash';
import { scaleToScarce, scaleToTotal, scaleToYield, totalGrams, yieldGrams } from '../formula/scale';
import { allergensOf } from '../formula/within';
import { SUBSTITUTIONS, substitute } from '../formula/substitutions';
import { alcoholByVolume, syrup, syrupDensity } from '../formula/syrup';
import { convertYeast, type Yeast } from '../formula/yeast';
import {
  calculator,
  CannotCalculate,
  choice,
  lines,
  list,
  maybe,
  names,
  number,
  text,
  type Calculator,
  type CalcValue,
} from './calculator';

const YEASTS: readonly Yeast[] = ['fresh', 'active dry', 'instant'];
/** "EU M" and so on, g with shell: the middle of each class. */
const EGG_CLASSES: ReadonlyMap<string, number> = new Map(
  Object.entries(EGG_SIZES).flatMap(([country, sizes]) =>
    Object.entries(sizes).map(([size, grams]) => [`${country} ${size}`, grams as number] as const),
  ),
);
const BY_WEIGHT = 'by weight';
const GRADES: readonly SheetGrade[] = ['bronze', 'silver', 'gold', 'platinum'];
const eggWeight = () => number(say`An egg with its shell`, 'g', { default: (f) => f.egg.weight, least: 1 });
const rows = (
  list: { ingredient: string; grams: number }[],
  more: (i: number) => Record<string, CalcValue> = () => ({}),
): CalcValue[] => list.map((l, i) => ({ ingredient: l.ingredient, grams: l.grams, ...more(i) }));

export const formulaCalculators: Calculator[] = [
  calculator({
    ...{ name: 'percentages', title: say`Baker’s percentages`, group: say`Formula` },
    about: say`Of the flour; of the total where there is none. An ingredient is flour if the library says so, or its id ends in “flour”.`,
    source: say`Weight ÷ weight of all flours.`,
    fields: { lines: lines() },
    results: { base: [say`Per cent of`, ''], lines: [say`Lines`, ''], total: [say`Total`, 'g'] },
    run: ({ lines: given }, { kitchen }) => {
      const { base, lines: percent } = bakersPercentages(
        { lines: given },
        withFlours(given, kitchen.ingredients),
        new Map(),
      );
      return {
        base,
        lines: rows(percent, (i) => ({ percent: percent[i]!.percent * 100 })),
        total: totalGrams({ lines: given }),
      };
    },
  }),
  calculator({
    ...{ name: 'scale', title: say`Scale a formula`, group: say`Formula`, also: say`yield scarce` },
    about: say`To a yield, to a weight of mix, or to as much as there is of one ingredient. Linear; nothing is rounded.`,
    source: say`Yield = total × (1 − loss).`,
    fields: {
      lines: lines(),
      loss: number(say`Loss`, 'share', { default: 0, most: 0.99 }),
      to: choice<'yield' | 'total' | 'scarce'>('To', ['yield', 'total', 'scarce'], 'yield'),
      grams: number(say`Grams`, 'g', { default: 1000 }),
      ingredient: text(say`The scarce one`, ''),
    },
    results: { factor: [say`Factor`, ''], lines: [say`Lines`, ''], total: [say`Mix`, 'g'], yield: [say`Yield`, 'g'] },
    run: ({ lines: given, loss, to, grams, ingredient }) => {
      const formula = { lines: given, loss };
      const scarce = to === 'scarce' ? scaleToScarce(formula, ingredient, grams) : null;
      if (to === 'scarce' && !scarce) throw new CannotCalculate(`The formula has no “${ingredient}”.`);
      const scaled = scarce?.lines ?? (to === 'yield' ? scaleToYield(formula, grams) : scaleToTotal(formula, grams));
      const total = totalGrams({ lines: scaled });
      return {
        factor: totalGrams(formula) === 0 ? 0 : total / totalGrams(formula),
        lines: rows(scaled, (i) => ({ share: scaled[i]!.share })),
        total,
        yield: yieldGrams({ lines: scaled, loss }),
      };
    },
  }),
  calculator({
    ...{ name: 'round', title: say`Round to the scale`, group: say`Formula`, also: say`distortion whole eggs sheets` },
    about: say`To what a scale shows, eggs to whole ones, gelatine to half sheets; and how far each line moved.`,
    source: say`1 g, 0.1 g under 10 g; warns over 3 %.`,
    fields: {
      lines: lines(),
      eggs: choice<'whole' | 'beaten'>(say`Eggs`, ['whole', 'beaten'], 'whole'),
      eggWeight: eggWeight(),
      sheetGrams: number(say`A sheet of gelatine`, 'g', {
        default: (f) => f.sheetGrades[f.sheetGrade].grams,
        least: 0.1,
      }),
    },
    results: { lines: [say`Lines`, ''], worst: [say`Largest distortion`, 'share'], warns: [say`Over 3 %`, ''] },
    run: ({ lines: given, eggs, eggWeight: weight, sheetGrams }, { kitchen }) => {
      const rounded = roundLines(given, kitchen.ingredients, { eggs, eggWeight: weight, sheetGrams });
      return {
        lines: rows(rounded.lines, (i) => {
          const { exact, distortion, count } = rounded.lines[i]!;
          return { exact, distortion, count };
        }),
        worst: rounded.worst,
        warns: rounded.warns,
      };
    },
  }),
  calculator({
    ...{ name: 'eggs', title: say`What is in an egg`, group: say`Formula`, also: say`whites yolks` },
    about: say`Contents, whites and yolks of so many eggs.`,
    source: say`Shell 11 %, white 59 %, yolk 30 % of a whole egg.`,
    fields: {
      count: number(say`Eggs`, 'count', { default: 7 }),
      eggWeight: eggWeight(),
      size: choice<string>('or their class', [BY_WEIGHT, ...EGG_CLASSES.keys()], BY_WEIGHT),
    },
    results: { contents: [say`Without shell`, 'g'], whites: [say`Whites`, 'g'], yolks: [say`Yolks`, 'g'] },
    run: ({ count, eggWeight: weight, size }, { kitchen }) => ({
      ...eggParts(count, EGG_CLASSES.get(size) ?? weight, kitchen.coefficients.egg.shares),
    }),
  }),
  calculator({
    ...{ name: 'egg-ledger', title: say`Egg ledger`, group: say`Formula`, also: say`crack left over` },
    about: say`Adds up what batches need of whole egg, whites and yolks: how many to crack, and what is left over.`,
    source: say`Crack enough for the beaten egg and then for the scarcer part.`,
    fields: {
      needs: list(
        say`Batches`,
        {
          whole: number(say`Whole`, 'g', { default: 0 }),
          whites: number(say`Whites`, 'g', { default: 0 }),
          yolks: number(say`Yolks`, 'g', { default: 0 }),
        },
        [{ whole: 300, whites: 250, yolks: 120 }],
      ),
      eggWeight: eggWeight(),
    },
    results: {
      crack: [say`Crack`, 'count'],
      whole: [say`Whole`, 'g'],
      whites: [say`Whites`, 'g'],
      yolks: [say`Yolks`, 'g'],
      leftWhites: [say`Whites over`, 'g'],
      leftYolks: [say`Yolks over`, 'g'],
    },
    run: ({ needs, eggWeight: weight }, { kitchen }) => {
      const { left, ...ledger } = eggLedger(needs, weight, kitchen.coefficients.egg.shares);
      return { ...ledger, leftWhites: left.whites, leftYolks: left.yolks };
    },
  }),
  calculator({
    ...{ name: 'yeast', title: say`Yeast`, group: say`Formula`, also: say`fresh dried instant` },
    about: say`One kind for another.`,
    source: say`Fresh : active dry : instant = 1 : 0.5 : 0.4 by weight.`,
    fields: {
      grams: number(say`Yeast`, 'g', { default: 20 }),
      from: choice<Yeast>(say`It is`, YEASTS, 'fresh'),
      to: choice<Yeast>(say`You have`, YEASTS, 'instant'),
    },
    results: { grams: [say`Take`, 'g'] },
    run: ({ grams, from, to }, { kitchen }) => ({ grams: convertYeast(grams, from, to, kitchen.coefficients.yeast) }),
  }),
  calculator({
    ...{ name: 'gelatine', title: say`Gelatine`, group: say`Formula`, also: say`bloom sheets powder leaf` },
    about: say`Between strengths, and in sheets of a grade. Powder is soaked in five times its weight of water.`,
    source: say`Grams × √(bloom₁ ÷ bloom₂).`,
    fields: {
      grams: number(say`Formula says`, 'g', { default: 12 }),
      fromBloom: number(say`of bloom`, 'bloom', { default: 200, least: 1 }),
      toBloom: maybe(say`You have powder of bloom`, 'bloom', { least: 1 }),
      grade: choice<SheetGrade>(say`or sheets, grade`, GRADES, (f) => f.sheetGrade),
    },
    results: {
      grams: [say`Take`, 'g'],
      bloom: [say`of bloom`, 'bloom'],
      sheets: [say`Sheets of the grade`, 'count'],
      water: [say`Water to soak powder in`, 'ml'],
    },
    run: ({ grams, fromBloom, toBloom, grade }, { kitchen }) => {
      const { sheetGrades } = kitchen.coefficients;
      const bloom = toBloom ?? sheetGrades[grade].bloom;
      const exact = convertGelatine(grams, fromBloom, bloom);
      return {
        grams: exact,
        bloom,
        // Powder is weighed; sheets are counted by the grade that was asked for.
        sheets: toBloom === null ? gelatineSheets(grams, fromBloom, grade, sheetGrades).sheets : null,
        water: exact * POWDER_WATER,
      };
    },
  }),
  calculator({
    ...{
      name: 'substitute',
      title: say`Do without`,
      group: say`Formula`,
      also: say`egg-free nut-free buttermilk cake flour allergen`,
    },
    about: say`What can stand in for an ingredient, by weight, and what changes with it.`,
    source: say`Customary substitutions; each kitchen tests its own.`,
    fields: {
      ingredient: choice<string>(say`Ingredient`, [...new Set(SUBSTITUTIONS.map((s) => s.replaces))], 'buttermilk'),
      grams: number(say`Weight`, 'g', { default: 100 }),
      avoid: names(say`Must be without (allergens)`),
    },
    results: { ways: [say`Ways`, ''] },
    run: ({ ingredient, grams, avoid }) => {
      refuseUnlisted(avoid);
      const ways = SUBSTITUTIONS.filter(
        (s) =>
          s.replaces === ingredient &&
          !s.adds.some((a) => avoid.includes(a)) &&
          (avoid.length === 0 || s.without.some((a) => avoid.includes(a))),
      );
      return {
        ways: ways.map((s): CalcValue => ({
          name: s.name,
          take: substitute(grams, s).map((p) => ({ ingredient: p.ingredient, grams: p.grams })),
          without: [...s.without],
          adds: [...s.adds],
          changes: s.changes,
          not: s.not ?? null,
        })),
      };
    },
  }),
  calculator({
    ...{ name: 'ganache', title: say`Ganache`, group: say`Formula`, also: say`chocolate cream drip` },
    about: say`Chocolate and cream by what it is for, and at what warmth it is worked.`,
    source: say`Dark : cream drip 1:1, pour 1:1, spread 1.5:1, whip 1:1.5, truffle 2:1; milk × 1.4, white × 1.75.`,
    fields: {
      grams: number(say`To make`, 'g', { default: 1000 }),
      use: choice<GanacheUse>('To', ['drip', 'pour', 'spread', 'whip', 'truffle'], 'spread'),
      chocolate: choice<Chocolate>(say`Chocolate`, ['dark', 'milk', 'white'], 'dark'),
    },
    results: {
      chocolate: [say`Chocolate`, 'g'],
      cream: [say`Cream`, 'g'],
      ratio: [say`Chocolate to one of cream`, ''],
      workLow: [say`Work from`, '°C'],
      workHigh: ['to', '°C'],
    },
    run: ({ grams, use, chocolate }, { kitchen }) => {
      const [workLow, workHigh] = GANACHE_HEAT[use];
      return { ...ganache(grams, use, chocolate, kitchen.coefficients.ganache), workLow, workHigh };
    },
  }),
  calculator({
    ...{ name: 'syrup', title: say`Sugar syrup`, group: say`Formula`, also: say`brix boil soak` },
    about: say`Sugar and water for a syrup, and what has to boil off.`,
    source: say`Sugar = weight × °Brix ÷ 100; begun at a ratio of sugar to water.`,
    fields: {
      grams: number(say`Syrup`, 'g', { default: 500 }),
      brix: number(say`Strength`, '°Brix', { default: 65, least: 1, most: 99 }),
      ratio: number(say`Sugar to one of water at the start`, '', { default: 1, least: 0.01 }),
    },
    results: {
      sugar: [say`Sugar`, 'g'],
      water: [say`Water`, 'g'],
      boilOff: [say`Boil off`, 'g'],
      density: [say`Weighs`, 'g/ml'],
    },
    run: ({ grams, brix, ratio }) => {
      const made = syrup(grams, brix, ratio);
      if (made.boilOff < -1e-9)
        throw new CannotCalculate('Begun so, it is stronger from the start: add water, or begin with less sugar.');
      return { ...made, density: syrupDensity(brix) };
    },
  }),
  calculator({
    ...{ name: 'alcohol', title: say`Alcohol of a soak`, group: say`Formula`, also: say`spirit rum brandy` },
    about: say`By volume of the finished soak.`,
    source: say`Spirit ml × % ÷ (spirit ml + syrup ml).`,
    fields: {
      spirit: number(say`Spirit`, 'ml', { default: 60 }),
      strength: number(say`its strength`, '% vol', { default: 40, most: 100 }),
      syrup: number(say`Syrup`, 'g', { default: 400 }),
      brix: number(say`its strength`, '°Brix', { default: 40, most: 99 }),
    },
    results: { alcohol: [say`Alcohol`, '% vol'] },
    run: ({ spirit, strength, syrup: grams, brix }) => ({
      alcohol: alcoholByVolume(spirit, strength, grams, syrupDensity(brix)),
    }),
  }),
  calculator({
    ...{ name: 'allergens', title: say`Allergens of a formula`, group: say`Formula` },
    about: say`What its ingredients bring, checked against what must not be in it.`,
    source: say`Allergens of each ingredient in the library.`,
    fields: { lines: lines(), avoid: names(say`Must not contain`) },
    results: { allergens: [say`Contains`, ''], clashes: [say`Must not`, ''] },
    run: ({ lines: given, avoid }, { kitchen }) => {
      const unknown = given.filter((l) => !kitchen.ingredients.has(l.ingredient)).map((l) => l.ingredient);
      if (unknown.length > 0) throw new CannotCalculate(`The library does not know: ${unknown.join(', ')}.`);
      refuseUnlisted(avoid);
      const found = allergensOf({ lines: given }, kitchen.ingredients, new Map());
      return {
        allergens: found.map((a): CalcValue => ({ allergen: a.allergen, from: a.from })),
        clashes: clashesOf(found, avoid as Allergen[]).map((a) => a.allergen),
      };
    },
  }),
];

function refuseUnlisted(avoid: string[]): void {
  const unknown = avoid.find((a) => !(ALLERGENS as readonly string[]).includes(a));
  if (unknown !== undefined) throw new CannotCalculate(`“${unknown}” is not on the list: ${ALLERGENS.join(', ')}.`);
}

/** Ingredients that the library does not know count as flour by their name. */
function withFlours(
  given: { ingredient: string }[],
  known: ReadonlyMap<string, Ingredient>,
): ReadonlyMap<string, Ingredient> {
  const all = new Map(known);
  for (const { ingredient: id } of given)
    if (!all.has(id)) all.set(id, { id, name: id, allergens: [], density: null, flour: /flour$/i.test(id) });
  return all;
}
