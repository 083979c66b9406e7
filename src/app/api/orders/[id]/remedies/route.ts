import { helpFor } from '@/server/remedies';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return Response.json(await helpFor(Number((await params).id)));
}
