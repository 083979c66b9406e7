import { starterBuilds } from '../../../data/kitchens/starter';
import { demoLibrary } from '../../../data/kitchens/demo-parts';
import { orderId } from '../../ids/ids';
import type { Form } from '../../shape/form';
import { breakDown } from '../break-down';
import { figureList, withFigures } from '../figures/figure-list';
import { startingCoefficients } from '../figures/starting-figures';
import type { CakeOrder } from '../cake-order';
import { breakdownLines } from './as-lines';

const round = (diameter: number): Form => ({ form: 'round', diameter });

/** Cakes whose breakdown is kept line by line: of every kind that the library has, in one size each. */
const KNOWN: Record<string, [build: string, tiers: Form[], more?: Partial<CakeOrder>]> = {
  'two tiers, an inscription': ['quince-tower', [round(240), round(180)], { inscription: 'Ida & Bo' }],
  'panels, paste': ['rye-crate', [{ form: 'square', side: 200 }]],
  'a set filling by two ways, a glaze': ['strawberry-cloud', [round(200)]],
  'a drip, layers that are not levelled': ['caramel-drip', [round(200)], { choices: { level: 'upside-down' } }],
  'a roll': ['blackcurrant-roll', [{ form: 'roll', length: 380, diameter: 110 }]],
  'yeast, two cakes side by side': ['saffron-crown', [round(200), round(200)]],
  'discs, one patched': ['hazelnut-discs', [round(180)]],
  'a dome': ['apricot-dome', [round(180)]],
  chiffon: ['orange-chiffon-crown', [round(240)]],
  'an insert, a base, a glaze; flowers left out': ['yoghurt-ring', [round(180)], { without: ['flowers'] }],
  'panels by the plan around a longer cake': [
    'rye-crate',
    [{ form: 'rectangle', length: 300, width: 200 }],
    { choices: { panels: 'planned' } },
  ],
  'two rolls, one filling set by hand': [
    'apple-caramel-roll',
    [
      { form: 'roll', length: 380, diameter: 110 },
      { form: 'roll', length: 380, diameter: 110 },
    ],
    { overrides: { filling: 900 }, without: ['fruit'] },
  ],
  'least batches of a small cake, shards': ['walnut-ganache', [round(150)]],
  'wide discs of two halves': ['hazelnut-discs', [round(240)]],
  'a heart from a sheet': ['raspberry-heart', [{ form: 'heart', side: 160 }]],
};

export const KNOWN_CAKES = Object.keys(KNOWN);

/** What one of them breaks down to today. */
export function knownCake(name: string): string[] {
  const [id, tiers, more] = KNOWN[name]!;
  const build = starterBuilds.find((b) => b.id === id)!;
  return breakdownLines(breakDown({ id: orderId(1), build, tiers, ...more }, demoLibrary));
}

/** All figures of a kitchen, with what they start from and the most that they may be, a line each. */
export function knownFigures(): string[] {
  const figures = figureList(startingCoefficients, startingCoefficients);
  const over = withFigures(startingCoefficients, Object.fromEntries(figures.map((f) => [f.path, Infinity])));
  if (over.ok) throw new Error('A figure has no bound.');
  return figures.map((f) => `${f.path} | ${f.group} | ${f.label} | ${f.value} ${f.unit} | ${over.fields[f.path]!}`);
}
