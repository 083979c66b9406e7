/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { inPage } from '../testing/in-page';
import { FreshIngredients, type Fresh } from './fresh-ingredients';

function Told({ begin }: { begin: Fresh[] }) {
  const [fresh, setFresh] = useState(begin);
  return (
    <>
      <FreshIngredients fresh={fresh} onChange={setFresh} />
      <output>{JSON.stringify(fresh)}</output>
    </>
  );
}

const cheese: Fresh = { id: 'cream-cheese', name: 'Cream cheese', allergens: [], confirmed: false };

describe('what is new to the library', () => {
  it('says what it holds, and that somebody has looked', async () => {
    const { hand } = inPage(<Told begin={[cheese, { ...cheese, id: 'rum', name: 'Rum' }]} />);
    const [milk] = screen.getAllByRole('checkbox', { name: 'milk' });
    expect(screen.getByText('Confirmed: Cream cheese holds none of these')).toBeTruthy();
    await hand.click(milk!);
    await hand.click(screen.getByRole('checkbox', { name: 'Confirmed: Cream cheese holds milk' }));
    const told = JSON.parse(screen.getByRole('status').textContent!) as Fresh[];
    expect(told).toEqual([
      { ...cheese, allergens: ['milk'], confirmed: true },
      { ...cheese, id: 'rum', name: 'Rum' },
    ]);
    await hand.click(milk!);
    expect((JSON.parse(screen.getByRole('status').textContent!) as Fresh[])[0]!.allergens).toEqual([]);
  });
  it('is not there where nothing is new', () => {
    inPage(<FreshIngredients fresh={[]} onChange={() => undefined} />);
    expect(screen.queryByText(/New to the library/)).toBeNull();
  });
});
