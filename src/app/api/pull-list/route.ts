import { loadPullList } from '@/server/pull-list';
import { pullListPdf } from '@/server/pull-list-pdf';

export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const view = await loadPullList(query.get('day') ?? undefined, Number(query.get('days') ?? 1));
  if (!view) return new Response('There is no plan yet.', { status: 404 });
  return new Response(new Uint8Array(await pullListPdf(view)), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="pull-list-${view.day}.pdf"`,
    },
  });
}
