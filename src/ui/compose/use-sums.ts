'use client';

import { useEffect, useRef, useState } from 'react';
import type { Sums } from '@/core/compose/sums';
import type { DesignProblem } from '@/core/design/design-problem';
import type { Design } from '@/core/design/design';
import type { ComposerKitchen } from '@/server/orders/composer';
import type { SumsAnswer, ToSums } from './sums-messages';

type Answers = Extract<ToSums, { design: Design }>['answers'];

/** What is known of the design that is shown. */
export interface Reckoned {
  /** Of the last design that could be reckoned. */
  sums: Sums | null;
  /** What is wrong with the one that is there now. */
  problems: DesignProblem[];
  failed: string | null;
  /** How long it took, ms. */
  ms: number | null;
}

const NOTHING: Reckoned = { sums: null, problems: [], failed: null, ms: null };

/** What a design comes to, reckoned in a worker; nothing until the kitchen is there. */
export function useSums(kitchen: ComposerKitchen | undefined, design: Design, answers: Answers): Reckoned {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [known, setKnown] = useState<Reckoned>(NOTHING);

  useEffect(() => {
    if (!kitchen) return;
    const own = new Worker(new URL('./sums.worker.ts', import.meta.url), { type: 'module' });
    const tell = (message: ToSums) => own.postMessage(message);
    own.onmessage = ({ data }: MessageEvent<SumsAnswer>) => {
      if (data.asked !== asked.current) return;
      setKnown((before) => {
        if ('failed' in data) return { ...before, failed: data.failed };
        const { sums, ms } = data;
        const failed = null;
        return 'pieces' in sums
          ? { sums, problems: sums.problems, failed, ms }
          : { ...before, problems: sums.problems, failed, ms };
      });
    };
    tell({ kitchen });
    worker.current = own;
    return () => {
      own.terminate();
      worker.current = null;
    };
  }, [kitchen]);

  const sent = JSON.stringify(answers);
  useEffect(() => {
    if (!kitchen) return;
    const next: ToSums = { asked: ++asked.current, design, answers: JSON.parse(sent) as Answers };
    worker.current?.postMessage(next);
  }, [kitchen, design, sent]);

  return known;
}
