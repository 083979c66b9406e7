'use client';

import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { TimeScale } from '../ladder/time-scale';

/**
 * Brings now into view at first, and keeps the time in the middle where it was when the scale changes. The middle is remembered as one
 * scrolls: once the wall has become lower, the browser has moved it already.
 */
export function useKeptTime(
  scroller: RefObject<HTMLDivElement | null>,
  /** What the scale measures: its top is minute zero or the last one. */
  field: RefObject<HTMLDivElement | null>,
  scale: TimeScale,
  minute: number,
): void {
  const refs = useRef({ scroller, field });
  const last = useRef<TimeScale | null>(null);
  const middle = useRef(minute);
  /** Where it was put: that is nobody’s scrolling. */
  const put = useRef<number | null>(null);
  useEffect(() => {
    const box = refs.current.scroller.current;
    if (!box) return;
    const remember = () => {
      const own = refs.current.field.current;
      if (box.scrollTop === put.current || !last.current || !own) return;
      put.current = null;
      middle.current = last.current.minuteAt(middleOf(box) - own.getBoundingClientRect().top);
    };
    box.addEventListener('scroll', remember, { passive: true });
    return () => box.removeEventListener('scroll', remember);
  }, []);
  useLayoutEffect(() => {
    const box = refs.current.scroller.current;
    const own = refs.current.field.current;
    if (!box || !own || last.current === scale) return;
    const first = last.current === null;
    last.current = scale;
    const to = first ? box.getBoundingClientRect().top + box.clientHeight * (scale.climbs ? 0.66 : 0.2) : middleOf(box);
    box.scrollTop += own.getBoundingClientRect().top + scale.y(first ? minute : middle.current) - to;
    put.current = box.scrollTop;
    if (first) middle.current = scale.minuteAt(middleOf(box) - own.getBoundingClientRect().top);
  }, [scale, minute]);
}

const middleOf = (box: HTMLElement) => box.getBoundingClientRect().top + box.clientHeight / 2;
