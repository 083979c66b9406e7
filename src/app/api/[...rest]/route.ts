import { onlyKitchen } from '@/server/shared/open-kitchen';
import { kitchenPath } from '@/addresses';

/** Questions of pages that were opened when there was one kitchen only go to it, as long as there is still only one. */
export async function GET(request: Request): Promise<Response> {
  const { pathname, search } = new URL(request.url);
  const db = await onlyKitchen();
  if (!db) return new Response(null, { status: 404 });
  return new Response(null, { status: 307, headers: { location: `${kitchenPath(db.kitchen, pathname)}${search}` } });
}
