import type { PreparationKind } from '../breakdown/steps/preparations';
import { mergeSpans, type Span } from '../time/spans';

/** What loses nothing by being seen to the evening before; all else is done as soon as somebody is in. */
const OVERNIGHT: ReadonlySet<PreparationKind> = new Set(['line', 'chill']);
/** Longer before its step nothing is prepared: after a day on which the kitchen is closed, it is done on arrival. Minutes. */
const A_NIGHT = 24 * 60;
/** What is done last in the evening is done so long before they leave. Minutes. */
const BEFORE_LEAVING = 15;

/** When somebody is in: the shifts of all people, sorted, disjoint. */
export type Presence = readonly Span[];

/** The spans in which at least one of them is in. */
export const presenceOf = (shifts: Span[]): Presence => mergeSpans(shifts);

/**
 * When a preparation is seen to: its lead before the step, where somebody is in then. Else the evening before, for what can wait a night; for
 * what cannot, as soon as somebody is in, though that is less than its lead. Never after the step begins.
 */
export function preparedAt(kind: PreparationKind, start: number, before: number, presence: Presence): number {
  const wanted = start - before;
  if (presence.some(([from, to]) => from <= wanted && wanted < to)) return wanted;
  const earlier = presence.filter(([, to]) => to <= wanted && to > start - A_NIGHT).at(-1);
  if (OVERNIGHT.has(kind) && earlier) return Math.max(earlier[0], earlier[1] - BEFORE_LEAVING);
  const next = presence.find(([from]) => from > wanted);
  return next ? Math.min(next[0], start) : wanted;
}
