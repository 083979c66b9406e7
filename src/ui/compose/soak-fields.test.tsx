/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { soakAt } from '@/core/compose/edits/soak';
import { design } from '@/core/compose/testing/two-tiers';
import type { Design } from '@/core/design/design';
import { SoakFields } from './soak-fields';

const at = design.pieces[0]!.inside.findIndex((i) => i.is === 'soak');
const place = { on: 'inside' as const, piece: design.pieces[0]!.key, at };

/** Every design there was, the newest last. */
const designs: Design[] = [];
function Shown() {
  const [d, setDesign] = useState<Design>(design);
  return (
    <SoakFields
      design={d}
      place={place}
      grams={120}
      usual="butter"
      change={(edit) => {
        designs.push(edit(d));
        setDesign(designs.at(-1)!);
      }}
    />
  );
}

it('how much a layer drinks is said as one says it, on one face or both, and goes back to what is usual', async () => {
  const hand = userEvent.setup();
  const now = () => soakAt(designs.at(-1)!, place)!;
  const choose = async (label: string, option: RegExp) => {
    await hand.click(screen.getByLabelText(label));
    await hand.click(screen.getByRole('option', { name: option }));
  };
  render(<Shown />);
  expect(screen.queryByText('Set by hand.')).toBeNull();
  await choose('Said as', /^grams/);
  expect(now().amount).toEqual({ grams: 120 });
  expect(screen.getByText('Set by hand.')).toBeTruthy();
  await choose('Said as', /share/);
  fireEvent.change(screen.getByLabelText('Share, %'), { target: { value: '40' } });
  expect(now().amount).toEqual({ share: 0.4 });
  await choose('Soaked on', /both faces/);
  expect(now().faces).toBe(2);
  await choose('Said as', /as usual/);
  expect(now().amount).toEqual({ kind: 'butter' });
});
