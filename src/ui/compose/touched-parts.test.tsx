/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { kitchen, design } from '@/core/compose/testing/two-tiers';
import { sumsOf, type Sums } from '@/core/compose/sums';
import { Why } from './touched-parts';

const { role: ROLE } = design.parts.find((p) => !p.layers)!;
const of = (overrides: Record<string, number>) =>
  (sumsOf(design, { overrides }, kitchen) as Sums).parts.find((p) => p.role === ROLE)!;

it('how much there is of a part is set by hand, says so, and goes back to what it usually is', () => {
  const told: [string, number | null][] = [];
  const tell = (role: string, grams: number | null) => told.push([role, grams]);
  const usual = of({});
  const { rerender } = render(<Why part={usual} onGrams={tell} />);
  expect(screen.queryByText('Set by hand.')).toBeNull();
  fireEvent.change(screen.getByLabelText('Made in all, g'), { target: { value: '1234' } });
  expect(told).toEqual([[ROLE, 1234]]);
  const set = of({ [ROLE]: 1234 });
  expect([set.grams, set.usual]).toEqual([1234, usual.grams]);
  rerender(<Why part={set} onGrams={tell} />);
  expect(screen.getByText('Set by hand.')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'As usual' }));
  expect(told.at(-1)).toEqual([ROLE, null]);
  // Of a build nothing is set: its size is not known.
  rerender(<Why part={set} />);
  expect(screen.queryByLabelText('Made in all, g')).toBeNull();
});
