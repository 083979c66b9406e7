/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { Told } from '@/server/bench/floor';
import type { Result } from '@/server/shared/result';
import { inPage } from '../testing/in-page';

/** What came of each tap in the end, as the page is told it. */
const ended: Result[] = [];
jest.unstable_mockModule('./use-action', () => ({
  useAction: () => ({
    busy: false,
    run: (action: () => Promise<Result>) => void action().then((r) => ended.push(r)),
    say: () => undefined,
    message: null,
  }),
}));
const { useTaps } = await import('./use-taps');

const clock = { origin: '2027-05-20T00:00:00Z', zone: 'UTC' };
const ASKED: Result = { ok: false, asks: 'when', message: 'Is it really done?' };
const TOO_EARLY: Result = { ok: false, message: 'Look again.', fields: { when: 'It was begun at 09:40.' } };

function Bench({ tap }: { tap: (told: Told) => Promise<Result> }) {
  const taps = useTaps(clock, 600);
  return (
    <>
      <button onClick={() => taps.run(tap, 'Done')}>Tap</button>
      {taps.question}
    </>
  );
}

describe('a tap that is asked about', () => {
  it('keeps its question, with what is wrong beside the time, until the answer can be taken', async () => {
    const told: Told[] = [];
    const answers = [ASKED, TOO_EARLY, { ok: true } as Result];
    const { hand } = inPage(
      <Bench
        tap={(t) => {
          told.push(t);
          return Promise.resolve(answers[told.length - 1]!);
        }}
      />,
    );
    await hand.click(screen.getByRole('button', { name: 'Tap' }));
    await hand.click(await screen.findByRole('button', { name: 'At another time' }));
    await hand.click(screen.getByRole('button', { name: 'Done, at this time' }));
    expect(await screen.findByText('It was begun at 09:40.')).toBeTruthy();
    expect(screen.getByRole('dialog').textContent).toContain('Is it really done?');
    await hand.click(screen.getByRole('button', { name: 'Done, at this time' }));
    expect(screen.queryByText('It was begun at 09:40.')).toBeNull();
    expect(told).toEqual([{}, ...Array(2).fill({ when: '2027-05-20T10:00:00.000Z', sure: true })]);
    expect(ended).toEqual([{ ok: true }, { ok: true }, { ok: true }]);
  });

  it('that is refused for something else ends, and the refusal is said', async () => {
    ended.length = 0;
    const refused: Result = { ok: false, message: 'This step is done already.' };
    const { hand } = inPage(<Bench tap={() => Promise.resolve(refused)} />);
    await hand.click(screen.getByRole('button', { name: 'Tap' }));
    expect(ended).toEqual([refused]);
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});
