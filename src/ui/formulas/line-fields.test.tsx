/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { useForm, useWatch } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { EMPTY_LINE } from '@/core/input/formula-line-input';
import { draftKey, EMPTY_STEP } from '@/core/input/formula-step-input';
import { inPage } from '../testing/in-page';
import { LineFields } from './line-fields';

const ingredients = [
  { id: 'leaf', name: 'Leaf gelatine' },
  { id: 'milk', name: 'Milk' },
];

function Told({ into = '' }: { into?: string }) {
  const { control, setValue } = useForm<FormulaForm>({
    defaultValues: {
      lines: [{ ...EMPTY_LINE, ingredient: 'milk', into }],
      steps: [
        { ...EMPTY_STEP, key: 'boil', name: 'Boil' },
        { ...EMPTY_STEP, key: 'boil', name: 'Boil, the other way' },
        { ...EMPTY_STEP, key: draftKey(2) },
      ],
    },
  });
  const lines = useWatch({ control, name: 'lines' });
  return (
    <>
      <LineFields
        control={control}
        index={0}
        ingredients={ingredients}
        formulas={[{ id: 'custard', name: 'Custard' }]}
        onRemove={() => undefined}
      />
      <button onClick={() => setValue('steps.2.name', 'Melt in')}>name it</button>
      <output>{JSON.stringify(lines)}</output>
    </>
  );
}
const told = () => (JSON.parse(screen.getByRole('status').textContent!) as FormulaForm['lines'])[0];

describe('an ingredient of a formula', () => {
  it('is told the step it goes into; a new step can be chosen by the name that it gets', async () => {
    const { hand } = inPage(<Told />);
    expect(screen.getByRole('combobox', { name: 'Goes into' }).textContent).toBe('the first step for hands');
    await hand.click(screen.getByRole('button', { name: 'name it' }));
    await hand.click(screen.getByRole('combobox', { name: 'Goes into' }));
    expect(screen.getAllByRole('option').map((o) => o.textContent)).toEqual([
      'the first step for hands',
      'Boil',
      'Melt in',
    ]);
    await hand.click(screen.getByRole('option', { name: 'Melt in' }));
    expect(told()).toEqual({ ...EMPTY_LINE, ingredient: 'milk', into: draftKey(2) });
  });
  it('goes into the first step for hands when its own is taken out', () => {
    inPage(<Told into="gone" />);
    expect(screen.getByRole('combobox', { name: 'Goes into' }).textContent).toBe('the first step for hands');
  });
  it('can be another one', async () => {
    const { hand } = inPage(<Told into="boil" />);
    await hand.click(screen.getByRole('combobox', { name: 'Ingredient 1' }));
    await hand.click(screen.getByRole('option', { name: 'Leaf gelatine' }));
    expect(told()).toMatchObject({ ingredient: 'leaf', into: 'boil' });
  });
  it('can be another formula, and no ingredient then', async () => {
    const { hand } = inPage(<Told />);
    await hand.click(screen.getByRole('combobox', { name: 'Ingredient 1' }));
    await hand.click(screen.getByRole('option', { name: 'Custard' }));
    expect(told()).toMatchObject({ ingredient: '', formula: 'custard' });
  });
  it('may be to texture, and partly peel', async () => {
    const { hand } = inPage(<Told />);
    await hand.click(screen.getByRole('button', { name: 'More of ingredient 1' }));
    await hand.type(screen.getByRole('textbox', { name: 'until' }), 'it ribbons');
    await hand.type(screen.getByRole('textbox', { name: '% that goes in' }), '70');
    expect(told()).toMatchObject({ sign: 'it ribbons', keeps: '70' });
  });
});
