'use client';

import { useCallback, useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import type { TimeScale } from '../ladder/time-scale';

/** Where each ladder stands on the field. Pixels. */
export interface Standing {
  order: number;
  x: number;
  width: number;
}

interface Kept {
  scroller: RefObject<HTMLDivElement | null>;
  /** What the scale measures: its top is minute zero or the last one. */
  field: RefObject<HTMLDivElement | null>;
  scale: TimeScale;
  standing: Standing[];
  minute: number;
  /** Where to begin. */
  from: { minute: number | null; ladder: number | null };
  onMoved: (minute: number, ladder: number | null) => void;
}

/**
 * Brings now into view at first, or where the address says; keeps the time in the middle, or under the pointer, where it was when the scale
 * changes, and the first ladder that is seen when ladders are opened, left out, or come in. Both are remembered as one scrolls: once the wall
 * has become lower, the browser has moved it already.
 *
 * @returns what holds the time under a pointer (its y in the window) for the next change of scale, and what goes to a time and a ladder
 */
export function useKeptPlace(kept: Kept) {
  const { scale, standing, minute } = kept;
  const refs = useRef(kept);
  const last = useRef<{ scale: TimeScale | null; standing: Standing[] | null }>({ scale: null, standing: null });
  const anchor = useRef({ minute, ladder: null as number | null, inside: 0 });
  const pointer = useRef<{ minute: number; y: number } | null>(null);
  /** Where it was put: that is nobody's scrolling, and what was wanted may lie beyond the end. */
  const put = useRef<{ top: number | null; left: number | null }>({ top: null, left: null });
  useEffect(() => {
    refs.current = kept;
  });

  useEffect(() => {
    const box = refs.current.scroller.current;
    if (!box) return;
    const remember = () => {
      const { field, onMoved } = refs.current;
      const { scale: drawn, standing: stands } = last.current;
      const own = field.current;
      if (!own || !drawn || !stands) return;
      const [down, across] = [box.scrollTop !== put.current.top, box.scrollLeft !== put.current.left];
      if (down) {
        put.current.top = null;
        anchor.current.minute = drawn.minuteAt(middleOf(box) - own.getBoundingClientRect().top);
      }
      if (across) {
        put.current.left = null;
        const first = stands.find((s) => s.x + s.width > box.scrollLeft) ?? null;
        anchor.current.ladder = first?.order ?? null;
        anchor.current.inside = first ? box.scrollLeft - first.x : 0;
      }
      if (!down && !across) return;
      onMoved(anchor.current.minute, box.scrollLeft > 0 ? anchor.current.ladder : null);
    };
    box.addEventListener('scroll', remember, { passive: true });
    return () => box.removeEventListener('scroll', remember);
  }, []);

  useLayoutEffect(() => {
    const { scroller, field, from } = refs.current;
    const [box, own] = [scroller.current, field.current];
    if (!box || !own || last.current.scale === scale) return;
    const first = last.current.scale === null;
    last.current.scale = scale;
    const begun = first && from.minute === null;
    const middle = begun
      ? box.getBoundingClientRect().top + box.clientHeight * (scale.climbs ? 0.66 : 0.25)
      : middleOf(box);
    const held = pointer.current ?? { minute: first ? (from.minute ?? minute) : anchor.current.minute, y: middle };
    pointer.current = null;
    box.scrollTop += own.getBoundingClientRect().top + scale.y(held.minute) - held.y;
    put.current.top = box.scrollTop;
    // Held is what was in the middle; under a pointer, or at the beginning, that is another time.
    if (begun || held.y !== middle)
      anchor.current.minute = scale.minuteAt(middleOf(box) - own.getBoundingClientRect().top);
    else anchor.current.minute = held.minute;
  }, [scale, minute]);

  useLayoutEffect(() => {
    const box = refs.current.scroller.current;
    if (!box || last.current.standing === standing) return;
    const first = last.current.standing === null;
    last.current.standing = standing;
    const wanted = first ? refs.current.from.ladder : anchor.current.ladder;
    const there = standing.find((s) => s.order === wanted);
    if (there) box.scrollLeft = there.x + (first ? 0 : Math.min(anchor.current.inside, there.width));
    put.current.left = box.scrollLeft;
    if (first && there) anchor.current = { ...anchor.current, ladder: there.order, inside: 0 };
  }, [standing]);

  const hold = useCallback((y: number) => {
    const own = refs.current.field.current;
    if (own) pointer.current = { minute: refs.current.scale.minuteAt(y - own.getBoundingClientRect().top), y };
  }, []);
  const goTo = useCallback((to: number | null, order: number | null = null) => {
    const { scroller, field, scale: drawn, standing: stands } = refs.current;
    const [box, own] = [scroller.current, field.current];
    if (!box || !own) return;
    if (to !== null) box.scrollTop += own.getBoundingClientRect().top + drawn.y(to) - middleOf(box);
    const there = stands.find((s) => s.order === order);
    if (there) box.scrollLeft = Math.max(0, there.x + there.width / 2 - box.clientWidth / 2);
  }, []);
  return { hold, goTo };
}

const middleOf = (box: HTMLElement) => box.getBoundingClientRect().top + box.clientHeight / 2;
