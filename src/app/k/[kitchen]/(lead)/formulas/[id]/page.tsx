import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { firstOf } from '@/server/shared/first-of';
import { formulaTitle } from '@/server/kitchen/page-titles';
import { loadFormula } from '@/server/formulas/formula-pages';
import { FormulaPage } from '@/ui/formulas/formula-page';
import { opened, type InKitchen } from '../../../opened';

export const generateMetadata = async ({ params }: InKitchen<{ id: string }>): Promise<Metadata> => ({
  title: await formulaTitle(await opened(params), (await params).id),
});

export default async function OneFormulaPage({
  params,
  searchParams,
}: InKitchen<{ id: string }> & { searchParams: Promise<Record<string, unknown>> }) {
  const version = firstOf((await searchParams).version);
  const view = await loadFormula(
    await opened(params),
    (await params).id,
    version === undefined ? null : Number(version),
  );
  if (!view) notFound();
  return <FormulaPage key={view.version} view={view} />;
}
