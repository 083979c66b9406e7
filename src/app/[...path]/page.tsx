import { cookies } from 'next/headers';
import { notFound, redirect } from 'next/navigation';
import { homeKitchen } from '@/server/kitchen/kitchen-list';
import { LAST_KITCHEN, kitchenPath, withoutKitchen } from '@/addresses';

type Asked = {
  params: Promise<{ path: string[] }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

/** Addresses from when there was one kitchen only lead to the kitchen that was used last on this device. */
export default async function OldAddressPage({ params, searchParams }: Asked) {
  const place = withoutKitchen((await params).path, await searchParams);
  const kitchen = place && (await homeKitchen((await cookies()).get(LAST_KITCHEN)?.value));
  if (!place || !kitchen) notFound();
  redirect(kitchenPath(kitchen, place));
}
