import { KITCHEN_UPLOAD } from '@/server/kitchen/kitchen-doors';
import { kitchenPath } from '@/addresses';
import { onlyKitchen, openKitchen } from '@/server/shared/open-kitchen';
import { answerUpload } from '@/server/shared/http';

/** The file of a kitchen, by its id; of the only one where none is named. */
export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const wanted = searchParams.get('kitchen');
  const db = wanted === null ? await onlyKitchen() : await openKitchen(wanted);
  if (!db) return new Response(null, { status: 404 });
  searchParams.delete('kitchen');
  const location = `${kitchenPath(db.kitchen, '/api/kitchen-file')}?${searchParams.toString()}`;
  return new Response(null, { status: 307, headers: { location } });
}

export const POST = answerUpload('kitchen-file', KITCHEN_UPLOAD);
