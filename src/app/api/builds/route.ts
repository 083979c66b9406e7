import { buildsToAsk } from '@/server/capacity';

export async function GET(): Promise<Response> {
  return Response.json(await buildsToAsk());
}
