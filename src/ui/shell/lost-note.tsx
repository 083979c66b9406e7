'use client';

import { say } from '@/core/words/say';

/** Says since when nothing has been heard of the kitchen’s server; null while it is heard. */
export function LostNote({ since }: { since: Date | null }) {
  if (since === null) return null;
  const time = since.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return (
    <div role="alert" className="zl-lost">
      {say`■ The kitchen’s server has not answered since ${time}. What you see may be older; what you told before is kept.`}
    </div>
  );
}
