import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { kitchenReading } from '@/server/kitchen/kitchen-settings';
import { ImportPage } from '@/ui/formulas/import-page';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'Import formulas' };

export default async function Page({ params }: InKitchen) {
  const db = await opened(params);
  const view = await loadFormulaForm(db, null);
  if (!view) notFound();
  const { country } = await kitchenReading(db);
  return <ImportPage ingredients={view.ingredients} cups={country} />;
}
