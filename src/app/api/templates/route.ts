import { panelPdf, panelSvg } from '@/server/panel-template';

/** Panels of a calculator at 1 : 1: all pages as PDF, or one as SVG with `page`. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const name = query.get('calc') ?? '';
  let input: unknown;
  try {
    input = JSON.parse(query.get('fields') ?? '{}');
  } catch {
    return new Response('The fields cannot be read.', { status: 400 });
  }
  const page = query.get('page');
  const file = page === null ? await panelPdf(name, input) : await panelSvg(name, input, Number(page));
  if (file === null) return new Response('These measures give no panels.', { status: 400 });
  return new Response(typeof file === 'string' ? file : new Uint8Array(file), {
    headers: {
      'content-type': page === null ? 'application/pdf' : 'image/svg+xml',
      'content-disposition': `inline; filename="${name}.${page === null ? 'pdf' : 'svg'}"`,
    },
  });
}
