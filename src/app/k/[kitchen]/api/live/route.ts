import { openKitchen } from '@/server/shared/open-kitchen';
import { changeStream } from '@/server/shared/live';

export async function GET(request: Request, { params }: { params: Promise<{ kitchen: string }> }): Promise<Response> {
  const db = await openKitchen((await params).kitchen);
  if (!db) return new Response(null, { status: 404 });
  return new Response(changeStream(db.kitchen, request.signal), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
}
