import type { ReactNode } from 'react';
import { kitchenName } from '@/server/kitchen/kitchen-list';
import { KitchenProvider } from '@/ui/kitchens/kitchen-provider';
import { opened, type InKitchen } from './opened';

export default async function KitchenLayout({ params, children }: InKitchen & { children: ReactNode }) {
  const db = await opened(params);
  return <KitchenProvider kitchen={{ id: db.kitchen, name: await kitchenName(db) }}>{children}</KitchenProvider>;
}
