import { moveView } from '@/server/views/move-view';
import { loadPlanned } from '@/server/wall';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const planned = await loadPlanned();
  const view = planned && moveView((await params).id, planned.situation, planned.plan);
  if (!view) return Response.json({ message: 'This step is not in the plan any more.' }, { status: 404 });
  return Response.json(view);
}
