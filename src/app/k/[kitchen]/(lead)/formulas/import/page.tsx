import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { ImportPage } from '@/ui/formulas/import-page';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'Import formulas' };

export default async function Page({ params }: InKitchen) {
  const view = await loadFormulaForm(await opened(params), null);
  if (!view) notFound();
  return <ImportPage ingredients={view.ingredients} />;
}
