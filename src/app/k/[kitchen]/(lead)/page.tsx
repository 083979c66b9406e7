import { notFound } from 'next/navigation';
import { loadWall } from '@/server/wall/wall';
import { sentWall } from '@/wire/sent-wall';
import { Wall } from '@/ui/wall/wall';
import { opened, type InKitchen } from '../opened';

export default async function WallPage({ params }: InKitchen) {
  const view = await loadWall(await opened(params));
  if (!view) notFound();
  return <Wall sent={sentWall(view)} />;
}
