import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormula } from '@/server/formula-pages';
import { FormulaPage } from '@/ui/formulas/formula-page';

export const metadata: Metadata = { title: 'Formula' };

export default async function OneFormulaPage({ params }: { params: Promise<{ id: string }> }) {
  const view = await loadFormula((await params).id);
  if (!view) notFound();
  return <FormulaPage view={view} />;
}
