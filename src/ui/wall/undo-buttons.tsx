'use client';

import { say } from '@/core/words/say';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import IconButton from '@mui/material/IconButton';
import { useEffect, useRef } from 'react';
import type { WallView } from '@/server/wall/wall-view';
import { redoEditAction, undoEditAction } from '../actions';
import { isTyping } from '../parts/is-typing';
import { useAction } from '../parts/use-action';

/** Takes the last edit of the plan back, or makes it again; also by Ctrl/⌘ Z, with Shift the other way. */
export function UndoButtons({ edits }: { edits: WallView['edits'] }) {
  const action = useAction();
  const undo = () => edits.undo && !action.busy && action.run(() => undoEditAction());
  const redo = () => edits.redo && !action.busy && action.run(() => redoEditAction());
  const keys = useRef({ undo, redo });
  useEffect(() => {
    keys.current = { undo, redo };
  });
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || isTyping(e.target)) return;
      e.preventDefault();
      if (e.shiftKey) keys.current.redo();
      else keys.current.undo();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return (
    <>
      <IconButton
        aria-label={edits.undo ? say`Undo: ${edits.undo}` : say`Undo`}
        title={edits.undo ? say`Undo: ${edits.undo}` : say`No edit to undo`}
        disabled={!edits.undo || action.busy}
        onClick={undo}
      >
        <Undo />
      </IconButton>
      <IconButton
        aria-label={edits.redo ? say`Do again: ${edits.redo}` : say`Do again`}
        title={edits.redo ? say`Do again: ${edits.redo}` : say`No edit to do again`}
        disabled={!edits.redo || action.busy}
        onClick={redo}
      >
        <Redo />
      </IconButton>
      {action.message}
    </>
  );
}
