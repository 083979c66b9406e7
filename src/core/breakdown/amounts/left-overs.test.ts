import type { ByProduct, Formula, Ingredient } from '../../formula/formula';
import type { Component } from './component';
import { feedLeftOvers, joinAllergens, withDrawnAllergens } from './left-overs';

const ingredient = (id: string, leftOver?: ByProduct) =>
  ({ id, name: id, ...(leftOver && { leftOver }) }) as Ingredient;
const ingredients = new Map(
  [ingredient('flour'), ingredient('crumbs', 'trimmings'), ingredient('caught', 'run-off')].map((i) => [i.id, i]),
);

/** A component that leaves so much over, and takes so much of what others leave. */
function part(
  role: string,
  {
    leaves = [],
    takes = {},
    raw = false,
    allergens = [],
  }: {
    leaves?: [ByProduct, number][];
    takes?: Record<string, number>;
    raw?: boolean;
    allergens?: Component['allergens'];
  } = {},
): Component {
  const lines = Object.entries(takes).map(([ingredient, grams]) => ({ ingredient, grams }));
  const portions = [
    { use: role, grams: 500 },
    ...leaves.map(([leftOver, grams]) => ({ use: leftOver, grams, leftOver })),
  ];
  return {
    ...{ role, label: `the ${role}`, allergens, lines },
    formula: { loss: 0.1, lines } as unknown as Formula,
    amount: { portions, ...(raw && { raw }) },
  } as unknown as Component;
}

describe('what is left over feeds what asks for it', () => {
  it('as it is once baked, in the order of the build, until it is used up; the rest is short', () => {
    const { leftOvers, drawn } = feedLeftOvers(
      [
        part('sponge', { leaves: [['trimmings', 100]], raw: true }),
        part('biscuit', { leaves: [['trimmings', 50]] }),
        part('foot', { takes: { crumbs: 110, flour: 30 } }),
        part('top', { takes: { crumbs: 60 } }),
      ],
      ingredients,
    );
    // 100 g raw are 90 baked.
    expect(leftOvers).toEqual([
      { from: 'sponge', kind: 'trimmings', grams: 90, uses: [{ by: 'foot', grams: 90 }], left: 0 },
      {
        ...{ from: 'biscuit', kind: 'trimmings', grams: 50, left: 0 },
        uses: [
          { by: 'foot', grams: 20 },
          { by: 'top', grams: 30 },
        ],
      },
    ]);
    expect(drawn).toEqual([
      {
        ...{ role: 'foot', ingredient: 'crumbs', needed: 110, short: 0 },
        from: [
          { role: 'sponge', grams: 90 },
          { role: 'biscuit', grams: 20 },
        ],
      },
      { role: 'top', ingredient: 'crumbs', needed: 60, short: 30, from: [{ role: 'biscuit', grams: 30 }] },
    ]);
  });
  it('of its own kind only, and never itself', () => {
    const both = part('sponge', { leaves: [['trimmings', 100]], takes: { crumbs: 40 } });
    const { leftOvers, drawn } = feedLeftOvers([both, part('flowers', { takes: { caught: 20 } })], ingredients);
    expect(leftOvers[0]).toMatchObject({ uses: [], left: 100 });
    expect(drawn.map((d) => [d.role, d.from, d.short])).toEqual([
      ['sponge', [], 40],
      ['flowers', [], 20],
    ]);
  });
  it('nothing wanted is nothing taken', () => {
    const { leftOvers } = feedLeftOvers(
      [part('sponge', { leaves: [['trimmings', 100]] }), part('foot', { takes: { crumbs: 0 } })],
      ingredients,
    );
    expect(leftOvers[0]!.uses).toEqual([]);
  });
});

describe('allergens that come with it', () => {
  const nuts: Component['allergens'] = [{ allergen: 'nuts', from: ['ground almonds'] }];
  const sponge = part('sponge', { leaves: [['trimmings', 100]], allergens: nuts });
  const glaze = part('glaze', { leaves: [['run-off', 10]], allergens: [{ allergen: 'milk', from: ['cream'] }] });
  it('are those of what leaves that kind over, named by its label', () => {
    const [foot] = withDrawnAllergens(
      [part('foot', { takes: { crumbs: 5 }, allergens: [{ allergen: 'egg', from: ['egg'] }] }), sponge, glaze],
      ingredients,
    );
    expect(foot!.allergens).toEqual([
      { allergen: 'egg', from: ['egg'] },
      { allergen: 'nuts', from: ['the sponge'] },
    ]);
  });
  it('are its own alone where nothing is drawn, where nothing of the kind is left, and from itself', () => {
    const plain = part('foot', { takes: { flour: 5 } });
    expect(withDrawnAllergens([plain, sponge], ingredients)[0]).toBe(plain);
    const tidy = part('sponge', { allergens: nuts });
    expect(withDrawnAllergens([part('foot', { takes: { crumbs: 5 } }), tidy], ingredients)[0]!.allergens).toEqual([]);
    const own = part('sponge', { leaves: [['trimmings', 9]], takes: { crumbs: 5 }, allergens: nuts });
    expect(withDrawnAllergens([own], ingredients)[0]!.allergens).toEqual(nuts);
  });
  it('are put together without naming a source twice, and without naming what is not there', () => {
    expect(joinAllergens([nuts, nuts, [{ allergen: 'nuts', from: ['paste'] }]])).toEqual([
      { allergen: 'nuts', from: ['ground almonds', 'paste'] },
    ]);
    expect(joinAllergens([[], [{ allergen: 'nuts', from: [] }]])).toEqual([]);
  });
});
