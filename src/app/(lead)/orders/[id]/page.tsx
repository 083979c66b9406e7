import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadOrder } from '@/server/orders/order-pages';
import { OrderPage } from '@/ui/orders/order-page';

export const metadata: Metadata = { title: 'Order' };

export default async function OneOrderPage({ params }: { params: Promise<{ id: string }> }) {
  const view = await loadOrder(Number((await params).id));
  if (!view) notFound();
  return <OrderPage view={view} />;
}
