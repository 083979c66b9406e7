import { remediesFor } from '@/server/remedies';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return Response.json(await remediesFor(Number((await params).id)));
}
