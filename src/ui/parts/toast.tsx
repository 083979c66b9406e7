'use client';

import { say } from '@/core/words/say';
import { useEffect } from 'react';

/** How long it stays. ms. */
const STAYS = 8000;

/** What went wrong, in words, at the foot of the page until it is read or put away. */
export function Toast({ text, onClose }: { text: string; onClose: () => void }) {
  useEffect(() => {
    const timer = setTimeout(onClose, STAYS);
    return () => clearTimeout(timer);
  }, [text, onClose]);
  return (
    <div role="alert" className="zl-toast">
      <span>■ {text}</span>
      <button type="button" aria-label={say`Close`} onClick={onClose}>
        ×
      </button>
    </div>
  );
}
