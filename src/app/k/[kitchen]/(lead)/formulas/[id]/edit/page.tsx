import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { FormulaEditor } from '@/ui/formulas/formula-editor';
import { opened, type InKitchen } from '../../../../opened';

export const metadata: Metadata = { title: 'Change formula' };

export default async function Page({ params }: InKitchen<{ id: string }>) {
  const view = await loadFormulaForm(await opened(params), (await params).id);
  if (!view) notFound();
  return <FormulaEditor view={view} />;
}
