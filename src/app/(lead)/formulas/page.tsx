import type { Metadata } from 'next';
import { loadFormulas } from '@/server/formulas/formula-pages';
import { EmptyKitchen } from '@/ui/parts/empty';
import { FormulaList } from '@/ui/formulas/formula-list';

export const metadata: Metadata = { title: 'Formulas' };

export default async function FormulasPage() {
  const formulas = await loadFormulas();
  return formulas ? <FormulaList formulas={formulas} /> : <EmptyKitchen />;
}
