/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { Asks } from '@/server/shared/result';
import { inPage } from '../testing/in-page';
import { TapQuestion } from './tap-question';

const clock = { origin: '2027-05-20T00:00:00Z', zone: 'UTC' };

function question(asks: Asks, busy = false, problem: string | null = null) {
  const [onAnswer, onNo] = [jest.fn(), jest.fn()];
  const page = inPage(
    <TapQuestion
      {...{ asks, busy, problem, clock, onAnswer, onNo }}
      message="“Bake” was begun at 09:40: 0 min ago. Is it really done?"
      yes="Done"
      minute={600}
    />,
  );
  return { onAnswer, onNo, ...page };
}
const button = (name: string | RegExp) => screen.getByRole('button', { name });

describe('what the kitchen asks back before a tap counts', () => {
  it('is answered with yes or no, and no is nothing', async () => {
    const { hand, onAnswer, onNo } = question('sure');
    expect(screen.getByRole('dialog').textContent).toContain('Is it really done?');
    await hand.click(button('No'));
    expect(onNo).toHaveBeenCalledTimes(1);
    expect(onAnswer).not.toHaveBeenCalled();
    await hand.click(button('Yes: done'));
    expect(onAnswer).toHaveBeenCalledWith({ sure: true });
  });

  it('may have been at another time: now is proposed, and the time that is told goes with the tap', async () => {
    const { hand, onAnswer } = question('when');
    await hand.click(button('At another time'));
    expect(screen.queryByRole('button', { name: 'Yes: done' })).toBeNull();
    await hand.click(button('Done, at this time'));
    expect(onAnswer).toHaveBeenCalledWith({ when: '2027-05-20T10:00:00.000Z', sure: true });
  });

  it('says beside the time what is wrong with it', async () => {
    const { hand } = question('when', false, 'It was begun at 09:40.');
    expect(screen.queryByText('It was begun at 09:40.')).toBeNull();
    await hand.click(button('At another time'));
    expect(screen.getByText('It was begun at 09:40.')).toBeTruthy();
  });

  it('offers for a tap that was forgotten to say when it was, and asks for no reason then', async () => {
    const { hand, onAnswer } = question('why');
    await hand.click(button('It was done before'));
    expect(screen.queryByRole('textbox', { name: 'Why' })).toBeNull();
    await hand.click(button('Done, at this time'));
    expect(onAnswer).toHaveBeenCalledWith({ when: '2027-05-20T10:00:00.000Z' });
  });

  it('wants a reason where something is used anyway: one of those that are usual, or one’s own words', async () => {
    const { hand, onAnswer } = question('why');
    expect(button('Use it anyway')).toHaveProperty('disabled', true);
    await hand.click(button('The lead has seen it'));
    await hand.click(button('Use it anyway'));
    expect(onAnswer).toHaveBeenLastCalledWith({ why: 'The lead has seen it' });
    await hand.clear(screen.getByRole('textbox', { name: 'Why' }));
    expect(button('Use it anyway')).toHaveProperty('disabled', true);
    await hand.type(screen.getByRole('textbox', { name: 'Why' }), 'Still light');
    await hand.click(button('Use it anyway'));
    expect(onAnswer).toHaveBeenLastCalledWith({ why: 'Still light' });
  });

  it('takes no answer while one is being told', () => {
    question('sure', true);
    expect(button('Yes: done')).toHaveProperty('disabled', true);
    expect(button('No')).toHaveProperty('disabled', true);
  });
});
