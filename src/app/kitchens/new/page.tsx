import type { Metadata } from 'next';
import { Shell } from '@/ui/shell/shell';
import { Welcome } from '@/ui/kitchens/welcome';

export const metadata: Metadata = { title: 'Set up a kitchen' };

export default function Page() {
  return (
    <Shell>
      <Welcome first={false} />
    </Shell>
  );
}
