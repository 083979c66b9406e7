import { say } from '../words/say';
import type { Allergen } from './formula';

/** One ingredient of a substitute: `share` g for each g replaced. */
interface SubstitutePart {
  ingredient: string;
  share: number;
}

/** A way to do without an ingredient, and what changes with it. */
export interface Substitution {
  key: string;
  name: string;
  /** What is replaced, as a kind: several ingredients of a kitchen may be of it. */
  replaces: string;
  parts: SubstitutePart[];
  /** Allergens and flags that go and come with it. */
  without: Allergen[];
  adds: Allergen[];
  changes: string;
  /** Where it does not work. */
  not?: string;
}

/** Customary substitutions, by weight; each kitchen tests its own. */
export const SUBSTITUTIONS: Substitution[] = [
  {
    ...{ key: 'buttermilk', name: say`Milk and acid for buttermilk`, replaces: 'buttermilk' },
    parts: [
      { ingredient: 'milk', share: 0.94 },
      { ingredient: 'lemon-juice', share: 0.06 },
    ],
    ...{ without: [], adds: [], changes: say`Stand 10 min until it thickens. Thinner and a little sharper.` },
  },
  {
    ...{ key: 'cake-flour', name: say`Plain flour and starch for cake flour`, replaces: 'cake-flour' },
    parts: [
      { ingredient: 'plain-flour', share: 0.86 },
      { ingredient: 'cornflour', share: 0.14 },
    ],
    ...{ without: [], adds: [], changes: say`Sift twice. A slightly firmer crumb.` },
  },
  {
    ...{ key: 'baking-powder', name: say`Soda and acid for baking powder`, replaces: 'baking-powder' },
    parts: [
      { ingredient: 'soda', share: 0.28 },
      { ingredient: 'cream-of-tartar', share: 0.58 },
      { ingredient: 'cornflour', share: 0.14 },
    ],
    ...{ without: [], adds: [], changes: say`Works at once and only once: into the oven without a wait.` },
  },
  {
    ...{ key: 'custard-powder', name: say`Starch and vanilla for custard powder`, replaces: 'custard-powder' },
    parts: [
      { ingredient: 'cornflour', share: 0.97 },
      { ingredient: 'vanilla', share: 0.03 },
    ],
    ...{ without: [], adds: [], changes: say`Paler; a yolk brings the colour back, and the allergen.` },
  },
  {
    ...{ key: 'flax', name: say`Linseed and water for whole egg`, replaces: 'whole-eggs' },
    parts: [
      { ingredient: 'ground-linseed', share: 0.2 },
      { ingredient: 'water', share: 0.8 },
    ],
    ...{
      without: ['egg', 'raw egg'],
      adds: [],
      changes: say`Binds but does not rise: denser, moister, a shade darker.`,
    },
    not: say`whisked foams: nothing carries the air`,
  },
  {
    ...{ key: 'aquafaba', name: say`Chickpea water for egg white`, replaces: 'egg-whites' },
    parts: [{ ingredient: 'chickpea-water', share: 1 }],
    ...{ without: ['egg', 'raw egg'], adds: [], changes: say`Whips longer, falls sooner; an acid steadies it.` },
    not: say`sugar cooked to 71 °C with it over water: it stays loose`,
  },
  {
    ...{ key: 'cornflour-yolk', name: say`Starch and oil for egg yolk`, replaces: 'egg-yolks' },
    parts: [
      { ingredient: 'cornflour', share: 0.3 },
      { ingredient: 'sunflower-oil', share: 0.25 },
      { ingredient: 'water', share: 0.45 },
    ],
    ...{ without: ['egg', 'raw egg'], adds: [], changes: say`Thickens on boiling only; less rich.` },
  },
  {
    ...{ key: 'seed-meal', name: say`Sunflower meal for ground almonds`, replaces: 'ground-almonds' },
    parts: [{ ingredient: 'sunflower-meal', share: 1 }],
    ...{ without: ['nuts'], adds: [], changes: say`Greyer, and green with soda: a drop of acid helps.` },
  },
  {
    ...{
      key: 'seed-meal-hazelnut',
      name: say`Toasted pumpkin meal for ground hazelnuts`,
      replaces: 'ground-hazelnuts',
    },
    parts: [{ ingredient: 'pumpkin-meal', share: 1 }],
    ...{ without: ['nuts'], adds: [], changes: say`Green tinge, savoury: a little more sugar.` },
  },
  {
    ...{ key: 'oats-walnut', name: say`Toasted oat flakes for walnuts`, replaces: 'chopped-walnuts' },
    parts: [{ ingredient: 'oat-flakes', share: 1 }],
    ...{ without: ['nuts'], adds: ['gluten'], changes: say`Softer bite, drinks 5 % more milk.` },
  },
  {
    ...{ key: 'agar', name: say`Agar for gelatine`, replaces: 'gelatine' },
    parts: [{ ingredient: 'agar', share: 0.4 }],
    ...{ without: ['gelatine'], adds: [], changes: say`Must boil; sets at 35 °C and quickly; a shorter, firmer bite.` },
    not: say`freezing: it weeps on thawing`,
  },
  {
    ...{ key: 'margarine', name: say`Plant block for butter`, replaces: 'butter' },
    parts: [{ ingredient: 'plant-block', share: 1 }],
    ...{ without: ['milk'], adds: [], changes: say`Softer at room temperature: work cooler.` },
  },
  {
    ...{ key: 'oat-cream', name: say`Coconut cream for cream`, replaces: 'cream' },
    parts: [{ ingredient: 'coconut-cream', share: 1 }],
    ...{ without: ['milk'], adds: [], changes: say`Tastes of itself; whips only when cold, and softens sooner.` },
  },
  {
    ...{ key: 'oat-milk', name: say`Oat drink for milk`, replaces: 'milk' },
    parts: [{ ingredient: 'oat-drink', share: 1 }],
    ...{ without: ['milk'], adds: ['gluten'], changes: say`A little sweeter, browns sooner.` },
  },
];

/** What a weight of an ingredient is replaced by, g. */
export function substitute(grams: number, substitution: Substitution): { ingredient: string; grams: number }[] {
  return substitution.parts.map(({ ingredient, share }) => ({ ingredient, grams: grams * share }));
}

/** Replaces one line of a formula in place, joining what is there already; the total changes by the shares. */
export function withSubstitution<L extends { ingredient: string; grams: number }>(
  lines: L[],
  substitution: Substitution,
): (L | { ingredient: string; grams: number })[] {
  const replaced = lines.filter((l) => l.ingredient === substitution.replaces);
  const grams = replaced.reduce((sum, l) => sum + l.grams, 0);
  const result: (L | { ingredient: string; grams: number })[] = lines.filter((l) => !replaced.includes(l));
  for (const part of substitute(grams, substitution)) {
    const at = result.findIndex((l) => l.ingredient === part.ingredient);
    if (at < 0) result.push(part);
    else result[at] = { ...result[at]!, grams: result[at]!.grams + part.grams };
  }
  return result;
}
