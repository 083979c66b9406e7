import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadOrderForm } from '@/server/order-pages';
import { OrderWizard } from '@/ui/orders/order-wizard';

export const metadata: Metadata = { title: 'Change order' };

export default async function EditOrderPage({ params }: { params: Promise<{ id: string }> }) {
  const id = Number((await params).id);
  const loaded = Number.isSafeInteger(id) && id > 0 && id < 2_000_000_000 ? await loadOrderForm(id) : null;
  if (!loaded) notFound();
  return <OrderWizard id={id} {...loaded} />;
}
