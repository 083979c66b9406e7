import { say } from '../words/say';

/** What is known of a kind of ingredient. */
interface IngredientKind {
  name: string;
  /** Counts as flour in baker’s percentages. */
  flour?: true;
  /** Which part of an egg it is. */
  egg?: 'whole' | 'white' | 'yolk';
  gelatine?: true;
  /** What of it is told in per cent. */
  percent?: 'fat' | 'cacao' | 'strength';
}

/** What an ingredient can be, in the order in which it is chosen. A new one is a line here. */
export const INGREDIENT_KINDS = {
  flour: { name: say`flour`, flour: true },
  starch: { name: say`starch` },
  sugar: { name: say`sugar` },
  syrup: { name: say`syrup or honey` },
  'whole egg': { name: say`whole egg`, egg: 'whole' },
  'egg white': { name: say`egg white`, egg: 'white' },
  'egg yolk': { name: say`egg yolk`, egg: 'yolk' },
  butter: { name: say`butter`, percent: 'fat' },
  oil: { name: say`oil or other fat` },
  cream: { name: say`cream`, percent: 'fat' },
  milk: { name: say`milk or yoghurt`, percent: 'fat' },
  cheese: { name: say`fresh cheese`, percent: 'fat' },
  'dark chocolate': { name: say`dark chocolate`, percent: 'cacao' },
  'milk chocolate': { name: say`milk chocolate`, percent: 'cacao' },
  'white chocolate': { name: say`white chocolate`, percent: 'cacao' },
  cocoa: { name: say`cocoa`, percent: 'fat' },
  gelatine: { name: say`gelatine`, gelatine: true, percent: 'strength' },
  raising: { name: say`raising agent` },
  yeast: { name: say`yeast` },
  nuts: { name: say`nuts or seeds` },
  fruit: { name: say`fruit` },
  spice: { name: say`spice or flavour` },
  spirit: { name: say`spirit`, percent: 'strength' },
  paste: { name: say`sugar or marzipan paste` },
  decoration: { name: say`decoration` },
} as const satisfies Record<string, IngredientKind>;

export type IngredientKindName = keyof typeof INGREDIENT_KINDS;
export const ALL_INGREDIENT_KINDS = Object.keys(INGREDIENT_KINDS) as IngredientKindName[];

/** All that is known of a kind of ingredient. */
export const ingredientKind = (name: IngredientKindName): IngredientKind => INGREDIENT_KINDS[name];
