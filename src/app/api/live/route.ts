import { changeStream } from '@/server/shared/live';

export function GET(request: Request): Response {
  return new Response(changeStream(request.signal), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
}
