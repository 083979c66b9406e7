import { go } from '../e2e/go';
import { expect, type Page } from '../e2e/journey';
import { OnTheSection } from '../e2e/on-the-section';
import type { Trial } from './trials';

/** Composes a cake, takes it, and reads it through: its breakdown, its ladder, the pull list, a bench. */
export async function walkTrial(page: Page, url: string, { name, compose, parts, rungs }: Trial): Promise<void> {
  const t = new OnTheSection(page);
  const title = name.slice(0, 40);
  await compose(t, url);
  await t.pickUpOn('Fri 28 May 2027, 15:00');
  const order = await t.take(title);
  await expect(page.getByRole('status').filter({ hasText: /Can be ready/ })).toBeVisible();
  for (const part of parts) await expect(page.getByRole('button', { name: part }).first()).toBeVisible();
  const ladder = page.getByRole('region', { name: 'The ladder of this order' });
  for (const rung of rungs) await expect(ladder.getByRole('button', { name: rung }).first()).toBeAttached();
  await go(page, `${url}/pull-list?day=2027-05-26&days=4`);
  await expect(page.getByText(title).first()).toBeVisible();
  await go(page, order);
}
