import type { Metadata } from 'next';
import { firstOf } from '@/server/shared/first-of';
import { loadWorkbench } from '@/server/workbench/calculators';
import { EmptyKitchen } from '@/ui/parts/empty';
import { WorkbenchPage } from '@/ui/workbench/workbench-page';

export const metadata: Metadata = { title: 'Workbench' };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const view = await loadWorkbench();
  return view ? <WorkbenchPage view={view} wanted={firstOf((await searchParams).calc) ?? null} /> : <EmptyKitchen />;
}
