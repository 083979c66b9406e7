/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen } from '@testing-library/react';
import type { StepView } from '@/server/steps/step-view';
import { asked, inPage, Refusal, serverAnswers } from '../testing/in-page';

jest.unstable_mockModule('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
const { StepDrawer } = await import('./step-drawer');

const view: StepView = {
  ...{ step: 'o3.coat', order: 3, orderTitle: 'Harbour choir', name: 'Crumb coat', component: null },
  ...{ when: 'Thu 20 May, 13:25 – 13:45', minutes: '20 min likely, 15 to 30 min', who: ['Kai'], skill: 'coat' },
  ...{ with: ['Turntable, window'], amount: 'Buttercream 420 g', how: 'A thin coat.', sign: null, state: 'running' },
  ...{
    caution: 'Blades: hand them over by the handle.',
    goesIn: [],
    rescues: [],
    reminders: [],
    prepare: ['13:00: take butter out'],
  },
  check: { kind: 'level', text: 'It is level', otherwise: 'Add a little.' },
  ...{ notLater: ['The pickup is then.'], notEarlier: [], waits: [] },
};

describe('the details of a step', () => {
  it('say what, how much, who, and why it lies there; nothing is asked while it is shut', async () => {
    serverAnswers({ '/api/steps/o3.coat': view });
    const { rerender } = inPage(<StepDrawer step={null} onClose={() => undefined} />);
    expect(asked).toEqual([]);
    rerender(<></>);
    inPage(<StepDrawer step="o3.coat" onClose={() => undefined} />);
    expect(await screen.findByRole('heading', { name: 'Crumb coat' })).toBeTruthy();
    for (const text of ['Buttercream 420 g', 'Kai (coat)', 'It is level. If not: Add a little.', 'The pickup is then.'])
      expect(screen.getByText(text)).toBeTruthy();
    expect(screen.getByText(/hand them over by the handle/)).toBeTruthy();
    expect(screen.queryByText('Why not earlier')).toBeNull();
    // A step that runs is not steered: nobody asks what moving it would do.
    expect(asked).toEqual(['/api/steps/o3.coat']);
  });

  it('say in words why they cannot be read, and are asked for again', async () => {
    serverAnswers({ '/api/steps/o3.coat': new Refusal('This step is not in the plan any more.') });
    const { hand } = inPage(<StepDrawer step="o3.coat" onClose={() => undefined} />);
    expect((await screen.findByRole('alert')).textContent).toContain('This step is not in the plan any more.');
    serverAnswers({ '/api/steps/o3.coat': view });
    await hand.click(screen.getByRole('button', { name: 'Ask again' }));
    expect(await screen.findByRole('heading', { name: 'Crumb coat' })).toBeTruthy();
  });

  it('are closed by their button', async () => {
    serverAnswers({ '/api/steps/o3.coat': view });
    const onClose = jest.fn();
    const { hand } = inPage(<StepDrawer step="o3.coat" onClose={onClose} />);
    await hand.click(await screen.findByRole('button', { name: 'Close' }));
    expect(onClose).toHaveBeenCalled();
  });
});
