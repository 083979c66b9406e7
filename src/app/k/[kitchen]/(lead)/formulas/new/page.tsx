import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { loadFormulaForm } from '@/server/formulas/formula-pages';
import { firstOf } from '@/server/shared/first-of';
import { FormulaEditor } from '@/ui/formulas/formula-editor';
import { opened, type InKitchen } from '../../../opened';

export const metadata: Metadata = { title: 'New formula' };

export default async function Page({
  params,
  searchParams,
}: InKitchen & { searchParams: Promise<Record<string, unknown>> }) {
  const copy = firstOf((await searchParams).copy);
  const view = await loadFormulaForm(await opened(params), null, copy ?? null);
  if (!view) notFound();
  return <FormulaEditor view={view} />;
}
