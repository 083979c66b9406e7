'use client';

import dynamic from 'next/dynamic';
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import type { TimeScale } from '../ladder/time-scale';
import { useMedia } from '../parts/use-media';

const Dragging = dynamic(() => import('./dragging').then((m) => m.Dragging), { ssr: false });

/** Holds the rungs. What lets them be dragged is loaded as soon as a mouse comes near them; where fingers point, at once. */
export function DragRungs({ scale, trial, children }: { scale: TimeScale; trial: boolean; children: ReactNode }) {
  const holder = useRef<HTMLDivElement>(null);
  const pressed = useRef<Event | null>(null);
  const [near, setNear] = useState(false);
  const fingers = useMedia('(any-pointer: coarse)');
  useEffect(() => {
    const released = () => (pressed.current = null);
    window.addEventListener('mouseup', released);
    return () => window.removeEventListener('mouseup', released);
  }, []);
  const takeOver = useCallback(() => {
    const event = pressed.current;
    pressed.current = null;
    return event;
  }, []);
  return (
    <div
      ref={holder}
      className="zl-holder"
      onPointerMove={near ? undefined : () => setNear(true)}
      onMouseDown={(e) => {
        pressed.current = e.nativeEvent;
        setNear(true);
      }}
    >
      {children}
      {(near || fingers) && <Dragging holder={holder} takeOver={takeOver} scale={scale} trial={trial} />}
    </div>
  );
}
