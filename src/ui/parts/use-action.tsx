'use client';

import { say } from '@/core/words/say';
import { useRouter } from 'next/navigation';
import { useCallback, useState, useTransition, type ReactNode } from 'react';
import type { Result } from '@/server/shared/result';
import { Toast } from './toast';
import { showAgain } from './show-again';

const LOST = say`The kitchen’s server did not answer. Nothing was lost that had been confirmed; try again.`;
const LATER = say`It is kept, but not planned yet: the plan that you see does not know of it.`;

type Done = Result<{ planned?: boolean }>;

/** Runs one change on the server: busy while it runs, and says in words what went wrong. */
export function useAction(): {
  busy: boolean;
  run: (action: () => Promise<Done>) => void;
  /** Says what went wrong with something else. */
  say: (problem: string) => void;
  message: ReactNode;
} {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [problem, setProblem] = useState<string | null>(null);
  const run = (action: () => Promise<Done>) =>
    start(async () => {
      try {
        const result = await action();
        setProblem(result.ok ? (result.planned === false ? LATER : null) : result.message);
      } catch {
        setProblem(LOST);
      }
      showAgain(router);
    });
  const close = useCallback(() => setProblem(null), []);
  const message = problem === null ? null : <Toast text={problem} onClose={close} />;
  return { busy, run, say: setProblem, message };
}
