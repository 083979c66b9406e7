import type { Metadata } from 'next';
import { loadOrderForm } from '@/server/order-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { OrderEditor } from '@/ui/orders/order-editor';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage() {
  const loaded = await loadOrderForm(null);
  return loaded ? <OrderEditor id={null} {...loaded} /> : <EmptyKitchen />;
}
