import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulas } from '@/server/formulas/formula-pages';
import { FormulaList } from '@/ui/formulas/formula-list';
import { opened, type InKitchen } from '../../opened';

export const metadata: Metadata = { title: 'Formulas' };

export default async function FormulasPage({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<{ find?: string | string[] }> }) {
  const formulas = await loadFormulas(await opened(params));
  if (!formulas) notFound();
  const { find = '' } = await searchParams;
  const words = [find].flat().join(' ');
  return <FormulaList key={words} formulas={formulas} find={words} />;
}
