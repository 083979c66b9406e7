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

/** What a design comes to, reckoned in a worker; nothing until the kitchen is there, and nothing of another cake. */
export function useSums(
  kitchen: ComposerKitchen | undefined,
  { design, cake }: { design: Design; cake: number },
  answers: Answers,
): Reckoned {
  const worker = useRef<Worker | null>(null);
  const asked = useRef({ number: 0, cake });
  const [known, setKnown] = useState({ ...NOTHING, cake });

  useEffect(() => {
    if (!kitchen) return;
    const own = new Worker(new URL('./sums.worker.ts', import.meta.url), { type: 'module' });
    const tell = (message: ToSums) => own.postMessage(message);
    own.onmessage = ({ data }: MessageEvent<SumsAnswer>) => {
      const { number, cake: of } = asked.current;
      if (data.asked !== number) return;
      setKnown((last) => {
        const before = last.cake === of ? last : { ...NOTHING, cake: of };
        if ('failed' in data) return { ...before, failed: data.failed };
        const { sums, ms } = data;
        const failed = null;
        return 'pieces' in sums
          ? { sums, problems: sums.problems, failed, ms, cake: of }
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
    asked.current = { number: asked.current.number + 1, cake };
    const next: ToSums = { asked: asked.current.number, design, answers: JSON.parse(sent) as Answers };
    worker.current?.postMessage(next);
  }, [kitchen, design, cake, sent]);

  return known.cake === cake ? known : NOTHING;
}
