import { Shell } from '@/ui/shell/shell';
import { NoSuchKitchen } from '@/ui/kitchens/no-such-kitchen';

export default function NotFound() {
  return (
    <Shell>
      <NoSuchKitchen />
    </Shell>
  );
}
