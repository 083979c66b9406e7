'use client';

import { DndContext, MouseSensor, TouchSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { useRef, type ReactNode } from 'react';
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

/**
 * Lets rungs be dragged through time. The field is what the library holds, and which rung is meant is looked up as it is taken: hundreds of
 * things to be dragged, each told of every move, would make the wall slow.
 */
export function DragRungs({ scale, trial, children }: { scale: TimeScale; trial: boolean; children: ReactNode }) {
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
      <Holder disabled={trial}>{children}</Holder>
    </DndContext>
  );
}

function Holder({ disabled, children }: { disabled: boolean; children: ReactNode }) {
  const { setNodeRef, listeners } = useDraggable({ id: 'rung', disabled });
  const only = (name: 'onMouseDown' | 'onTouchStart') => (e: React.SyntheticEvent) => {
    if (movableRung(e.target)) listeners?.[name]?.(e);
  };
  return (
    <div ref={setNodeRef} className="zl-holder" onMouseDown={only('onMouseDown')} onTouchStart={only('onTouchStart')}>
      {children}
    </div>
  );
}
