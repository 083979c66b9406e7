import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadOrder } from '@/server/orders/order-pages';
import { OrderPage } from '@/ui/orders/order-page';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'Order' };

export default async function OneOrderPage({ params }: InKitchen<{ id: string }>) {
  const view = await loadOrder(await opened(params), Number((await params).id));
  if (!view) notFound();
  return <OrderPage view={view} />;
}
