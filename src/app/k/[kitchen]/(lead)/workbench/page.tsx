import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { firstOf } from '@/server/shared/first-of';
import { loadWorkbench } from '@/server/workbench/calculators';
import { WorkbenchPage } from '@/ui/workbench/workbench-page';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Workbench' };

export default async function Page({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const view = await loadWorkbench(await opened(params));
  if (!view) notFound();
  return <WorkbenchPage view={view} wanted={firstOf((await searchParams).calc) ?? null} />;
}
