import { say } from '../words/say';
import { toGrams, toMillilitres, type Sifting } from '../measure/density';
import type { Decimal } from '../measure/parse-number';
import { parseQuantity } from '../measure/parse-quantity';
import { METRIC, showQuantity } from '../measure/show-quantity';
import { fromFahrenheit, fromFan, fromGasMark, toFahrenheit, toFan, toGasMark } from '../measure/temperature';
import { COUNTRIES, toInside, toOutside, unitNamed, type Country } from '../measure/units';
import { calculator, CannotCalculate, choice, maybe, number, text, type Calculator } from './calculator';

const KITCHENS = 'as the kitchen';
const country = () => choice<Country | typeof KITCHENS>(say`Cups of`, [KITCHENS, ...COUNTRIES], KITCHENS);

export const measureCalculators: Calculator[] = [
  calculator({
    ...{ name: 'parse', title: say`What was typed`, group: say`Measures` },
    about: say`Reads “1 1/2 cups”, “2 lb 3 oz”, “350F”, “gas 4”, “1h30”.`,
    source: say`International units; household measures by country.`,
    fields: {
      text: text('Typed', '1 1/2 cups'),
      country: country(),
      decimal: choice<Decimal | typeof KITCHENS>(say`Decimals`, [KITCHENS, 'point', 'comma', 'ask'], KITCHENS),
    },
    results: {
      dimension: [say`It measures`, ''],
      value: [say`In g, ml, mm, °C or min`, ''],
      shown: [say`Read back`, ''],
    },
    run: ({ text: typed, country: asked, decimal }, { typing }) => {
      const of = asked === KITCHENS ? typing.country : asked;
      const parsed = parseQuantity(typed, {
        ...typing,
        country: of,
        ...(decimal === KITCHENS ? {} : { decimal }),
      });
      if (!parsed.ok) throw new CannotCalculate(parsed.message);
      const { dimension, value } = parsed.quantity;
      return {
        dimension,
        value,
        shown:
          dimension === 'count'
            ? `${value}`
            : dimension === 'share'
              ? `${Number((value * 100).toFixed(4))} %`
              : showQuantity(value, dimension, { ...METRIC, country: of }),
      };
    },
  }),
  calculator({
    ...{
      name: 'convert',
      title: say`From one unit to another`,
      group: say`Measures`,
      also: say`cups ounces pounds inches litres`,
    },
    about: say`Within mass, volume, length or time. Between volume and weight use the density.`,
    source: say`International units; household measures by country.`,
    fields: {
      value: number('Amount', '', { default: 1 }),
      from: text('From', 'cup'),
      to: text('To', 'ml'),
      country: country(),
    },
    results: { value: ['Result', ''], unit: [say`Unit`, ''] },
    run: ({ value, from, to, country: asked }, { typing }) => {
      const of = asked === KITCHENS ? typing.country : asked;
      const [a, b] = [unitNamed(from, of), unitNamed(to, of)];
      if (!a) throw new CannotCalculate(`“${from}” is not a unit that is known here.`);
      if (!b) throw new CannotCalculate(`“${to}” is not a unit that is known here.`);
      if (a.dimension !== b.dimension)
        throw new CannotCalculate(`${from} measures ${a.dimension}, ${to} ${b.dimension}.`);
      return { value: toOutside(toInside(value, a), b), unit: b.id };
    },
  }),
  calculator({
    ...{
      name: 'temperature',
      title: say`Oven temperature`,
      group: say`Measures`,
      also: say`fahrenheit celsius gas mark fan`,
    },
    about: say`Give one of the four; the others follow.`,
    source: say`°F = °C × 9⁄5 + 32; fan = conventional − 20 °C or the kitchen’s own offset; customary gas marks.`,
    fields: {
      celsius: maybe(say`°C, conventional`, '°C', { least: -273.15 }),
      fan: maybe(say`°C, fan`, '°C', { least: -273.15 }),
      fahrenheit: maybe('°F', '°F', { least: -459.67 }),
      gas: maybe(say`Gas mark`, ''),
    },
    results: {
      celsius: [say`Conventional`, '°C'],
      fan: [say`Fan`, '°C'],
      fahrenheit: [say`Fahrenheit`, '°F'],
      gas: [say`Gas mark`, ''],
    },
    run: ({ celsius, fan, fahrenheit, gas }, { kitchen }) => {
      const offset = kitchen.coefficients.fanOffset;
      const given = [celsius, fan, fahrenheit, gas].filter((x) => x !== null).length;
      if (given !== 1) throw new CannotCalculate('Give exactly one of celsius, fan, fahrenheit, gas.');
      const c =
        celsius ??
        (fan !== null ? fromFan(fan, offset) : fahrenheit !== null ? fromFahrenheit(fahrenheit) : fromGasMark(gas!));
      if (c === null) throw new CannotCalculate(`There is no gas mark ${gas}: they go from 0.25 to 9.`);
      return { celsius: c, fan: toFan(c, offset), fahrenheit: toFahrenheit(c), gas: toGasMark(c) };
    },
  }),
  calculator({
    ...{ name: 'density', title: say`Volume and weight`, group: say`Measures`, also: say`cup of flour sugar grams` },
    about: say`By the ingredient’s own density: a cup of flour is not a cup of sugar. Give millilitres or grams.`,
    source: say`g = ml × g/ml; flour sifted before it is measured weighs 0.87 of unsifted in the same cup.`,
    fields: {
      ingredient: text(say`Ingredient (its id)`, ''),
      density: maybe(say`or density`, 'g/ml'),
      millilitres: maybe(say`Volume`, 'ml'),
      grams: maybe(say`or weight`, 'g'),
      sifting: choice<Sifting>(say`Sifted`, ['not', 'before measuring', 'after measuring'], 'not'),
    },
    results: { grams: [say`Weight`, 'g'], millilitres: [say`Volume`, 'ml'], density: [say`Density`, 'g/ml'] },
    run: ({ ingredient, density, millilitres, grams, sifting }, { kitchen }) => {
      const own = density ?? kitchen.ingredients.get(ingredient)?.density ?? null;
      if (!own) throw new CannotCalculate(`No density is known${ingredient ? ` of “${ingredient}”` : ''}: give one.`);
      if ((millilitres === null) === (grams === null)) throw new CannotCalculate('Give either millilitres or grams.');
      return millilitres !== null
        ? { millilitres, grams: toGrams(millilitres, own, sifting), density: own }
        : { millilitres: toMillilitres(grams!, own, sifting), grams: grams!, density: own };
    },
  }),
];
