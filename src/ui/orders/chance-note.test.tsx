/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import type { Chances } from '@/server/plan/chances';
import { inPage, serverAnswers } from '../testing/in-page';
import { ChanceNote } from './chance-note';

const chances: Chances = {
  ...{ plan: 4, minute: 600, days: 480 },
  orders: [
    {
      ...{ order: 7, chance: 0.75, learned: 2 },
      deciding: [
        { step: 'o7.box', name: 'Check and box', whose: null, share: 0.8 },
        { step: 'o8.coat', name: 'Crumb coat', whose: 'Harbour choir', share: 0.05 },
      ],
      helps: { name: 'Check and box', whose: null, share: 0.5 },
    },
  ],
};

describe('how likely an order is ready', () => {
  it('says how often it is late, what decides it, what would help, and from how many days that is known', async () => {
    serverAnswers({ '/api/chances': chances });
    inPage(<ChanceNote order={7} plan={4} minute={600} />);
    expect(await screen.findByText(/25 of 100 days/)).toBeTruthy();
    const text = document.body.textContent;
    expect(text).toContain('Reckoned from 480 days');
    expect(text).toContain('2 steps as long as they took here before');
    expect(text).toContain('mostly because of “Check and box”');
    // What decides one late day in twenty is not worth naming.
    expect(text).not.toContain('Crumb coat');
    expect(text).not.toContain('anew; before it was');
  });
  it('says what can be done where it is often late and has time that is not used', async () => {
    serverAnswers({ '/api/chances': chances });
    const { unmount } = inPage(<ChanceNote order={7} plan={4} minute={600} spare={175} />);
    expect(await screen.findByText(/2 h 55 are unused/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'How we do it' })).toBeTruthy();
    unmount();
    // With nothing to spare there is nothing to be set down earlier.
    inPage(<ChanceNote order={7} plan={4} minute={600} spare={5} />);
    expect(await screen.findByText(/25 of 100 days/)).toBeTruthy();
    expect(screen.queryByText(/are unused/)).toBeNull();
  });
  it('says that it is being reckoned anew where it is of another plan', async () => {
    serverAnswers({ '/api/chances': { ...chances, plan: 3 } });
    inPage(<ChanceNote order={7} plan={4} minute={600} />);
    expect(await screen.findByText(/Being reckoned anew/)).toBeTruthy();
  });
});
