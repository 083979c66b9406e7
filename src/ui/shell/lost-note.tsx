'use client';

import { say } from '@/core/words/say';

/** Says that nothing is heard of the kitchen’s server any more. */
export function LostNote({ lost }: { lost: boolean }) {
  if (!lost) return null;
  return (
    <div role="alert" className="zl-lost">
      {say`■ The kitchen’s server does not answer. What you see may be older; what you told before is kept.`}
    </div>
  );
}
