'use client';

import { say } from '@/core/words/say';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { moveAlong, type Hindrance, type MovedAlong } from '@/core/steering/move-along';
import type { MoveView } from '@/server/steps/move-view';
import { steerAction } from '../actions';
import { stepMove } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import type { useAction } from '../parts/use-action';

/** A rung in the hand: where it would lie, and what moves along. */
export interface Move {
  step: string;
  /** Where it was taken from, and where it is held. Minutes after the clock's origin. */
  from: number;
  start: number;
  /** Null until it is known what hangs on it. */
  along: MovedAlong | null;
  /** Who would do it there. */
  people: { id: string; name: string }[];
  hindrance: Hindrance | { kind: 'hands'; text: string } | null;
  /** Minutes after its pickup at which an order would leave; null where none would. */
  late: number | null;
  keys: boolean;
}

/** What is in the hand; each time it is taken up it is asked anew what hangs on it. */
interface Held {
  step: string;
  from: number;
  start: number;
  keys: boolean;
  taken: number;
}

/** Rungs are set down on full five minutes. */
const GRID = 5;

/** Taking a rung up, moving it, setting it down: pinned, with the plan made anew around it. */
export function useMove(action: ReturnType<typeof useAction>) {
  const [held, setHeld] = useState<Held | null>(null);
  /** What has been set down, and is shown there while the plan is made. */
  const [settling, setSettling] = useState<Move | null>(null);
  const asked = useAsked(held && stepMove(held.step), held?.taken);
  const view = asked.answer;
  /** Enter came before it was known what hangs on it: it is set down as soon as that is. */
  const awaited = useRef(false);

  const begin = useCallback((step: string, from: number, keys: boolean) => {
    awaited.current = false;
    setHeld((before) => ({ step, from, start: from, keys, taken: (before?.taken ?? 0) + 1 }));
  }, []);
  const to = useCallback((minute: number) => {
    const start = Math.round(minute / GRID) * GRID;
    setHeld((now) => now && (now.start === start ? now : { ...now, start }));
  }, []);
  const cancel = useCallback(() => {
    awaited.current = false;
    setHeld(null);
  }, []);

  const move = useMemo((): Move | null => {
    if (!held) return null;
    const known = view?.step === held.step ? view : null;
    if (!known) return { ...held, along: null, people: [], hindrance: null, late: null };
    const along = moveAlong(known.network, held.step, held.start);
    const { people, problem } = handsAt(known, held.start);
    const late = known.pickups.map((p) => (along.starts.get(p.step) ?? p.pickup) - p.pickup).filter((l) => l > 0);
    return {
      ...{ ...held, along, people, late: late.length > 0 ? Math.max(...late) : null },
      hindrance: along.hindrance ?? (problem ? { kind: 'hands', text: problem } : null),
    };
  }, [held, view]);

  const commit = () => {
    // With keys it stays in the hand until it can be set down, or is let go.
    if (move?.keys && (move.hindrance || !move.along)) {
      awaited.current = move.along === null;
      return;
    }
    if (!move || !view || view.step !== move.step) return cancel();
    setHeld(null);
    if (move.start === move.from || move.hindrance) return;
    const to = { start: move.start, people: move.people.map((p) => p.id), equipment: view.equipment };
    setSettling(move);
    action.run(() => steerAction([{ kind: 'pin', key: move.step, to }]));
  };
  /** With a rung in the hand that was taken up by keys; says whether the key was for it. */
  const keyDown = (e: React.KeyboardEvent, climbs: boolean): boolean => {
    if (!move?.keys) return false;
    const by = (climbs ? 1 : -1) * (e.shiftKey ? 6 : 1) * GRID;
    if (e.key === 'ArrowUp') to(move.start + by);
    else if (e.key === 'ArrowDown') to(move.start - by);
    else if (e.key === 'Enter') commit();
    else if (e.key === 'Escape') cancel();
    else return false;
    e.preventDefault();
    e.stopPropagation();
    return true;
  };
  const { problem } = asked;
  const { say: complain } = action;
  useEffect(() => {
    if (problem !== null) complain(say`What moves along could not be read: ${problem}`);
  }, [problem, complain]);
  useEffect(() => {
    if (!awaited.current || !move?.along) return;
    awaited.current = false;
    commit();
  });
  const planning = move === null && action.busy && settling !== null;
  return { move: planning ? settling : move, planning, begin, to, cancel, commit, keyDown };
}

/** Who does a step at a time: those who have it if they are there, else others who can; what they have planned gives way. */
function handsAt(view: MoveView, start: number): { people: MoveView['hands']; problem: string | null } {
  const minutes = view.network.steps.find((s) => s.id === view.step)?.minutes ?? 0;
  const end = start + minutes;
  const there = view.hands.filter((h) => h.shifts.some(([a, b]) => start >= a && end <= b));
  if (there.length < view.crew)
    return {
      people: [],
      problem: there.length === 0 ? say`nobody who can do it is on shift then` : say`too few are on shift`,
    };
  const busy = (h: MoveView['hands'][number]) => h.busy.some((b) => b.start < end && b.end > start);
  const rank = (h: MoveView['hands'][number]) => (busy(h) ? 2 : 0) + (view.has.includes(h.id) ? 0 : 1);
  return { people: [...there].sort((a, b) => rank(a) - rank(b)).slice(0, view.crew), problem: null };
}
