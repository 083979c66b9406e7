/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { PartView } from '@/server/orders/part-view';
import { inPage } from '../testing/in-page';
import { PartTable } from './part-table';

const part = (change: Partial<PartView> = {}): PartView => ({
  ...{ role: 'layers', label: 'Layers', formula: { id: 'almond', name: 'Almond sponge' }, amount: '848 g', grams: 848 },
  ...{
    computed: null,
    because: '848 g = 2 tins of 424 g',
    optional: false,
    allergens: [],
    exchanged: false,
    into: null,
    takes: [],
    batchWith: [],
  },
  portions: [
    { use: 'layers', grams: 800, leftOver: false, at: 'Stack and fill' },
    { use: 'trimmings', grams: 48, leftOver: true, at: null },
  ],
  drawn: [],
  lines: [
    { name: 'Ground almonds', grams: 212 },
    { name: 'Eggs', grams: 318 },
  ],
  others: [{ id: 'almond', name: 'Almond sponge', allergens: ['nuts'] }],
  ...change,
});

describe('the parts of a cake', () => {
  it('open the sum behind a number, what it is for, and what to weigh', async () => {
    const { hand } = inPage(
      <PartTable parts={[part(), part({ role: 'soak', label: 'Soak', grams: 120, amount: '120 g' })]} />,
    );
    const number = screen.getByRole('button', { name: 'Layers: 848 g. How it comes about' });
    expect(number.getAttribute('aria-expanded')).toBe('false');
    await hand.click(number);
    expect(number.getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('848 g = 2 tins of 424 g')).toBeTruthy();
    expect(screen.getByText('trimmings (feeds other parts)')).toBeTruthy();
    expect(screen.getByText('Ground almonds')).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Soak: 120 g. How it comes about' }));
    expect(number.getAttribute('aria-expanded')).toBe('false');
    expect(screen.queryByRole('textbox')).toBeNull();
  });

  it('take an amount by hand only if it is one, and give the computed one back', async () => {
    const onChange = jest.fn();
    const { hand } = inPage(
      <PartTable parts={[part({ computed: 848, grams: 900, amount: '900 g' })]} onChange={onChange} />,
    );
    await hand.click(screen.getByRole('button', { name: /^Layers: 900 g/ }));
    expect(screen.getByText('Set by hand to 900 g; computed 848 g.')).toBeTruthy();
    const field = screen.getByRole('textbox', { name: 'Amount by hand, g' });
    const set = screen.getByRole<HTMLButtonElement>('button', { name: 'Set' });
    expect(set.disabled).toBe(true);
    await hand.clear(field);
    await hand.type(field, 'much');
    expect(screen.getByText('Grams above 0, at most 200 kg.')).toBeTruthy();
    expect(set.disabled).toBe(true);
    await hand.clear(field);
    await hand.type(field, '950,5');
    await hand.click(set);
    expect(onChange).toHaveBeenCalledWith({ kind: 'amount', role: 'layers', grams: 950.5 });
    await hand.click(screen.getByRole('button', { name: 'Back to computed' }));
    expect(onChange).toHaveBeenLastCalledWith({ kind: 'amount', role: 'layers', grams: null });
  });

  it('offer what could take a part’s place, with what it brings', async () => {
    const onChange = jest.fn();
    const others: PartView['others'] = [
      { id: 'almond', name: 'Almond sponge', allergens: ['nuts'] },
      { id: 'rye', name: 'Rye sponge', allergens: ['gluten', 'egg'] },
    ];
    const { hand } = inPage(<PartTable parts={[part({ others, batchWith: ['Pell birthday'] })]} onChange={onChange} />);
    expect(screen.getByText(/one batch with Pell birthday/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: /^Layers: 848 g/ }));
    await hand.click(screen.getByRole('combobox', { name: 'Exchange for' }));
    await hand.click(screen.getByRole('option', { name: 'Rye sponge · gluten, egg' }));
    expect(onChange).toHaveBeenCalledWith({ kind: 'formula', role: 'layers', formula: 'rye' });
  });
});
