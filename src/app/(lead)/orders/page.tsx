import type { Metadata } from 'next';
import { loadOrders } from '@/server/orders/order-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { OrderList } from '@/ui/orders/order-list';

export const metadata: Metadata = { title: 'Orders' };

export default async function OrdersPage() {
  const orders = await loadOrders();
  return orders ? <OrderList {...orders} /> : <EmptyKitchen />;
}
