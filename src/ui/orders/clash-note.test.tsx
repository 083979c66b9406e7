/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { BuildChoice } from '@/server/builds/build-choices';
import { inPage } from '../testing/in-page';
import { ClashNote } from './clash-note';

const others = [
  { id: 'rum', name: 'Rum compote', allergens: ['alcohol' as const] },
  { id: 'fig', name: 'Fig compote', allergens: [] },
];
const build = (id: string, formula: string): BuildChoice => ({
  ...{ id, name: `Cake ${id}`, story: '', allergens: [], questions: [] },
  parts: [
    { role: 'filling', label: 'Compote', formula, instead: [], optional: false, others },
    { role: 'drops', label: 'Drops', formula: 'rum', instead: [], optional: true, others: [others[0]!] },
  ],
});
const plain = { ...build('plain', 'fig'), parts: [build('plain', 'fig').parts[0]!] };

function note(values: { swaps?: Record<string, string>; without?: string[]; avoid: 'alcohol'[] }) {
  const set = jest.fn();
  const page = inPage(
    <ClashNote
      build={build('strong', 'rum')}
      builds={[build('strong', 'rum'), plain]}
      values={{ swaps: {}, choices: {}, without: [], ...values }}
      set={set}
    />,
  );
  return { set, ...page };
}

describe('what of a build its eaters must not get', () => {
  it('is nothing to be said where all is well', () => {
    note({ avoid: [] });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is said part by part, each with what would do, and with the builds that bring none of it', async () => {
    const { hand, set } = note({ avoid: ['alcohol'], swaps: { other: 'x' } });
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toContain('Cake strong brings what its eaters must not get. Choose for each part:');
    expect(alert.textContent).toContain('Or another build: Cake plain.');
    await hand.click(screen.getByRole('button', { name: 'Fig compote instead' }));
    expect(set).toHaveBeenLastCalledWith({ swaps: { other: 'x', filling: 'fig' } });
    await hand.click(screen.getByRole('button', { name: 'Leave it out' }));
    expect(set).toHaveBeenLastCalledWith({ without: ['drops'] });
  });

  it('is gone for what was exchanged or left out', () => {
    note({ avoid: ['alcohol'], swaps: { filling: 'fig' } });
    expect(screen.getByRole('alert').textContent).toContain('Choose for this part:');
    expect(screen.queryByText(/Compote: contains/)).toBeNull();
  });
});
