/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { AloneView } from '@/server/bench/bench-reader';
import { inPage } from '../testing/in-page';
import { Alone } from './alone';

const item: AloneView = {
  ...{ step: 'o4.layers.bake', title: 'Harbour choir', detail: 'Bake at 170 °C, Oven 1', place: 'oven', celsius: 170 },
  ...{ check: null, reminders: [], at: 635, running: { since: 600, look: 635, due: 640 } },
};
const time = (m: number) => `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;

function card(minute: number, more: Partial<AloneView> = {}) {
  const [onOut, onMore] = [jest.fn(), jest.fn()];
  const page = inPage(
    <Alone item={{ ...item, ...more }} minute={minute} busy={false} time={time} onOut={onOut} onMore={onMore} />,
  );
  return { onOut, onMore, ...page };
}

describe('what runs by itself', () => {
  it('counts down to when it is looked at, from when it went in', () => {
    card(612);
    expect(screen.getByText('23 min')).toBeTruthy();
    expect(screen.getByText(/in since 10:00, likely until 10:40/)).toBeTruthy();
  });

  it('is looked at then, and says by how much it is over', () => {
    card(655);
    expect(screen.getByText('look now')).toBeTruthy();
    expect(screen.getByText(/in since 10:00, 15 min over/)).toBeTruthy();
  });

  it('is out with one tap; or not yet, for so many minutes from now', async () => {
    const { hand, onOut, onMore } = card(636);
    await hand.click(screen.getByRole('button', { name: 'Not yet' }));
    await hand.click(screen.getByRole('button', { name: 'Back' }));
    expect(onMore).not.toHaveBeenCalled();
    await hand.click(screen.getByRole('button', { name: 'Not yet' }));
    await hand.click(screen.getByRole('button', { name: '10 min' }));
    expect(onMore).toHaveBeenCalledWith(10);
    await hand.click(screen.getByRole('button', { name: 'It is out' }));
    expect(onOut).toHaveBeenCalledWith();
  });

  it('with a check is out only when that holds; if it does not, the minutes are asked', async () => {
    const check = { kind: 'skewer clean' as const, text: 'A skewer comes out clean', otherwise: 'Two minutes more.' };
    const { hand, onOut } = card(636, { check });
    await hand.click(screen.getByRole('button', { name: 'It is out' }));
    expect(onOut).not.toHaveBeenCalled();
    await hand.click(screen.getByRole('button', { name: 'Not yet' }));
    expect(screen.getByRole('group', { name: /how many minutes from now/ })).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Back' }));
    await hand.click(screen.getByRole('button', { name: 'It is out' }));
    await hand.click(screen.getByRole('button', { name: 'Yes, done' }));
    expect(onOut).toHaveBeenCalledWith({ holds: true });
  });

  it('that only waits is ready when its time is over, and asks nothing', () => {
    card(700, { running: null, at: 690, place: 'fridge', detail: 'fridge: sets' });
    expect(screen.getByText('ready')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
