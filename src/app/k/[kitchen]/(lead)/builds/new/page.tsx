import type { Metadata } from 'next';
import { loadBuild } from '@/server/builds/build-pages';
import { firstOf } from '@/server/shared/first-of';
import { BuildComposer } from '@/ui/builds/build-composer';
import { NoFormulas } from '@/ui/builds/no-formulas';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'New build' };

/** A build composed from nothing but the kitchen's own formulas, or like another one. */
export default async function NewBuildPage({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const from = firstOf((await searchParams).from);
  const view = await loadBuild(await opened(params), null, from);
  return view ? <BuildComposer key={from ?? ''} view={view} /> : <NoFormulas />;
}
