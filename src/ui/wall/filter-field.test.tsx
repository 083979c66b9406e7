/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { inPage } from '../testing/in-page';
import type { FilterOption } from './filter';
import { FilterField } from './filter-field';

const options = [
  { key: 'person ida', group: 'People', label: 'Ida' },
  { key: 'order 3', group: 'Orders', label: 'Harbour choir' },
] as FilterOption[];

function Field({ tell }: { tell: (chosen: string[]) => void }) {
  const [chosen, setChosen] = useState<string[]>([]);
  const choose = (keys: string[]) => {
    setChosen(keys);
    tell(keys);
  };
  return <FilterField options={options} chosen={chosen} onChoose={choose} />;
}

describe('the wall’s filter', () => {
  it('offers by group, finds by what is typed, and takes several', async () => {
    const tell = jest.fn();
    const { hand } = inPage(<Field tell={tell} />);
    const field = screen.getByRole('combobox');
    await hand.click(field);
    expect(screen.getByText('People')).toBeTruthy();
    await hand.type(field, 'harb');
    expect(screen.queryByRole('option', { name: 'Ida' })).toBeNull();
    await hand.click(screen.getByRole('option', { name: 'Harbour choir' }));
    expect(tell).toHaveBeenLastCalledWith(['order 3']);
    await hand.type(field, 'ida');
    await hand.keyboard('{ArrowDown}{Enter}');
    expect(tell).toHaveBeenLastCalledWith(['order 3', 'person ida']);
    await hand.keyboard('{Backspace}');
    expect((tell.mock.lastCall as [string[]])[0]).toHaveLength(1);
  });
});
