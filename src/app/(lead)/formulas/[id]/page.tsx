import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormula } from '@/server/formula-pages';
import { FormulaPage } from '@/ui/formulas/formula-page';

export const metadata: Metadata = { title: 'Formula' };

export default async function OneFormulaPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ version?: string }>;
}) {
  const { version } = await searchParams;
  const view = await loadFormula((await params).id, version === undefined ? null : Number(version));
  if (!view) notFound();
  return <FormulaPage key={view.version} view={view} />;
}
