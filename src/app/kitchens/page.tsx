import type { Metadata } from 'next';
import { loadKitchens } from '@/server/kitchen/kitchen-list';
import { Shell } from '@/ui/shell/shell';
import { KitchensPage } from '@/ui/kitchens/kitchens-page';

export const metadata: Metadata = { title: 'Kitchens' };

export default async function Page() {
  return (
    <Shell>
      <KitchensPage kitchens={await loadKitchens()} />
    </Shell>
  );
}
