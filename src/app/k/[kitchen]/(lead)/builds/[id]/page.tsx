import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadBuild } from '@/server/builds/build-pages';
import { BuildComposer } from '@/ui/builds/build-composer';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'Build' };

export default async function BuildPage({ params }: InKitchen<{ id: string }>) {
  const view = await loadBuild(await opened(params), (await params).id);
  if (!view) notFound();
  return <BuildComposer key={`${view.id} ${view.version}`} view={view} />;
}
