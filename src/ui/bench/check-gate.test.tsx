/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import { inPage } from '../testing/in-page';
import type { Check } from '@/core/formula/formula';
import { CheckGate } from './check-gate';

const check = (change: Partial<Check> = {}): Check => ({
  ...{ kind: 'temperature at least', text: 'The curd reaches 82 °C', otherwise: 'Stir on, and look again.' },
  ...change,
});

function gate(of: Check, busy = false) {
  const [onHolds, onNotYet] = [jest.fn(), jest.fn()];
  return { onHolds, onNotYet, ...inPage(<CheckGate check={of} busy={busy} onHolds={onHolds} onNotYet={onNotYet} />) };
}

describe('a check at the bench', () => {
  it('that is felt opens with one tap, and says what helps if it does not hold', async () => {
    const { hand, onHolds } = gate(check({ kind: 'skewer clean' }));
    expect(screen.getByText('If not: Stir on, and look again.')).toBeTruthy();
    expect(screen.queryByRole('textbox')).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'Yes, done' }));
    expect(onHolds).toHaveBeenCalledWith({ holds: true });
  });

  it('that is read stays shut without a number, and on the wrong side of its limit', async () => {
    const { hand, onHolds } = gate(check({ limit: 82 }));
    const yes = screen.getByRole('button', { name: 'Yes, done' });
    await hand.click(yes);
    expect(screen.getByRole('alert').textContent).toContain('What did it read?');
    await hand.type(screen.getByRole('textbox'), '79,5');
    await hand.click(yes);
    expect(screen.getByRole('alert').textContent).toContain('79.5 °C is not there yet');
    expect(onHolds).not.toHaveBeenCalled();
    await hand.clear(screen.getByRole('textbox'));
    await hand.type(screen.getByRole('textbox'), '82,4');
    await hand.click(yes);
    expect(onHolds).toHaveBeenCalledWith({ holds: true, value: 82.4 });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('reads a number as people write it, and asks where it can be read in two ways', async () => {
    const { hand, onHolds } = gate(check({ kind: 'weight', limit: 900 }));
    const [field, yes] = [screen.getByRole('textbox'), screen.getByRole('button', { name: 'Yes, done' })];
    await hand.type(field, '1,736');
    await hand.click(yes);
    expect(screen.getByRole('alert').textContent).toContain('Is it 1736 or 1.736?');
    await hand.clear(field);
    await hand.type(field, '1 736');
    await hand.click(yes);
    expect(onHolds).toHaveBeenCalledWith({ holds: true, value: 1736 });
    onHolds.mockClear();
  });

  it('reads below zero', async () => {
    const { hand, onHolds } = gate(check({ kind: 'temperature at most', limit: -18 }));
    await hand.type(screen.getByRole('textbox'), '−19,5');
    await hand.click(screen.getByRole('button', { name: 'Yes, done' }));
    expect(onHolds).toHaveBeenCalledWith({ holds: true, value: -19.5 });
  });

  it('that has gone too far is looked at again, and used only for a reason', async () => {
    const { hand, onHolds } = gate(check({ limit: 82, tooFar: 86, beyond: 'Strain it at once.' }));
    await hand.type(screen.getByRole('textbox'), '97');
    await hand.click(screen.getByRole('button', { name: 'Yes, done' }));
    expect(screen.getByRole('alert').textContent).toContain('97 °C has gone too far');
    // What helps is what helps on this side.
    expect(screen.getByRole('alert').textContent).toContain('Strain it at once.');
    expect(screen.queryByText(/Stir on/)).toBeNull();
    const anyway = screen.getByRole('button', { name: 'It reads so: use it all the same' });
    await hand.click(anyway);
    expect(screen.getByRole('alert').textContent).toContain('Say why');
    expect(onHolds).not.toHaveBeenCalled();
    await hand.type(screen.getByLabelText('Why is it used?'), 'Strained, no grain in it');
    await hand.click(anyway);
    expect(onHolds).toHaveBeenCalledWith({ holds: true, value: 97, why: 'Strained, no grain in it' });
  });

  it('names its unit by what is read', () => {
    gate(check({ kind: 'weight', limit: 900 }));
    expect(screen.getByText(/It reads/).textContent).toContain('g');
    expect(screen.getByText(/It reads/).textContent).not.toContain('°C');
  });

  it('can be put off, and takes no tap while it is being told', async () => {
    const { hand, onNotYet } = gate(check());
    await hand.click(screen.getByRole('button', { name: 'Not yet' }));
    expect(onNotYet).toHaveBeenCalledTimes(1);
    const busy = gate(check(), true);
    await busy.hand.click(screen.getAllByRole('button', { name: 'Yes, done' })[1]!);
    expect(busy.onHolds).not.toHaveBeenCalled();
  });
});
