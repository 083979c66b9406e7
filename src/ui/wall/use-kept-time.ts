'use client';

import { useLayoutEffect, useRef, type RefObject } from 'react';
import type { TimeScale } from '../ladder/time-scale';

/** Brings now into view at first, and keeps the time in the middle where it was when the scale changes. */
export function useKeptTime(scroller: RefObject<HTMLDivElement | null>, scale: TimeScale, minute: number): void {
  const last = useRef<TimeScale | null>(null);
  const ref = useRef(scroller);
  useLayoutEffect(() => {
    const box = ref.current.current;
    if (!box) return;
    const before = last.current;
    last.current = scale;
    const middle = box.clientHeight / 2;
    if (!before) box.scrollTo({ top: scale.y(minute) - box.clientHeight * (scale.climbs ? 0.66 : 0.2) });
    else if (before !== scale) box.scrollTo({ top: scale.y(before.minuteAt(box.scrollTop + middle)) - middle });
  }, [scale, minute]);
}
