import { say } from '../words/say';
import { fitCooling, minutesUntil, temperatureAfter } from '../records/cooling';
import { calculator, CannotCalculate, choice, list, maybe, number, type Calculator } from './calculator';

/** How far a cooling figure from a single record may be off, as a share. */
const BAND = 0.2;
const bandAround = (tau: number) => ({ low: tau * (1 - BAND), likely: tau, high: tau * (1 + BAND) });

export const heatCalculators: Calculator[] = [
  calculator({
    ...{ name: 'cooling', title: say`When is it cool?`, group: say`Heat and cold`, also: say`probe temperature chill` },
    about: say`An estimate with a low and a high, always checked by probe. Local food law and your own plan come first.`,
    source: say`T(t) = Tₐ + (T₀ − Tₐ) e^(−t/τ), τ by thing and place, or fitted to your probe.`,
    fields: {
      thing: choice<string>(
        say`What`,
        (f) => Object.keys(f.cooling),
        (f) => Object.keys(f.cooling)[0] ?? '',
      ),
      place: choice<'bench' | 'fridge' | 'freezer'>(say`Where`, ['bench', 'fridge', 'freezer'], 'bench'),
      from: number(say`It is now`, '°C', { default: 95, least: -40 }),
      ambient: number(say`The place has`, '°C', { default: 21, least: -40 }),
      target: number('When under', '°C', { default: 28, least: -40 }),
      tau: maybe(say`τ, if you know it`, 'min', { least: 0.1 }),
    },
    results: {
      low: [say`At the earliest`, 'min'],
      likely: [say`Likely`, 'min'],
      high: [say`At the latest`, 'min'],
      after30: [say`In half an hour it has`, '°C'],
    },
    run: ({ thing, place, from, ambient, target, tau }, { kitchen }) => {
      if (place === 'freezer' && target <= 0)
        throw new CannotCalculate(
          'Below 0 °C water gives up its latent heat, which this law does not know: go by the setting time of the formula.',
        );
      const known = tau === null ? kitchen.coefficients.cooling[thing]![place] : bandAround(tau);
      const time = minutesUntil(target, from, ambient, known);
      if (!time) throw new CannotCalculate(`It never gets under ${target} °C in a place of ${ambient} °C.`);
      return { ...time, after30: temperatureAfter(30, from, ambient, known.likely) };
    },
  }),
  calculator({
    ...{
      name: 'cooling-fit',
      title: say`Learn cooling from the probe`,
      group: say`Heat and cold`,
      also: say`readings tau`,
    },
    about: say`Fits τ to your readings: two at the least.`,
    source: say`Least squares on ln((T − Tₐ) ÷ (T₀ − Tₐ)) = −t/τ, bounds of two standard errors.`,
    fields: {
      ambient: number(say`The place has`, '°C', { default: 21, least: -40 }),
      readings: list(
        say`Readings`,
        { minutes: number(say`After`, 'min'), celsius: number(say`it had`, '°C', { least: -40 }) },
        [
          { minutes: 0, celsius: 92 },
          { minutes: 20, celsius: 63 },
          { minutes: 40, celsius: 46 },
        ],
      ),
    },
    results: { low: [say`τ at least`, 'min'], likely: ['τ', 'min'], high: [say`τ at most`, 'min'] },
    run: ({ ambient, readings }) => {
      const fit = fitCooling(readings, ambient);
      if (!fit) throw new CannotCalculate('At least two readings above the room, of which the later is cooler.');
      return { low: fit.low, likely: fit.likely, high: Number.isFinite(fit.high) ? fit.high : null };
    },
  }),
];
