import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { decoded } from '@/server/shared/first-of';
import { loadBench } from '@/server/bench/team';
import { BenchPage } from '@/ui/bench/bench-page';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Bench' };

export default async function OneBenchPage({ params }: InKitchen<{ person: string }>) {
  const view = await loadBench(await opened(params), decoded((await params).person));
  if (!view) notFound();
  return <BenchPage view={view} />;
}
