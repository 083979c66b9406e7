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

/** Takes the last edit of the plan back, or makes it again; also by Ctrl/⌘ Z, with Shift the other way. */
export function UndoButtons({ edits }: { edits: WallView['edits'] }) {
  const action = useAction();
  const undo = () => edits.undo && action.run(() => undoEditAction());
  const redo = () => edits.redo && action.run(() => redoEditAction());
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
      <Tool name={edits.undo ? say`Undo: ${edits.undo}` : say`Undo`} off={!edits.undo || action.busy} onClick={undo}>
        <Undo />
      </Tool>
      <Tool
        name={edits.redo ? say`Do again: ${edits.redo}` : say`Do again`}
        off={!edits.redo || action.busy}
        onClick={redo}
      >
        <Redo />
      </Tool>
      {action.message}
    </>
  );
}
