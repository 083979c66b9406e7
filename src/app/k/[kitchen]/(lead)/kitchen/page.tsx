import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadKitchenSettings } from '@/server/kitchen/kitchen-settings';
import { KitchenPage } from '@/ui/kitchen/kitchen-page';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Kitchen' };

export default async function Page({ params }: InKitchen) {
  const view = await loadKitchenSettings(await opened(params));
  if (!view) notFound();
  return <KitchenPage view={view} />;
}
