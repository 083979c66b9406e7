'use client';

import { useCallback, useState } from 'react';
import type { Design } from '@/core/design/design';

interface Made {
  design: Design;
  /** Which cake it is of: a change leaves it the same cake, a beginning makes it another. */
  cake: number;
}

interface History {
  past: Made[];
  now: Made;
  future: Made[];
  cakes: number;
}

/** So many steps back are kept. */
const MOST = 200;

/** One step further; while something is dragged it takes the place of the last. */
const step = (h: History, now: Made, goesOn: boolean): History => ({
  past: goesOn ? h.past : [...h.past, h.now].slice(-MOST),
  now,
  future: [],
  cakes: Math.max(h.cakes, now.cake + 1),
});

/** A design with what it was before: every change is one step, and a drag is one as a whole. */
export function useDesign(first: Design) {
  const [history, setHistory] = useState<History>({ past: [], now: { design: first, cake: 0 }, future: [], cakes: 1 });
  /** While something is dragged each move takes the place of the last. */
  const change = useCallback((edit: (design: Design) => Design, { goesOn = false } = {}) => {
    setHistory((h) => {
      const design = edit(h.now.design);
      return design === h.now.design ? h : step(h, { ...h.now, design }, goesOn);
    });
  }, []);
  /** Another cake in its place; what is known of the one before is not said of it. */
  const beginAnew = useCallback((design: Design) => {
    setHistory((h) => step(h, { design, cake: h.cakes }, false));
  }, []);
  const undo = useCallback(() => {
    setHistory((h) => {
      const before = h.past.at(-1);
      return before ? { ...h, past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future] } : h;
    });
  }, []);
  const redo = useCallback(() => {
    setHistory((h) => {
      const [next, ...future] = h.future;
      return next ? { ...h, past: [...h.past, h.now], now: next, future } : h;
    });
  }, []);
  return {
    ...history.now,
    ...{ change, beginAnew, undo, redo },
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    isChanged: history.past.length > 0,
  };
}
