/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useForm, useWatch, type Control } from 'react-hook-form';
import { design, kitchen } from '@/core/compose/testing/two-tiers';
import type { BuildForm } from '@/core/input/build-input';
import { BuildNameFields, ChosenSizes, FixedParts } from './build-fields';

/** What the form holds, as the page shows it. */
const held = () => JSON.parse(screen.getByTestId('held').textContent) as BuildForm;
function Fields() {
  const { control } = useForm({
    defaultValues: { name: '', story: '', sizes: 'moulds', chosen: [], mostTiers: 2, fixed: [], design: '{}' },
  });
  const values = useWatch({ control });
  const fields = control as unknown as Control<BuildForm>;
  return (
    <>
      <div data-testid="held">{JSON.stringify(values)}</div>
      <BuildNameFields control={fields} />
      <ChosenSizes control={fields} moulds={kitchen.moulds} design={design} />
      <FixedParts control={fields} design={design} />
    </>
  );
}

it('what of a build may vary is said: its sizes, its tiers, and what stays as it is', async () => {
  const hand = userEvent.setup();
  render(<Fields />);
  expect(screen.queryByRole('region', { name: 'Sizes' })).toBeNull();
  const choose = async (name: string) => {
    await hand.click(screen.getByRole('combobox', { name: 'In which sizes' }));
    await hand.click(screen.getByRole('option', { name }));
  };
  await choose('Some sizes');
  const sizes = screen.getByRole('region', { name: 'Sizes' });
  const [first, second] = [...sizes.querySelectorAll('button')];
  await hand.click(first!);
  await hand.click(second!);
  await hand.click(first!);
  expect(held().chosen).toHaveLength(1);
  expect(second!.getAttribute('aria-pressed')).toBe('true');
  const part = design.parts[0]!;
  await hand.click(screen.getByRole('button', { name: part.label }));
  expect(held().fixed).toEqual([part.role]);
  await choose('Only as it stands here');
  expect(screen.queryByLabelText('At most so many tiers')).toBeNull();
});
