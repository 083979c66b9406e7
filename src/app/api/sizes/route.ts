import { sizeChoices } from '@/server/order-pages';

export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  return Response.json(await sizeChoices(query.get('build') ?? '', Number(query.get('portions'))));
}
