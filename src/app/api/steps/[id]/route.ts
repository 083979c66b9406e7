import { stepView } from '@/server/views/step-view';
import { loadPlanned } from '@/server/wall';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const planned = await loadPlanned();
  const view = planned && stepView((await params).id, planned.situation, planned.plan);
  if (!view) return Response.json({ message: 'This step is not in the plan any more.' }, { status: 404 });
  return Response.json(view);
}
