'use client';

import { useCallback, useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import type { TimeScale } from './time-scale';

interface Keys {
  scroller: RefObject<HTMLDivElement | null>;
  ladders: LadderView[];
  scale: TimeScale;
  minute: number;
  /** Brings a time and a ladder into sight that may not be drawn. */
  goTo?: (minute: number | null, order?: number | null) => void;
  /** Takes a rung up; absent where they cannot be moved. */
  onTake?: ((step: string, start: number, keys: boolean) => void) | undefined;
}

/** So many frames a rung is waited for that has to be scrolled to first. */
const PATIENCE = 20;

const movable = (rung: RungView) => rung.state !== 'done' && rung.state !== 'running';

/** Rungs are one stop of the keyboard: arrows go from one to the next in time, and to the ladder beside. */
export function useRungKeys(given: Keys) {
  const refs = useRef(given);
  useEffect(() => {
    refs.current = given;
  });
  const focusRung = useCallback((order: number, step: string) => {
    const { scroller, goTo, ladders } = refs.current;
    const find = () => scroller.current?.querySelector<HTMLElement>(`[data-ladder="${order}"] [data-step="${step}"]`);
    const rung = ladders.find((l) => l.order === order)?.rungs.find((r) => r.step === step);
    if (!find()) goTo?.(rung?.start ?? null, order);
    let frames = 0;
    const look = () => {
      const found = find();
      if (found) {
        found.focus({ preventScroll: true });
        found.scrollIntoView({ block: 'nearest', inline: 'nearest' });
      } else if ((frames += 1) < PATIENCE) requestAnimationFrame(look);
    };
    look();
  }, []);
  const keyDown = useCallback(
    (e: KeyboardEvent<HTMLElement>) => {
      const { ladders, scale, minute, onTake } = refs.current;
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      const target = e.target as HTMLElement;
      const step = target.dataset.step;
      const at = ladders.findIndex(
        (l) => `${l.order}` === target.closest<HTMLElement>('[data-ladder]')?.dataset.ladder,
      );
      const rung = ladders[at]?.rungs.find((r) => r.step === step);
      if (rung && e.key === 'm' && onTake && movable(rung)) onTake(rung.step, rung.start, true);
      else if (e.key.startsWith('Arrow') && (rung || target === e.currentTarget)) {
        const to = rung ? neighbour(ladders, at, rung, e.key, scale.climbs) : nearest(ladders, minute);
        if (to) focusRung(to.ladder.order, to.rung.step);
      } else return;
      e.preventDefault();
    },
    [focusRung],
  );
  return { focusRung, keyDown };
}

interface Found {
  ladder: LadderView;
  rung: RungView;
}

const inTime = (ladder: LadderView) =>
  [...ladder.rungs].sort((a, b) => a.start - b.start || a.step.localeCompare(b.step));

function closest(ladder: LadderView, minute: number): RungView | null {
  const away = (r: RungView) => Math.abs(r.start - minute);
  return ladder.rungs.reduce<RungView | null>((best, r) => (!best || away(r) < away(best) ? r : best), null);
}

/** The rung that an arrow leads to. */
function neighbour(ladders: LadderView[], at: number, rung: RungView, key: string, climbs: boolean): Found | null {
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    const all = inTime(ladders[at]!);
    const later = (key === 'ArrowUp') === climbs;
    const next = all[all.indexOf(rung) + (later ? 1 : -1)];
    return next ? { ladder: ladders[at]!, rung: next } : null;
  }
  for (let i = at + (key === 'ArrowRight' ? 1 : -1); ladders[i]; i += key === 'ArrowRight' ? 1 : -1) {
    const beside = closest(ladders[i]!, rung.start);
    if (beside) return { ladder: ladders[i]!, rung: beside };
  }
  return null;
}

/** The rung that is nearest to now, of all ladders. */
function nearest(ladders: LadderView[], minute: number): Found | null {
  const found = ladders.flatMap((ladder): Found[] => {
    const rung = closest(ladder, minute);
    return rung ? [{ ladder, rung }] : [];
  });
  const away = (f: Found) => Math.abs(f.rung.start - minute);
  return found.sort((a, b) => away(a) - away(b))[0] ?? null;
}
