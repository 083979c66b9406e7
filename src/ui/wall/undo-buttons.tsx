'use client';

import { say } from '@/core/words/say';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import { useEffect, useRef } from 'react';
import type { WallView } from '@/server/wall/wall-view';
import { redoEditAction, undoEditAction } from '../actions';
import { isTyping } from '../parts/is-typing';
import { Tool } from '../parts/tool';
import { useAction } from '../parts/use-action';

type Way = 'undo' | 'redo';

/**
 * Takes the last edit of the plan back, or makes it again; also by Ctrl/⌘ Z, with Shift the other way. Pressed while something is being set down or
 * taken back, it is done as soon as that is: what is meant is what was done last.
 */
export function UndoButtons({ edits, busy: settling }: { edits: WallView['edits']; busy: boolean }) {
  const action = useAction();
  const busy = settling || action.busy;
  // Asked for even where the wall that is shown knows of no edit: it may be older than what was just done.
  const go = (way: Way) => action.run(() => (way === 'undo' ? undoEditAction() : redoEditAction()));
  const undo = () => go('undo');
  const redo = () => go('redo');
  const pressed = useRef<Way[]>([]);
  const press = useRef<(way: Way) => void>((way) => pressed.current.push(way));
  useEffect(() => {
    press.current = (way) => (busy ? pressed.current.push(way) : go(way));
    if (busy) return;
    const next = pressed.current.shift();
    if (next) go(next);
  });
  useEffect(() => {
    const heard = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || isTyping(e.target)) return;
      e.preventDefault();
      press.current(e.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  }, []);
  return (
    <>
      <Tool name={edits.undo ? say`Undo: ${edits.undo}` : say`Undo`} off={!edits.undo || busy} onClick={undo}>
        <Undo />
      </Tool>
      <Tool name={edits.redo ? say`Do again: ${edits.redo}` : say`Do again`} off={!edits.redo || busy} onClick={redo}>
        <Redo />
      </Tool>
      {action.message}
    </>
  );
}
