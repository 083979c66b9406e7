'use client';

import { DndContext, MouseSensor, TouchSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { useEffect, useRef, type RefObject } from 'react';
import type { TimeScale } from '../ladder/time-scale';
import { useMoveActions } from './moving';

/** The rung under a pointer that may be moved: nothing that is done or under way. */
function movableRung(target: EventTarget | null): HTMLElement | null {
  const rung = (target as Element | null)?.closest<HTMLElement>('.zl-rung') ?? null;
  return rung && rung.dataset.state !== 'done' && rung.dataset.state !== 'running' ? rung : null;
}

/** What is in the hand, and what moves along, is said beside it in words: the library need not say it as well. */
const nothing = () => undefined;
const SILENT = { onDragStart: nothing, onDragOver: nothing, onDragEnd: nothing, onDragCancel: nothing };

export interface DraggingProps {
  /** What holds the rungs. */
  holder: RefObject<HTMLElement | null>;
  /** The press of a mouse button that went down before this was there, and is still down. */
  takeOver: () => Event | null;
  scale: TimeScale;
  /** A copy is looked at, in which nothing is moved. */
  trial: boolean;
}

/**
 * Lets rungs be dragged through time. The field is what the library holds, and which rung is meant is looked up as it is taken: hundreds of
 * things to be dragged, each told of every move, would make the wall slow. It lies beside the field, not around it, so that it can come after it.
 */
export function Dragging({ holder, takeOver, scale, trial }: DraggingProps) {
  const { begin, to, commit, cancel } = useMoveActions();
  const from = useRef<number | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  return (
    <DndContext
      sensors={sensors}
      accessibility={{ announcements: SILENT }}
      autoScroll={{ threshold: { x: 0, y: 0.12 } }}
      onDragStart={({ activatorEvent }) => {
        const rung = movableRung(activatorEvent.target);
        from.current = rung && Number(rung.dataset.start);
        if (rung) begin(rung.dataset.step!, from.current!, false);
      }}
      onDragMove={({ delta }) => from.current !== null && to(scale.minuteAt(scale.y(from.current) + delta.y))}
      onDragEnd={commit}
      onDragCancel={cancel}
    >
      <Taken holder={holder} takeOver={takeOver} disabled={trial} />
    </DndContext>
  );
}

/** Hands what is pressed on a rung over to the library. */
function Taken({ holder, takeOver, disabled }: Pick<DraggingProps, 'holder' | 'takeOver'> & { disabled: boolean }) {
  const { setNodeRef, listeners } = useDraggable({ id: 'rung', disabled });
  const newest = useRef(listeners);
  useEffect(() => {
    newest.current = listeners;
  });
  useEffect(() => {
    const held = holder.current;
    if (!held) return;
    setNodeRef(held);
    // The library asks for events as React gives them, and looks at nothing but what lies within.
    const over = (name: 'onMouseDown' | 'onTouchStart') => (nativeEvent: Event) => {
      if (movableRung(nativeEvent.target)) newest.current?.[name]?.({ nativeEvent });
    };
    const [pressed, touched] = [over('onMouseDown'), over('onTouchStart')];
    held.addEventListener('mousedown', pressed);
    held.addEventListener('touchstart', touched, { passive: true });
    const before = takeOver();
    if (before) pressed(before);
    return () => {
      held.removeEventListener('mousedown', pressed);
      held.removeEventListener('touchstart', touched);
    };
  }, [holder, takeOver, setNodeRef]);
  return null;
}
