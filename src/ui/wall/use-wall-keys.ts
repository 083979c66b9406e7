'use client';

import { useCallback, useEffect, useRef, type RefObject } from 'react';
import type { Clock } from '@/core/time/clock';
import { shownAt } from '@/core/time/clock-text';
import type { TimeScale } from '../ladder/time-scale';
import { isTyping } from '../parts/is-typing';
import type { FieldHandle } from './field';
import { inTurn, type Problem } from './problems';
import type { WallLook } from './wall-place';

interface Given {
  clock: Clock;
  scale: TimeScale;
  minute: number;
  problems: Problem[];
  field: RefObject<FieldHandle | null>;
  onZoom: (steps: 1 | -1) => void;
  onLook: (look: WallLook) => void;
}

/** A day is looked at around this time. Hours. */
const NOON = 12;

/**
 * The wall's own keys: to now, to the next problem and the one before, a day later and earlier, nearer and farther, and the looks. Returns what
 * goes to the next problem, for who has no keys.
 */
export function useWallKeys(given: Given): (steps: 1 | -1) => void {
  const refs = useRef(given);
  const at = useRef(-1);
  const day = useRef<number | null>(null);
  useEffect(() => {
    refs.current = given;
  });
  const goToProblem = useCallback((steps: 1 | -1) => {
    const { problems, field } = refs.current;
    if (problems.length === 0) return;
    at.current = inTurn(at.current, steps, problems.length);
    const { order, step, minute } = problems[at.current]!;
    field.current?.goTo(minute, order);
    if (step !== null) field.current?.focusRung(order, step);
  }, []);
  useEffect(() => {
    const goToDay = (days: number) => {
      const { clock, minute, field } = refs.current;
      const from = day.current ?? minute;
      const { hour, minute: past } = shownAt(from, clock);
      day.current = from + 1440 * days + 60 * (NOON - Number(hour)) - Number(past);
      field.current?.goTo(day.current);
    };
    const pressed = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      if ((e.target as Element | null)?.closest('[role=dialog], [role=menu], [role=listbox]')) return;
      const { field, minute, onZoom, onLook } = refs.current;
      switch (e.key) {
        case 'n':
          day.current = null;
          field.current?.goTo(minute);
          break;
        case 'p':
          goToProblem(1);
          break;
        case 'P':
          goToProblem(-1);
          break;
        case ']':
          goToDay(1);
          break;
        case '[':
          goToDay(-1);
          break;
        case '+':
          onZoom(1);
          break;
        case '-':
          onZoom(-1);
          break;
        case 'd':
          onLook('day');
          break;
        case 'w':
          onLook('week');
          break;
        case 'o':
          onLook('order');
          break;
        default:
          return;
      }
      e.preventDefault();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [goToProblem]);
  return goToProblem;
}
