/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import { inPage } from '../testing/in-page';
import { NewerRulesNote } from './newer-rules-note';

describe('what newer rules would change of a cake that has been begun', () => {
  it('is listed, the rest counted, and taken over by one tap', async () => {
    const onTake = jest.fn();
    const changes = Array.from({ length: 10 }, (_, i) => `Part ${i}: 100 g → 110 g`);
    const { hand } = inPage(<NewerRulesNote rules={{ changes, lost: [] }} busy={false} onTake={onTake} />);
    expect(screen.getAllByRole('listitem').map((l) => l.textContent)).toEqual([...changes.slice(0, 8), 'and 2 more']);
    expect(screen.queryByText(/would have no step/)).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'Apply to this cake' }));
    expect(onTake).toHaveBeenCalledTimes(1);
  });

  it('says which told steps would have no place, and waits while it is busy', () => {
    const rules = { changes: ['Soak falls away'], lost: ['Boil the soak'] };
    inPage(<NewerRulesNote rules={rules} busy onTake={() => undefined} />);
    expect(screen.getByText(/What was told of “Boil the soak” would have no step any more/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Apply to this cake' })).toHaveProperty('disabled', true);
  });
});
