import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formulaTitle } from '@/server/kitchen/page-titles';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { FormulaEditor } from '@/ui/formulas/formula-editor';
import { opened, type InKitchen } from '../../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: `Change ${await formulaTitle(await opened(params), (await params).id)}`,
});

export default async function Page({ params }: InKitchen<{ id: string }>) {
  const view = await loadFormulaForm(await opened(params), (await params).id);
  if (!view) notFound();
  return <FormulaEditor view={view} />;
}
