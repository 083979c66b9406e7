import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { firstOf } from '@/server/shared/first-of';
import { loadPullList } from '@/server/pull-list/pull-list';
import { PullListPage } from '@/ui/pull-list/pull-list-page';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Pull list' };

export default async function Page({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const { day, days } = await searchParams;
  const view = await loadPullList(await opened(params), firstOf(day), Number(firstOf(days) ?? 1));
  if (!view) notFound();
  return <PullListPage view={view} />;
}
