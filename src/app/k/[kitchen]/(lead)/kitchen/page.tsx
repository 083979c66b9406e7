import type { Metadata } from 'next';
import { inSection } from '@/server/kitchen/kitchen-sections';
import { KitchenOverview } from '@/ui/kitchen/overview';
import type { InKitchen } from '../../opened';
import { sectionsOf } from './sections';

export const metadata: Metadata = { title: 'Kitchen' };

export default async function Page({ params }: InKitchen) {
  return <KitchenOverview view={inSection(await sectionsOf((await params).kitchen), '')} />;
}
