import type { Metadata } from 'next';
import { firstOf } from '@/server/shared/first-of';
import { loadOrderForm } from '@/server/orders/order-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { OrderWizard } from '@/ui/orders/order-wizard';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const asked = await searchParams;
  const loaded = await loadOrderForm(null, {
    build: firstOf(asked.build),
    portions: firstOf(asked.portions),
    pickup: firstOf(asked.pickup),
    size: firstOf(asked.size),
  });
  return loaded ? <OrderWizard id={null} {...loaded} /> : <EmptyKitchen />;
}
