'use client';

import { createContext, useContext, useEffect, useState, type ReactNode, type RefObject } from 'react';

/** Pixels of a wall that are drawn. */
export interface Band {
  top: number;
  bottom: number;
}

/** Drawn beyond what is seen, and how far the wall is scrolled before it is drawn again. Pixels. */
const BEYOND = 700;
const STRIDE = 300;

const BandContext = createContext<Band | null>(null);

/** The stretch to draw; null for all of it. */
export const useBand = () => useContext(BandContext);

/** Lets the ladders within draw only the stretch around what is seen. Scrolling draws nobody else again. */
export function BandProvider({ scroller, children }: { scroller: RefObject<HTMLElement | null>; children: ReactNode }) {
  const [band, setBand] = useState<Band | null>(null);
  useEffect(() => {
    const box = scroller.current;
    if (!box) return;
    let frame = 0;
    const read = () => {
      frame = 0;
      const top = Math.floor(box.scrollTop / STRIDE) * STRIDE - BEYOND;
      const bottom = Math.ceil((box.scrollTop + box.clientHeight) / STRIDE) * STRIDE + BEYOND;
      setBand((now) => (now?.top === top && now.bottom === bottom ? now : { top, bottom }));
    };
    const soon = () => {
      frame ||= requestAnimationFrame(read);
    };
    soon();
    box.addEventListener('scroll', soon, { passive: true });
    const sized = new ResizeObserver(soon);
    sized.observe(box);
    return () => {
      cancelAnimationFrame(frame);
      box.removeEventListener('scroll', soon);
      sized.disconnect();
    };
  }, [scroller]);
  return <BandContext value={band}>{children}</BandContext>;
}
