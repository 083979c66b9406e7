import type { Metadata } from 'next';
import { firstOf } from '@/server/shared/first-of';
import { loadPullList } from '@/server/pull-list/pull-list';
import { EmptyKitchen } from '@/ui/parts/empty';
import { PullListPage } from '@/ui/pull-list/pull-list-page';

export const metadata: Metadata = { title: 'Pull list' };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const { day, days } = await searchParams;
  const view = await loadPullList(firstOf(day), Number(firstOf(days) ?? 1));
  return view ? <PullListPage view={view} /> : <EmptyKitchen />;
}
