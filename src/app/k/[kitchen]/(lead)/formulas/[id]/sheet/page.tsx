import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formulaTitle } from '@/server/kitchen/page-titles';
import { loadFormula } from '@/server/formulas/formula-pages';
import { BatchSheet } from '@/ui/formulas/batch-sheet';
import { opened, type InKitchen } from '../../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: await formulaTitle(await opened(params), (await params).id),
});

export default async function Page({ params }: InKitchen<{ id: string }>) {
  const view = await loadFormula(await opened(params), (await params).id);
  return view ? <BatchSheet view={view} /> : notFound();
}
