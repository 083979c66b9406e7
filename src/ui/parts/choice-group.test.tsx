/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { inPage } from '../testing/in-page';
import { ChoiceCard } from './choice-card';
import { ChoiceGroup } from './choice-group';

function Levels({ arrowsChoose }: { arrowsChoose: boolean }) {
  const [chosen, setChosen] = useState('flat');
  return (
    <>
      <input aria-label="before" />
      <ChoiceGroup label="Level" arrowsChoose={arrowsChoose}>
        {['dome', 'flat', 'shorn', 'none'].map((c) => (
          <ChoiceCard key={c} label={c} chosen={c === chosen} disabled={c === 'shorn'} onChoose={() => setChosen(c)}>
            {c}
          </ChoiceCard>
        ))}
      </ChoiceGroup>
      <input aria-label="after" />
    </>
  );
}
const at = () => document.activeElement?.getAttribute('aria-label');
const chosen = () => screen.getByRole('radio', { checked: true }).getAttribute('aria-label');

describe('several cards of which one is chosen', () => {
  it('are one stop of the Tab key, at what is chosen', async () => {
    const { hand } = inPage(<Levels arrowsChoose />);
    await hand.click(screen.getByLabelText('before'));
    await hand.tab();
    expect(at()).toBe('flat');
    await hand.tab();
    expect(at()).toBe('after');
  });

  it('are chosen by arrows, round and past what cannot be', async () => {
    const { hand } = inPage(<Levels arrowsChoose />);
    await hand.click(screen.getByRole('radio', { name: 'flat' }));
    await hand.keyboard('{ArrowDown}');
    expect([at(), chosen()]).toEqual(['none', 'none']);
    await hand.keyboard('{ArrowRight}');
    expect([at(), chosen()]).toEqual(['dome', 'dome']);
    await hand.keyboard('{ArrowUp}');
    expect([at(), chosen()]).toEqual(['none', 'none']);
  });

  it('are only looked at by arrows where a choice changes the plan', async () => {
    const { hand } = inPage(<Levels arrowsChoose={false} />);
    await hand.click(screen.getByRole('radio', { name: 'flat' }));
    await hand.keyboard('{ArrowUp}');
    expect([at(), chosen()]).toEqual(['dome', 'flat']);
    await hand.keyboard(' ');
    expect(chosen()).toBe('dome');
  });
});
