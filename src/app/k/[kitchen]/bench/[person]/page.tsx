import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { decoded } from '@/server/shared/first-of';
import { benchTitle } from '@/server/kitchen/page-titles';
import { loadBench } from '@/server/bench/team';
import { AskingProvider } from '@/ui/asking/asking-provider';
import { BenchPage } from '@/ui/bench/bench-page';
import { opened, type InKitchen } from '../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ person: string }>): Promise<Metadata> => ({
  title: await benchTitle(await opened(params), decoded((await params).person)),
});

export default async function OneBenchPage({ params }: InKitchen<{ person: string }>) {
  const view = await loadBench(await opened(params), decoded((await params).person));
  if (!view) notFound();
  return (
    <AskingProvider>
      <BenchPage view={view} />
    </AskingProvider>
  );
}
