import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulas } from '@/server/formulas/formula-pages';
import { FormulaList } from '@/ui/formulas/formula-list';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Formulas' };

export default async function FormulasPage({ params }: InKitchen) {
  const formulas = await loadFormulas(await opened(params));
  if (!formulas) notFound();
  return <FormulaList formulas={formulas} />;
}
