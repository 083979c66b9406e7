import { notFound } from 'next/navigation';
import { openKitchen } from '@/server/shared/open-kitchen';

/** The parts of an address below a kitchen. */
export type InKitchen<More = unknown> = { params: Promise<{ kitchen: string } & More> };

/** The kitchen that the address names; “not here” where there is none. */
export async function opened(params: Promise<{ kitchen: string }>) {
  return (await openKitchen((await params).kitchen)) ?? notFound();
}
