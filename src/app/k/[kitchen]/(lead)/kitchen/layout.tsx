import type { ReactNode } from 'react';
import { KitchenFrame } from '@/ui/kitchen/kitchen-frame';
import type { InKitchen } from '../../opened';
import { sectionsOf } from './sections';

export default async function KitchenLayout({ params, children }: InKitchen & { children: ReactNode }) {
  const view = await sectionsOf((await params).kitchen);
  const { name, version, setUp, missing, counts, today, reading, lastChange, team } = view;
  return (
    <KitchenFrame frame={{ name, version, setUp, missing, counts, today, reading, lastChange, team }}>
      {children}
    </KitchenFrame>
  );
}
