import type { Metadata } from 'next';
import { loadKitchenSettings } from '@/server/kitchen/kitchen-settings';
import { EmptyKitchen } from '@/ui/parts/empty';
import { KitchenPage } from '@/ui/kitchen/kitchen-page';

export const metadata: Metadata = { title: 'Kitchen' };

export default async function Page() {
  const view = await loadKitchenSettings();
  return view ? <KitchenPage view={view} /> : <EmptyKitchen />;
}
