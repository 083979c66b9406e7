import { shapeChoices, sizeChoices } from '@/server/order-pages';

/** Sizes of a build for a number of portions; without a build all shapes that give as many. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const portions = Number(query.get('portions'));
  const build = query.get('build');
  return Response.json(build === null ? await shapeChoices(portions) : await sizeChoices(build, portions));
}
