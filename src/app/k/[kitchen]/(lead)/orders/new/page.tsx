import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadComposer } from '@/server/orders/composer';
import { firstOf } from '@/server/shared/first-of';
import { rowIdIn } from '@/server/shared/row-id';
import { Composer } from '@/ui/compose/composer';
import { NoBuilds } from '@/ui/compose/no-builds';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const asked = await searchParams;
  const view = await loadComposer(await opened(params), null, {
    build: firstOf(asked.build),
    portions: firstOf(asked.portions),
    pickup: firstOf(asked.pickup),
    size: firstOf(asked.size),
    swaps: firstOf(asked.swaps),
    avoid: firstOf(asked.avoid),
    together: rowIdIn(firstOf(asked.with)),
    copy: rowIdIn(firstOf(asked.copy)),
  });
  if (!view) notFound();
  if (view === 'no builds') return <NoBuilds />;
  // Begun with something else it is another order: nothing of the one before stays in its fields.
  return <Composer key={JSON.stringify(asked)} view={view} />;
}
