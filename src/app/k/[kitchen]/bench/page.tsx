import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadTeam } from '@/server/bench/team';
import { PickName } from '@/ui/bench/pick-name';
import { Shell } from '@/ui/shell/shell';
import { opened, type InKitchen } from '../opened';

export const metadata: Metadata = { title: 'Bench' };

export default async function BenchPage({ params }: InKitchen) {
  const team = await loadTeam(await opened(params));
  if (!team) notFound();
  return (
    <Shell>
      <PickName {...team} />
    </Shell>
  );
}
