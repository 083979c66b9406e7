'use client';

import { useLayoutEffect, useState, type RefObject } from 'react';

/** How wide something is drawn, in pixels; until that is known, as wide as usual. */
export function useWidth(of: RefObject<HTMLElement | null>, usual: number): number {
  const [width, setWidth] = useState(usual);
  useLayoutEffect(() => {
    const box = of.current;
    if (!box) return;
    const tell = () => setWidth(box.clientWidth);
    tell();
    const sized = new ResizeObserver(tell);
    sized.observe(box);
    return () => sized.disconnect();
  }, [of]);
  return width;
}
