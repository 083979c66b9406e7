'use client';

import { useLinkStatus } from 'next/link';
import { say } from '@/core/words/say';

/** Inside a link: says, at the upper edge of the window, that one is on the way to its page. */
export function Going() {
  const { pending } = useLinkStatus();
  if (!pending) return null;
  return (
    <span role="status" className="zl-going">
      <span className="zl-only-heard">{say`Opening…`}</span>
    </span>
  );
}
