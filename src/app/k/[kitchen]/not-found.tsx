import { Shell } from '@/ui/shell/shell';
import { NotHere } from '@/ui/shell/not-here';

export default function NotFound() {
  return (
    <Shell>
      <NotHere />
    </Shell>
  );
}
