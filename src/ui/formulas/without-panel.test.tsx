/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Ingredient } from '@/core/formula/formula';
import type { FormulaView } from '@/server/formulas/formula-pages';
import { inPage } from '../testing/in-page';
import { useScaled } from './use-scaled';
import { ScalingPanel } from './scaling-panel';
import { WithoutPanel } from './without-panel';

const ingredient = (id: string, more: Partial<Ingredient> = {}): Ingredient => ({
  ...{ id, name: id, allergens: [], density: null, ...more },
});

/** A cream of whole eggs, into which a curd of whole eggs and butter goes. */
const view = {
  formula: {
    ...{ id: 'cream', name: 'Cream', family: 'Creams', story: '', loss: 0, density: 1, purpose: 'filling' },
    lines: [
      { ingredient: 'whole-eggs', grams: 100 },
      { ingredient: 'sugar', grams: 100 },
    ],
    parts: [{ formula: 'curd', grams: 300 }],
    ...{ steps: [], waits: [] },
  },
  formulas: { curd: 'Curd' },
  within: {
    curd: {
      lines: [
        { ingredient: 'whole-eggs', grams: 200 },
        { ingredient: 'butter', grams: 100 },
      ],
      loss: 0,
    },
  },
  ingredients: [
    ingredient('whole-eggs', { name: 'Whole egg', allergens: ['egg'] }),
    ...[ingredient('butter', { allergens: ['milk'] }), ingredient('sugar'), ingredient('water')],
    ingredient('ground-linseed'),
  ],
  allergens: [
    { allergen: 'egg', from: ['Whole egg'] },
    { allergen: 'milk', from: ['butter'] },
  ],
  ...{ total: 500, yield: 500, moulds: [], figures: { eggWeight: 55, sheetGrams: 2, batter: null } },
} as unknown as FormulaView;

function Panels() {
  const scaled = useScaled(view);
  return (
    <>
      <ScalingPanel view={view} scaled={scaled} />
      <WithoutPanel view={view} scaled={scaled} />
    </>
  );
}

it('a formula is not without what a formula in it has, and its shares are of all that goes in', async () => {
  inPage(<Panels />);
  await userEvent.click(screen.getByRole('checkbox', { name: 'Linseed and water for whole egg' }));
  expect(screen.getByText('egg: Whole egg')).toBeTruthy();
  expect(screen.getByText('milk: butter')).toBeTruthy();
  expect(screen.queryByText(/● without/)).toBeNull();
  // 100 g of 500 are 20 %, the curd 60.
  const cell = (name: string) => screen.getByText(name).closest('tr')!.lastElementChild!.textContent;
  expect([cell('sugar'), cell('Curd')]).toEqual(['20.0', '60.0']);
});
