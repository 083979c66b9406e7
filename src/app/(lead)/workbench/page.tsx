import type { Metadata } from 'next';
import { loadWorkbench } from '@/server/calculators';
import { EmptyKitchen } from '@/ui/parts/empty';
import { WorkbenchPage } from '@/ui/workbench/workbench-page';

export const metadata: Metadata = { title: 'Workbench' };

export default async function Page({ searchParams }: { searchParams: Promise<{ calc?: string }> }) {
  const view = await loadWorkbench();
  return view ? <WorkbenchPage view={view} wanted={(await searchParams).calc ?? null} /> : <EmptyKitchen />;
}
