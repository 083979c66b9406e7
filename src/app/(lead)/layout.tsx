import type { ReactNode } from 'react';
import { kitchenReading } from '@/server/kitchen/kitchen-settings';
import { ReadingProvider } from '@/ui/parts/reading';
import { Shell } from '@/ui/shell/shell';

export default async function LeadLayout({ children }: { children: ReactNode }) {
  return (
    <ReadingProvider reading={await kitchenReading()}>
      <Shell>{children}</Shell>
    </ReadingProvider>
  );
}
