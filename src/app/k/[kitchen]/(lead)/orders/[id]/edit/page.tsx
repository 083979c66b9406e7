import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { orderTitle } from '@/server/kitchen/page-titles';
import { loadOrderForm } from '@/server/orders/order-pages';
import { OrderWizard } from '@/ui/orders/order-wizard';
import { opened, type InKitchen } from '../../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: `Change ${await orderTitle(await opened(params), Number((await params).id))}`,
});

export default async function EditOrderPage({ params }: InKitchen<{ id: string }>) {
  const id = Number((await params).id);
  const loaded = await loadOrderForm(await opened(params), id);
  if (!loaded) notFound();
  return <OrderWizard id={id} {...loaded} />;
}
