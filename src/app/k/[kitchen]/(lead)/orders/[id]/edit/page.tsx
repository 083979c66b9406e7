import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { orderTitle } from '@/server/kitchen/page-titles';
import { loadComposer } from '@/server/orders/composer';
import { Composer } from '@/ui/compose/composer';
import { NoBuilds } from '@/ui/compose/no-builds';
import { opened, type InKitchen } from '../../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: `Change ${await orderTitle(await opened(params), Number((await params).id))}`,
});

export default async function EditOrderPage({ params }: InKitchen<{ id: string }>) {
  const id = Number((await params).id);
  const view = await loadComposer(await opened(params), id);
  if (!view) notFound();
  if (view === 'no builds') return <NoBuilds />;
  return <Composer view={view} />;
}
