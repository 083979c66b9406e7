'use client';

import { useCallback, useState } from 'react';
import type { Design } from '@/core/design/design';

interface History {
  past: Design[];
  now: Design;
  future: Design[];
}

/** So many steps back are kept. */
const MOST = 200;

/** A design with what it was before: every change is one step, and a drag is one as a whole. */
export function useDesign(first: Design) {
  const [history, setHistory] = useState<History>({ past: [], now: first, future: [] });
  /** While something is dragged each move takes the place of the last. */
  const change = useCallback((edit: (design: Design) => Design, { goesOn = false } = {}) => {
    setHistory((h) => {
      const now = edit(h.now);
      if (now === h.now) return h;
      return { past: goesOn ? h.past : [...h.past, h.now].slice(-MOST), now, future: [] };
    });
  }, []);
  const undo = useCallback(() => {
    setHistory((h) => {
      const before = h.past.at(-1);
      return before ? { past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future] } : h;
    });
  }, []);
  const redo = useCallback(() => {
    setHistory((h) => {
      const [next, ...future] = h.future;
      return next ? { past: [...h.past, h.now], now: next, future } : h;
    });
  }, []);
  return {
    design: history.now,
    ...{ change, undo, redo },
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    isChanged: history.past.length > 0,
  };
}
