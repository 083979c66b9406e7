import type { Metadata } from 'next';
import { loadTeam } from '@/server/bench/team';
import { EmptyKitchen } from '@/ui/parts/empty';
import { PickName } from '@/ui/bench/pick-name';
import { Shell } from '@/ui/shell/shell';

export const metadata: Metadata = { title: 'Bench' };

export default async function BenchPage() {
  const team = await loadTeam();
  return <Shell>{team ? <PickName {...team} /> : <EmptyKitchen />}</Shell>;
}
