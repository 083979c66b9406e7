import { loadWall } from '@/server/wall/wall';
import { EmptyKitchen } from '@/ui/parts/empty';
import { Wall } from '@/ui/wall/wall';

export default async function WallPage() {
  const view = await loadWall();
  return view ? <Wall view={view} /> : <EmptyKitchen />;
}
