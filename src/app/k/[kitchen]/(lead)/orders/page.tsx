import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadOrders } from '@/server/orders/order-pages';
import { OrderList } from '@/ui/orders/order-list';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Orders' };

export default async function OrdersPage({ params }: InKitchen) {
  const orders = await loadOrders(await opened(params));
  if (!orders) notFound();
  return <OrderList {...orders} />;
}
