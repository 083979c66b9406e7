import { loadChances } from '@/server/chances';

export async function GET(): Promise<Response> {
  return Response.json(await loadChances());
}
