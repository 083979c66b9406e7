/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import type { PinchView } from '@/server/wall/pinch-view';
import { timeScale } from '../ladder/time-scale';
import { pinchGroups, PinchLine } from './pinch-line';

const clock = { origin: '2027-05-22T00:00:00Z', zone: 'UTC' };
const pinch = (start: number, end: number, short: string, share = 0.9): PinchView => ({
  ...{ start, end, what: `hands to ${short}`, short, kind: 'hands', share, people: ['bo'], items: [] },
});
const scale = timeScale({
  ...{ from: 0, to: 1440, open: [[0, 1440]] as [number, number][], pixelsPerMinute: 1 },
  ...{ foldHeight: 40, climbs: true },
});

describe('the pinch line', () => {
  it('says as one what overlaps, with its hours and how full it is', () => {
    const groups = pinchGroups(
      [pinch(600, 660, 'coat'), pinch(480, 620, 'decorate', 0.97), pinch(900, 960, 'mix')],
      clock,
    );
    expect(groups.map((g) => g.text)).toEqual([
      'hands to decorate, hands to coat: Sat 08:00–11:00, up to 97 %',
      'hands to mix: Sat 15:00–16:00, up to 90 %',
    ]);
    expect(groups[0]!.words).toEqual(['decorate', 'coat']);
    // What ends as the other begins is not the same.
    expect(pinchGroups([pinch(0, 60, 'coat'), pinch(60, 120, 'mix')], clock)).toHaveLength(2);
  });

  it('has the word for it where there is room, and is touched to light up what fills it', () => {
    const groups = pinchGroups([pinch(480, 660, 'decorate'), pinch(900, 960, 'turn chocolate')], clock);
    const choose = jest.fn();
    render(<PinchLine groups={groups} scale={scale} chosen={groups[1]!} onChoose={choose} />);
    const [first, second] = screen.getAllByRole('button');
    expect(first!.textContent).toBe('decorate');
    expect(second!.textContent).toBe('');
    expect(second!.getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(first!);
    expect(choose).toHaveBeenLastCalledWith(groups[0]);
    fireEvent.click(second!);
    expect(choose).toHaveBeenLastCalledWith(null);
  });
});
