import { exportFormula } from '@/server/formulas';

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const as = new URL(request.url).searchParams.get('as') === 'csv' ? 'csv' : 'json';
  const file = await exportFormula((await params).id, as);
  if (!file) return new Response('There is no such formula.', { status: 404 });
  return new Response(file.content, {
    headers: {
      'content-type': as === 'csv' ? 'text/csv; charset=utf-8' : 'application/ld+json; charset=utf-8',
      'content-disposition': `attachment; filename="${file.name}"`,
    },
  });
}
