'use client';

import { useOffline } from 'next/offline';
import { useSyncExternalStore } from 'react';
import { say } from '@/core/words/say';
import { waiting } from '../waiting';

/** Says that nothing is heard of the kitchen’s server any more, and whether something waits for it. */
export function LostNote({ lost }: { lost: boolean }) {
  const waits = useSyncExternalStore(waiting.subscribe, waiting.count, () => 0) > 0;
  // A page that was gone to waits as well.
  const offline = useOffline();
  if (!lost && !waits && !offline) return null;
  return (
    <div role="alert" className="zl-lost">
      {waits
        ? say`■ The kitchen’s server does not answer. What you told last waits in this page, and goes out by itself when the server is back.`
        : say`■ The kitchen’s server does not answer. What you see may be older; what you told before is kept.`}
    </div>
  );
}
