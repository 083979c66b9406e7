import { valueAt } from '../ids/value-at';
import { EQUIPMENT_KINDS } from '../kinds/equipment';
import type { Equipment, OvenChoice, Step } from '../planning-format/problem';
import { minuteOf, typedTime, type Clock } from '../time/clock';
import { mergeSpans, type Span } from '../time/spans';
import type { ClosedTime, Item, OvenTraits } from './item';

/** Before and after everything that is ever planned. Minutes. */
const ALWAYS: Span = [-20_000_000, 20_000_000];

/**
 * An item as the planner knows it. Times at which it is closed are in minutes. What is retired takes nothing any more: what was in it stays a
 * fact.
 */
export function asEquipment(
  { id, kind, units, closed, oven }: Item & { id: string },
  clock: Clock,
  retired = false,
): Equipment {
  const usual = valueAt(EQUIPMENT_KINDS, kind)?.heats;
  const shut = retired ? [ALWAYS] : mergeSpans(closed.map((c) => closedSpan(c, clock)).filter((c) => c !== null));
  return {
    ...{ id, kind, units },
    ...(usual && { heatRate: oven?.heatRate ?? usual.heatRate, coolRate: oven?.coolRate ?? usual.coolRate }),
    ...(shut.length > 0 && { closed: shut }),
  };
}

/** Null where it is no span of time. */
function closedSpan({ from, until }: ClosedTime, clock: Clock): Span | null {
  const [start, end] = [from, until].map((wall) => typedTime(wall, clock.zone));
  if (!start?.isValid || !end?.isValid || end <= start) return null;
  return [minuteOf(start.toJSDate(), clock), minuteOf(end.toJSDate(), clock)];
}

/** An oven that a step may be baked in. */
export type Oven = Pick<OvenTraits, 'fan' | 'celsius' | 'minutes'> & { id: string };

/** Does an oven take another temperature or another time than a formula says? */
const isOwn = ({ fan, celsius, minutes }: Oven) => fan || celsius !== 0 || minutes !== 0;

/**
 * What a bake is in each oven of the kitchen: formulas are for still heat in an oven that shows its true temperature. An oven that blows takes
 * `fanOffset` °C less; each has its own correction beside. Undefined where all of them are as formulas say, so that any will do.
 *
 * @param minutes low, likely and high, none of which becomes shorter than a minute
 */
export function ovensFor(
  celsius: number,
  minutes: Step['minutes'],
  ovens: readonly Oven[],
  fanOffset: number,
): OvenChoice[] | undefined {
  if (!ovens.some(isOwn)) return undefined;
  return ovens.map((oven) => {
    const more = (m: number) => Math.max(1, m + oven.minutes);
    return {
      equipment: oven.id,
      celsius: celsius + oven.celsius - (oven.fan ? fanOffset : 0),
      minutes: {
        ...{ low: more(minutes.low), likely: more(minutes.likely), high: more(minutes.high) },
        ...(minutes.planned !== undefined && { planned: more(minutes.planned) }),
      },
    };
  });
}
