import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { firstOf } from '@/server/shared/first-of';
import { loadTold } from '@/server/bench/told-view';
import { ToldPage } from '@/ui/bench/told-page';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Told today' };

export default async function Page({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const { bench } = await searchParams;
  const view = await loadTold(await opened(params));
  if (!view) notFound();
  return <ToldPage view={view} bench={firstOf(bench) ?? null} />;
}
