import type { Metadata } from 'next';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { FormulaEditor } from '@/ui/formulas/formula-editor';

export const metadata: Metadata = { title: 'New formula' };

export default async function Page() {
  const view = await loadFormulaForm(null);
  return view ? <FormulaEditor view={view} /> : <EmptyKitchen />;
}
