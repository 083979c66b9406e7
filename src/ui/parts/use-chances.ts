import { useMemo } from 'react';
import type { Chance } from '@/server/plan/chances';
import { CHANCES_EVERY } from '@/core/time/chances-every';
import { CHANCES } from '../asking/questions';
import { useAsked, type Asked } from '../asking/use-asked';
import { PLAN_STANDS, useSettled } from '../asking/use-settled';

/**
 * Chances of being ready by order, as soon as the days have been lived through; empty until then. With another plan, and as time passes, they
 * are reckoned anew: meanwhile the former ones stand, and are `old`.
 */
export function useChances(
  plan: number | null,
  minute: number,
): {
  chances: ReadonlyMap<number, Chance>;
  /** How many days they are known from. */
  days: number;
  old: boolean;
  asked: Pick<Asked<unknown>, 'problem' | 'again'>;
} {
  const version = useSettled(`${plan} ${Math.floor(minute / CHANCES_EVERY)}`, PLAN_STANDS);
  const asked = useAsked(plan === null ? null : CHANCES, version, { keepOld: true });
  const { answer } = asked;
  // A wall is drawn anew at every step of a drag: what it looks up is made once.
  const chances = useMemo(() => new Map(plan === null ? [] : answer?.orders.map((o) => [o.order, o])), [answer, plan]);
  return {
    chances,
    days: answer?.days ?? 0,
    old: asked.old || (answer !== null && answer !== undefined && answer.plan !== plan),
    asked,
  };
}
