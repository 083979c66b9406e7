import type { Metadata } from 'next';
import { loadPullList } from '@/server/pull-list';
import { EmptyKitchen } from '@/ui/parts/empty';
import { PullListPage } from '@/ui/pull-list/pull-list-page';

export const metadata: Metadata = { title: 'Pull list' };

export default async function Page({ searchParams }: { searchParams: Promise<{ day?: string; days?: string }> }) {
  const { day, days } = await searchParams;
  const view = await loadPullList(day, Number(days ?? 1));
  return view ? <PullListPage view={view} /> : <EmptyKitchen />;
}
