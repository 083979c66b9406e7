import type { ReactNode } from 'react';
import { kitchenReading } from '@/server/kitchen/kitchen-settings';
import { AskingProvider } from '@/ui/asking/asking-provider';
import { ReadingProvider } from '@/ui/parts/reading';
import { Shell } from '@/ui/shell/shell';
import { opened, type InKitchen } from '../opened';

export default async function LeadLayout({ params, children }: InKitchen & { children: ReactNode }) {
  return (
    <ReadingProvider reading={await kitchenReading(await opened(params))}>
      <AskingProvider>
        <Shell>{children}</Shell>
      </AskingProvider>
    </ReadingProvider>
  );
}
