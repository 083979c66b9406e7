import type { Metadata } from 'next';
import { loadOrderForm } from '@/server/order-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { OrderWizard } from '@/ui/orders/order-wizard';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage() {
  const loaded = await loadOrderForm(null);
  return loaded ? <OrderWizard id={null} {...loaded} /> : <EmptyKitchen />;
}
