/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { Place } from '@/core/compose/place';
import { withoutPiece } from '@/core/compose/edits/pieces';
import { sumsOf, type Sums } from '@/core/compose/sums';
import { design, kitchen } from '@/core/compose/testing/two-tiers';
import type { Design } from '@/core/design/design';
import { Touched } from './touched';

/** Every design there was, the newest last. */
const designs: Design[] = [];
function Shown({ first, begins = design }: { first: Place; begins?: Design }) {
  const [d, setDesign] = useState<Design>(begins);
  const [place, setPlace] = useState<Place | null>(first);
  if (!place) return null;
  return (
    <Touched
      place={place}
      design={d}
      sums={sumsOf(d, {}, kitchen) as Sums}
      problems={sumsOf(d, {}, kitchen).problems}
      kitchen={kitchen}
      avoid={[]}
      agreeBy="2027-05-18"
      change={(edit) => {
        designs.push(edit(d));
        setDesign(designs.at(-1)!);
      }}
      onChoose={setPlace}
    />
  );
}

const choose = async (hand: ReturnType<typeof userEvent.setup>, label: string, option: RegExp) => {
  await hand.click(screen.getByLabelText(label));
  await hand.click(screen.getAllByRole('option', { name: option })[0]!);
};
const takeOf = (block: string) => designs.at(-1)!.blocks.findLast((b) => b.block === block)!.takes[0]!;

describe('the free space on a cake', () => {
  it('above it takes what is placed, at the rim, counted or so far apart, in turn with what is piped', async () => {
    const hand = userEvent.setup();
    render(<Shown first={{ on: 'space', where: 'top' }} />);
    expect(screen.getByRole('button', { name: /shards, 9 pieces/ })).toBeTruthy();
    await choose(hand, 'Something on top', /^Place pieces$/);
    await choose(hand, 'With what', /blossoms/i);
    // What was added is touched at once, with where it lies.
    expect(takeOf('place').lies).toEqual({ where: 'rim' });
    await choose(hand, 'Counted', /so far apart/);
    expect(takeOf('place').amount).toMatchObject({ rule: 'pieces', every: 50 });
    expect(screen.getByLabelText('One every, mm')).toBeTruthy();
    await choose(hand, 'Where it lies', /at one spot/);
    await choose(hand, 'Where, as on a clock', /^4$/);
    expect(takeOf('place').lies).toEqual({ where: 'spot', hour: 4 });
    await choose(hand, 'In turn with', /shards/);
    expect(takeOf('place').lies!.inTurnWith).toBeDefined();
    await choose(hand, 'In turn with', /nothing else/);
    await choose(hand, 'Where it lies', /around the rim/);
    expect(takeOf('place').lies).toEqual({ where: 'rim' });
    await choose(hand, 'Counted', /on each tier/);
    expect(takeOf('place').amount).toMatchObject({ rule: 'pieces', per: 'tier' });
    expect(takeOf('place').amount).not.toHaveProperty('every');
    await choose(hand, 'Counted', /for each portion/);
    expect(takeOf('place').amount).toMatchObject({ per: 'portion', count: 1 });
    await choose(hand, 'Counted', /for the whole cake/);
    expect(takeOf('place').amount).toMatchObject({ per: 'cake', count: 9 });
  });

  it('at its foot takes a piped line, whose nozzle and place are chosen', async () => {
    const hand = userEvent.setup();
    render(<Shown first={{ on: 'space', where: 'foot' }} />);
    await choose(hand, 'Something at the foot', /^Pipe$/);
    await choose(hand, 'With what', /./);
    expect(takeOf('pipe').amount).toEqual({ rule: 'border', nozzle: 'star 10 mm', where: 'foot' });
    await choose(hand, 'Nozzle', /round 4 mm/);
    await choose(hand, 'Where it lies', /rim and foot/);
    expect(takeOf('pipe').amount).toEqual({ rule: 'border', nozzle: 'round 4 mm', where: 'both' });
    // Or it is what a batch leaves for it.
    await choose(hand, 'Piped as', /a share of its batch/);
    await hand.clear(screen.getByLabelText('Share, %'));
    await hand.type(screen.getByLabelText('Share, %'), '25');
    expect(takeOf('pipe').amount).toEqual({ rule: 'of the batch', amount: { share: 0.25 } });
    await choose(hand, 'Piped as', /the rest of its batch/);
    expect(takeOf('pipe').amount).toEqual({ rule: 'of the batch', amount: 'rest' });
    await choose(hand, 'Piped as', /rosettes/);
    expect(takeOf('pipe').amount).toMatchObject({ rule: 'rosettes' });
  });

  it('is what a coat leaves bare: what it covers, and how it is finished, is chosen', async () => {
    const hand = userEvent.setup();
    const coat = design.blocks.find((b) => b.takes.some((t) => t.amount?.rule === 'coat'))!;
    const at = coat.takes.findIndex((t) => t.amount?.rule === 'coat');
    const now = () => designs.at(-1)!.blocks.find((b) => b.key === coat.key)!.takes[at]!;
    render(<Shown first={{ on: 'block', block: coat.key, take: at }} />);
    await choose(hand, 'Covers', /band at the foot/);
    expect(now().amount).toMatchObject({ on: { band: 40 } });
    await hand.clear(screen.getByLabelText('How high, mm'));
    await hand.type(screen.getByLabelText('How high, mm'), '60');
    expect(now().amount).toMatchObject({ on: { band: 60 } });
    await choose(hand, 'Finished', /combed/);
    expect(now().texture).toBe('combed');
    await choose(hand, 'Finished', /as usual/);
    expect(now()).not.toHaveProperty('texture');
    await choose(hand, 'Covers', /only the top/);
    expect(now().amount).toMatchObject({ on: 'top' });
  });

  it('takes what is not agreed yet, and asks for it', async () => {
    const hand = userEvent.setup();
    render(<Shown first={{ on: 'space', where: 'top' }} />);
    await choose(hand, 'Something on top', /to be agreed/);
    expect(designs.at(-1)!.blocks.find((b) => b.block === 'to-be-agreed')!.undecided).toEqual({
      what: 'Something to be agreed',
      by: '2027-05-18',
    });
  });

  it('offers as a tier on top only what leaves a ledge to stand on', async () => {
    const hand = userEvent.setup();
    render(<Shown first={{ on: 'space', where: 'top' }} begins={withoutPiece(design, 't2', kitchen.blocks)} />);
    await hand.click(screen.getByLabelText('A tier on top'));
    const sizes = screen.getAllByRole('option').map((o) => Number(/\d+/.exec(o.textContent)![0]));
    expect(Math.max(...sizes)).toBe(20);
    await hand.click(screen.getByRole('option', { name: 'round 20 cm' }));
    expect(designs.at(-1)!.pieces.map((p) => p.form)).toEqual([
      { form: 'round', diameter: 240 },
      { form: 'round', diameter: 200 },
    ]);
  });
});
