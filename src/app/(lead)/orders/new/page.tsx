import type { Metadata } from 'next';
import { loadOrderForm, type OrderDraft } from '@/server/order-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { OrderWizard } from '@/ui/orders/order-wizard';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage({ searchParams }: { searchParams: Promise<OrderDraft> }) {
  const loaded = await loadOrderForm(null, await searchParams);
  return loaded ? <OrderWizard id={null} {...loaded} /> : <EmptyKitchen />;
}
