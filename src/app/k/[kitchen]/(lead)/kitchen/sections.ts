import { cache } from 'react';
import { notFound } from 'next/navigation';
import { loadKitchenSections } from '@/server/kitchen/kitchen-sections';
import { openKitchen } from '@/server/shared/open-kitchen';

/** The kitchen’s own things, put together once a request: its frame and its page both show them. “Not here” where there is none. */
export const sectionsOf = cache(async (kitchen: string) => {
  const db = await openKitchen(kitchen);
  return (db && (await loadKitchenSections(db))) ?? notFound();
});
