'use client';

import { say } from '@/core/words/say';
import { PlainMessage } from '../parts/plain-message';

/** Shown where a page could not be made. */
export function WentWrong({ reset }: { error: Error; reset: () => void }) {
  return (
    <PlainMessage title={say`This page fell off its rails`}>
      <p>{say`Nothing that was confirmed is lost. Try again; if it stays like this, the server’s log says why.`}</p>
      <button type="button" className="zl-button zl-main" onClick={reset}>{say`Try again`}</button>
    </PlainMessage>
  );
}
