/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import type { BuildChoice } from '@/server/builds/build-choices';
import type { ShapeOffer } from '@/server/builds/sizes';
import { inPage, serverAnswers } from '../testing/in-page';
import { StepSize } from './step-size';

const builds = ['tower', 'roll'].map((id) => ({ id, name: `Cake ${id}` })) as BuildChoice[];
const offer = (value: string, form: 'round' | 'roll', of: string[], portions: number): ShapeOffer => ({
  ...{ value, name: value, form, kind: 'one cake' },
  stacks: [{ tiers: [{ width: 240, height: 100 }], count: 1 }],
  builds: of.map((id) => ({ id, portions })),
});
const offers = [offer('round 28', 'round', ['tower'], 46), offer('two rolls', 'roll', ['roll'], 48)];
const path = '/api/sizes?portions=45';

function step(more: Partial<React.ComponentProps<typeof StepSize>> = {}) {
  serverAnswers({ [path]: offers });
  const [onPropose, onChoose] = [jest.fn(), jest.fn()];
  const page = inPage(
    <StepSize
      {...{ portions: 45, size: 'round 24', build: 'tower', builds, onPropose, onChoose, problem: undefined }}
      own={{ name: 'round 24', portions: 34 }}
      open={false}
      {...more}
    />,
  );
  return { onPropose, onChoose, ...page };
}

describe('the shape of an order', () => {
  it('that was chosen stays, and is said to be too small, until another is chosen', async () => {
    const { hand, onPropose, onChoose } = step();
    expect((await screen.findByRole('status')).textContent).toBe(
      'As it is: Cake tower, round 24, 34 portions: 11 too few. Choose a larger one; those that say so stay Cake tower.',
    );
    expect(onPropose).not.toHaveBeenCalled();
    expect(screen.queryByRole('radio', { checked: true })).toBeNull();
    expect(screen.getByRole('radio', { name: /two rolls/ }).textContent).toContain('becomes Cake roll');
    expect(screen.getByRole('radio', { name: /round 28/ }).textContent).toContain('stays Cake tower');
    await hand.click(screen.getByRole('radio', { name: /two rolls/ }));
    expect(onChoose).toHaveBeenCalledWith('two rolls', 'roll');
  });

  it('that is large enough stays, though it is not among those that are proposed', async () => {
    step({ own: { name: 'round 32', portions: 60 } });
    expect((await screen.findByRole('status')).textContent).toContain('60 portions: enough for 45. It stays so');
  });

  it('that nobody has chosen is proposed anew', async () => {
    const { onPropose } = step({ open: true });
    await waitFor(() => expect(onPropose).toHaveBeenCalledWith('round 28', 'tower'));
    expect(screen.queryByRole('status')).toBeNull();
  });
});
