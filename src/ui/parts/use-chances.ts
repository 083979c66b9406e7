import { useMemo } from 'react';
import type { Chance } from '@/server/plan/chances';
import { CHANCES } from '../asking/questions';
import { useAsked, type Asked } from '../asking/use-asked';

/** Chances of being ready by order, as soon as the days have been lived through; empty until then. */
export function useChances(plan: number | null): {
  chances: ReadonlyMap<number, Chance>;
  asked: Pick<Asked<unknown>, 'problem' | 'again'>;
} {
  const asked = useAsked(plan === null ? null : CHANCES, plan ?? '');
  const { answer } = asked;
  // A wall is drawn anew at every step of a drag: what it looks up is made once.
  const chances = useMemo(
    () => new Map(answer?.plan === plan ? answer.orders.map((o) => [o.order, o]) : []),
    [answer, plan],
  );
  return { chances, asked };
}
