import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { firstOf } from '@/server/shared/first-of';
import { loadOrderForm } from '@/server/orders/order-pages';
import { OrderWizard } from '@/ui/orders/order-wizard';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'New order' };

export default async function NewOrderPage({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const asked = await searchParams;
  const loaded = await loadOrderForm(await opened(params), null, {
    build: firstOf(asked.build),
    portions: firstOf(asked.portions),
    pickup: firstOf(asked.pickup),
    size: firstOf(asked.size),
  });
  if (!loaded) notFound();
  return <OrderWizard id={null} {...loaded} />;
}
