import type { Ingredient } from '../formula';

const make = (id: string, more: Partial<Ingredient> = {}): [string, Ingredient] => [
  id,
  { id, name: id, allergens: [], density: null, ...more },
];

/** A small store for tests of the core. */
export const demoTestIngredients: ReadonlyMap<string, Ingredient> = new Map([
  make('plain-flour', { flour: true, allergens: ['gluten'], density: 0.53 }),
  make('milk', { allergens: ['milk'], density: 1.03 }),
  make('butter', { allergens: ['milk'] }),
  make('cream', { allergens: ['milk'] }),
  make('whole-eggs', { egg: 'whole', allergens: ['egg'] }),
  make('egg-whites', { egg: 'white', allergens: ['egg'] }),
  make('egg-yolks', { egg: 'yolk', allergens: ['egg'] }),
  make('gelatine', { gelatine: true, allergens: ['gelatine'] }),
  make('caster-sugar'),
  make('water'),
]);
