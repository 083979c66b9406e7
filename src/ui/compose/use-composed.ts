'use client';

import { useEffect, useMemo, useState } from 'react';
import { isThere, samePlace, type Place } from '@/core/compose/place';
import type { Formula } from '@/core/formula/formula';
import type { Design } from '@/core/design/design';
import { COMPOSER_KITCHEN } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { isTyping } from '../parts/is-typing';
import { inBrowser } from './in-browser';
import { thick, without } from './on-the-cake';
import { useDesign } from './use-design';
import { useSums } from './use-sums';

const NONE: readonly Formula[] = [];

/** A cake that is composed on its section, whatever it is composed for: the design with its undo, what is touched on it, and what it comes to. */
export type Composed = ReturnType<typeof useComposed>;

/** `older`: formulas that the cake stays with, though the kitchen has newer ones. */
export function useComposed(first: Design, answers: Parameters<typeof useSums>[2], older: readonly Formula[] = NONE) {
  const history = useDesign(first);
  const { design, change, undo, redo } = history;
  const [chosen, choose] = useState<Place | null>(null);
  const { answer } = useAsked(COMPOSER_KITCHEN);
  const sent = useMemo(() => {
    if (!answer || older.length === 0) return answer;
    const own = new Map(older.map((f) => [f.id, f]));
    return { ...answer, formulas: answer.formulas.map((f) => own.get(f.id) ?? f) };
  }, [answer, older]);
  const kitchen = useMemo(() => (sent ? inBrowser(sent) : null), [sent]);
  const reckoned = useSums(sent ?? undefined, history, answers);

  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || isTyping(e.target)) return;
      e.preventDefault();
      if (e.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [undo, redo]);

  const strata = () => reckoned.sums?.pieces.flatMap((p) => [...p.strata, ...p.coats]) ?? [];
  return {
    ...history,
    ...{ kitchen, reckoned, choose },
    /** What is touched, as long as it is there. */
    place: chosen && isThere(chosen, design) ? chosen : null,
    thicker: (at: Place, from: number, by: number, goesOn: boolean) =>
      change((d) => thick(d, at, from + by), { goesOn }),
    takeOut: (at: Place) => {
      if (kitchen) change((d) => without(d, at, kitchen.blocks));
    },
    thicknessOf: (at: Place): number => strata().find((s) => samePlace(s.place, at))?.thickness ?? 0,
  };
}
