import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { homeKitchen } from '@/server/kitchen/kitchen-list';
import { LAST_KITCHEN, kitchenPath } from '@/addresses';
import { Shell } from '@/ui/shell/shell';
import { Welcome } from '@/ui/kitchens/welcome';

/** The wall of the kitchen that was used last on this device. */
export default async function HomePage() {
  const kitchen = await homeKitchen((await cookies()).get(LAST_KITCHEN)?.value);
  if (kitchen) redirect(kitchenPath(kitchen, '/'));
  return (
    <Shell>
      <Welcome first />
    </Shell>
  );
}
