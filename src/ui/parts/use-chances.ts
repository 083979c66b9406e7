import type { Chance } from '@/server/plan/chances';
import { CHANCES } from '../asking/questions';
import { useAsked, type Asked } from '../asking/use-asked';

/** Chances of being ready by order, as soon as the days have been lived through; empty until then. */
export function useChances(plan: number | null): {
  chances: ReadonlyMap<number, Chance>;
  asked: Pick<Asked<unknown>, 'problem' | 'again'>;
} {
  const asked = useAsked(plan === null ? null : CHANCES, plan ?? '');
  const of = asked.answer?.plan === plan ? asked.answer : null;
  return { chances: of ? new Map(of.orders.map((o) => [o.order, o])) : NONE, asked };
}

const NONE: ReadonlyMap<number, Chance> = new Map();
