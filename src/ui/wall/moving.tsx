'use client';

import { createContext, useContext, useEffect, useMemo, useRef, type KeyboardEvent, type ReactNode } from 'react';
import type { Clock } from '@/core/time/clock';
import type { useAction } from '../parts/use-action';
import { MoveNote } from './move-note';
import { useMove, type Move } from './use-move';

/** What a hand does to a rung. These never change, so that who holds them is not drawn again as something moves. */
interface MoveActions {
  begin: (step: string, start: number, keys: boolean) => void;
  to: (minute: number) => void;
  commit: () => void;
  cancel: () => void;
  /** With a rung in the hand that was taken up by keys; says whether the key was for it. */
  keyDown: (e: KeyboardEvent, climbs: boolean) => boolean;
}

const MoveContext = createContext<Move | null>(null);
const ActionsContext = createContext<MoveActions | null>(null);

/** The rung in the hand, for the ladders that it is on: only they are drawn again at each move. */
export const useMoved = () => useContext(MoveContext);
export const useMoveActions = () => useContext(ActionsContext)!;

/** Keeps what is in the hand, and says what setting it down would do. */
export function Moving({
  action,
  clock,
  nameOf,
  children,
}: {
  action: ReturnType<typeof useAction>;
  clock: Clock;
  nameOf: (step: string) => string;
  children: ReactNode;
}) {
  const moving = useMove(action);
  const newest = useRef(moving);
  useEffect(() => {
    newest.current = moving;
  });
  const { begin, to, cancel } = moving;
  const actions = useMemo(
    (): MoveActions => ({
      ...{ begin, to, cancel },
      commit: () => newest.current.commit(),
      keyDown: (e, climbs) => newest.current.keyDown(e, climbs),
    }),
    [begin, to, cancel],
  );
  return (
    <ActionsContext value={actions}>
      <MoveContext value={moving.move}>
        {children}
        {moving.move && (
          <MoveNote move={moving.move} name={nameOf(moving.move.step)} clock={clock} planning={moving.planning} />
        )}
      </MoveContext>
    </ActionsContext>
  );
}
