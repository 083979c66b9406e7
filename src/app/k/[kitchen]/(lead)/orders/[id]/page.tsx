import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { orderTitle } from '@/server/kitchen/page-titles';
import { loadOrder } from '@/server/orders/order-pages';
import { OrderPage } from '@/ui/orders/order-page';
import { opened, type InKitchen } from '../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: await orderTitle(await opened(params), Number((await params).id)),
});

export default async function OneOrderPage({ params }: InKitchen<{ id: string }>) {
  const view = await loadOrder(await opened(params), Number((await params).id));
  if (!view) notFound();
  return <OrderPage view={view} />;
}
