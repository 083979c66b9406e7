/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { act, waitFor } from '@testing-library/react';
import { inPage } from '../testing/in-page';

jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
const done: string[] = [];
let answer: () => void = () => undefined;
const writes = (what: string) => () => {
  done.push(what);
  return new Promise((resolve) => (answer = () => resolve({ ok: true })));
};
jest.unstable_mockModule('../actions', () => ({ undoEditAction: writes('undo'), redoEditAction: writes('redo') }));
const { UndoButtons } = await import('./undo-buttons');

const edits = { undo: 'pin “Crumb coat”', redo: null };
beforeEach(() => done.splice(0));

describe('taking back by keys', () => {
  it('is done at once where nothing is under way, and once for each press', async () => {
    const { hand } = inPage(<UndoButtons edits={edits} busy={false} />);
    await hand.keyboard('{Control>}z{/Control}');
    expect(done).toEqual(['undo']);
    await hand.keyboard('{Control>}z{/Control}');
    await hand.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
    expect(done).toEqual(['undo']);
    act(() => answer());
    await waitFor(() => expect(done).toEqual(['undo', 'undo']));
    act(() => answer());
    await waitFor(() => expect(done).toEqual(['undo', 'undo', 'redo']));
  });

  it('waits for what is being set down, and is not lost though no edit was known yet', async () => {
    const page = inPage(<UndoButtons edits={{ undo: null, redo: null }} busy />);
    await page.hand.keyboard('{Control>}z{/Control}');
    expect(done).toEqual([]);
    page.rerender(<UndoButtons edits={{ undo: null, redo: null }} busy={false} />);
    await waitFor(() => expect(done).toEqual(['undo']));
  });
});
