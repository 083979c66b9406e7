import type { Metadata } from 'next';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { ImportPage } from '@/ui/formulas/import-page';

export const metadata: Metadata = { title: 'Import formulas' };

export default async function Page() {
  const view = await loadFormulaForm(null);
  return view ? <ImportPage ingredients={view.ingredients} /> : <EmptyKitchen />;
}
