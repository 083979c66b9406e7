/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { withBlock } from '@/core/compose/edits/blocks';
import { withUndecided } from '@/core/compose/edits/undecided';
import { sumsOf, type Sums } from '@/core/compose/sums';
import { blocks, design, kitchen } from '@/core/compose/testing/two-tiers';
import type { Design } from '@/core/design/design';
import { TouchedBlock } from './touched-block';

const open = withUndecided(
  withBlock(design, blocks.get('to-be-agreed')!, blocks),
  { block: 'agreed' },
  {
    what: 'topper',
    by: '2027-06-01',
  },
);

/** Every design there was, the newest last. */
const designs: Design[] = [open];
function Shown() {
  const [d, setDesign] = useState<Design>(open);
  return (
    <TouchedBlock
      place={{ on: 'block', block: 'agreed', take: null }}
      design={d}
      sums={sumsOf(d, {}, kitchen) as Sums}
      kitchen={kitchen}
      avoid={[]}
      agreeBy="2027-05-18"
      change={(edit) => {
        designs.push(edit(d));
        setDesign(designs.at(-1)!);
      }}
      onChoose={() => undefined}
    />
  );
}

it('what is to be agreed is told, as often as it is changed in one field, on the tiers that it is on', async () => {
  const hand = userEvent.setup();
  render(<Shown />);
  const what = screen.getByLabelText('What is to be agreed');
  await hand.clear(what);
  await hand.type(what, 'ribbon');
  expect(designs.at(-1)!.blocks.find((b) => b.key === 'agreed')!.undecided).toEqual({
    what: 'ribbon',
    by: '2027-06-01',
  });
  expect(screen.getAllByLabelText(/^Where it goes/)).toHaveLength(1);
  await hand.click(screen.getByRole('button', { name: 'Lower tier' }));
  expect(designs.at(-1)!.blocks.find((b) => b.key === 'agreed')!.pieces).toEqual([design.pieces[1]!.key]);
  const how = screen.getByLabelText(/^Where it goes/);
  await hand.type(how, 'On top, in the middle');
  await hand.tab();
  expect(designs.at(-1)!.blocks.find((b) => b.key === 'agreed')!.stage!.how).toBe('On top, in the middle');
  await hand.click(screen.getByLabelText('Not agreed yet'));
  expect(designs.at(-1)!.blocks.find((b) => b.key === 'agreed')!.undecided).toBeUndefined();
});
