/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import type { Beginning } from '@/server/builds/beginnings';
import { beginnings } from '../asking/questions';
import { inPage, serverAnswers } from '../testing/in-page';
import { Begin } from './begin';

const offer = (portions: number): Beginning => ({
  build: 'hazelnut',
  size: `${portions}`,
  swaps: {},
  name: 'Hazelnut ring',
  with: [],
  cake: `ring for ${portions}`,
  kind: 'one cake',
  portions,
  pieces: [],
});

function Beginner({ onBegin }: { onBegin: (offer: Beginning) => void }) {
  const [portions, setPortions] = useState('12');
  return (
    <Begin
      portions={portions}
      onPortions={setPortions}
      avoid={[]}
      onBegin={onBegin}
      onCopy={() => undefined}
      onBack={null}
    />
  );
}

it('a cake that was found for other guests, or by other words, cannot be taken while the right ones are looked for', async () => {
  const path = (guests: number, words: string) => beginnings(guests, words, []).path;
  const offers = { [path(12, '')]: [offer(12)], [path(14, '')]: [offer(14)], [path(14, 'haz')]: [offer(15)] };
  serverAnswers(offers);
  const begun: number[] = [];
  const { hand } = inPage(<Beginner onBegin={(o) => begun.push(o.portions)} />);
  const button = () => screen.findByRole<HTMLButtonElement>('button', { name: /Hazelnut ring/ });
  await hand.click(await button());

  const guests = screen.getByLabelText('Guests');
  await hand.clear(guests);
  await hand.type(guests, '14');
  await waitFor(async () => expect((await button()).textContent).toContain('14 portions'));
  await hand.type(screen.getByLabelText('A flavour, a cake, an older order'), 'haz');
  expect((await button()).textContent).toContain('14 portions');
  await hand.click(await button());
  await waitFor(async () => expect((await button()).textContent).toContain('15 portions'));
  await hand.click(await button());
  expect(begun).toEqual([12, 15]);
});
