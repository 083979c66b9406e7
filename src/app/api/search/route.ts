import { loadSearch } from '@/server/search';

export async function GET(): Promise<Response> {
  return Response.json(await loadSearch());
}
