import { minuteOf, timeOf, type Clock } from '../time/clock';
import { hoursOn, type WorkingHours } from '../time/working-hours';
import type { Span } from '../time/spans';
import type { DateTime } from 'luxon';
import { shiftSpans } from '../time/shifts';

/** What hands and things do each day or week beside the cakes on order: daily baking, receiving goods, cleaning, a meeting. */
export interface StandingWork {
  name: string;
  /** 1 (Monday) to 7. */
  weekdays: number[];
  /** "06:00"; an end that is not after it is on the next day. */
  start: string;
  end: string;
  /** Who does it, by id; where nobody is named, so many who are in and can. */
  people: string[];
  count: number;
  /** What they must be able to do; null is anybody. */
  skill: string | null;
  /** Things that are taken whole meanwhile, by id. */
  items: string[];
  /** ISO dates on which it is not done. */
  except: string[];
}

/** Somebody, as standing work asks for them. */
interface Hand {
  id: string;
  hours: WorkingHours;
  skills: readonly string[];
}

/** What standing work takes: minutes of people and of things, by id, and what nobody is in for. */
export interface StandingTaken {
  people: Map<string, StandingSpan[]>;
  items: Map<string, StandingSpan[]>;
  /** Begins here, and wants more hands than are in. */
  short: { name: string; at: number; missing: number }[];
}

interface StandingSpan {
  name: string;
  span: Span;
}

/**
 * Hands and things that standing work takes between two minutes. Where only a number is asked for, those do it who are in from its start to its
 * end and can do the least else, as they are missed least; of those alike, who has had least of it so far, so that it goes round.
 */
export function takenByStandingWork(
  all: readonly StandingWork[],
  team: readonly Hand[],
  clock: Clock,
  [from, to]: Span,
): StandingTaken {
  const taken: StandingTaken = { people: new Map(), items: new Map(), short: [] };
  const add = (to: Map<string, StandingSpan[]>, id: string, what: StandingSpan) =>
    to.set(id, [...(to.get(id) ?? []), what]);
  const had = (id: string) => (taken.people.get(id) ?? []).reduce((sum, { span: [a, b] }) => sum + b - a, 0);
  const isFree = (id: string, [start, end]: Span) =>
    (taken.people.get(id) ?? []).every(({ span: [a, b] }) => b <= start || a >= end);
  const last = timeOf(to, clock);
  for (let day = timeOf(from, clock).startOf('day').minus({ days: 1 }); day <= last; day = day.plus({ days: 1 }))
    for (const { work, span } of onDay(all, day as DateTime<true>, clock)) {
      if (span[1] <= from || span[0] >= to) continue;
      for (const id of work.items) add(taken.items, id, { name: work.name, span });
      if (work.people.length > 0) {
        for (const id of work.people) add(taken.people, id, { name: work.name, span });
        continue;
      }
      const able = team
        .filter((h) => work.skill === null || h.skills.includes(work.skill))
        .filter((h) => isIn(h, span, day as DateTime<true>, clock) && isFree(h.id, span));
      const chosen = able
        .map((h) => ({ h, had: had(h.id) }))
        .sort((a, b) => a.h.skills.length - b.h.skills.length || a.had - b.had)
        .slice(0, work.count);
      for (const { h } of chosen) add(taken.people, h.id, { name: work.name, span });
      if (chosen.length < work.count)
        taken.short.push({ name: work.name, at: span[0], missing: work.count - chosen.length });
    }
  return taken;
}

/** What is done on a day, the earliest first. */
function onDay(all: readonly StandingWork[], day: DateTime<true>, clock: Clock): { work: StandingWork; span: Span }[] {
  return all
    .filter((w) => w.weekdays.includes(day.weekday) && !w.except.includes(day.toISODate()))
    .map((work) => {
      const at = (wall: string, days: number) => {
        const [hour, minute] = wall.split(':').map(Number);
        return minuteOf(day.plus({ days }).set({ hour, minute }).toJSDate(), clock);
      };
      const span: Span = [at(work.start, 0), at(work.end, work.end <= work.start ? 1 : 0)];
      return { work, span };
    })
    .sort((a, b) => a.span[0] - b.span[0]);
}

/** Is somebody in from the start to the end, breaks aside? */
function isIn({ hours }: Hand, [start, end]: Span, day: DateTime<true>, clock: Clock): boolean {
  const { shifts } = hoursOn(hours, day.toISODate(), day.weekday);
  const whole = {
    weekly: [],
    days: { [day.toISODate()]: { shifts: shifts.map((s) => ({ ...s, breaks: [] })), why: '' } },
  };
  const spans = shiftSpans({ ...whole, away: [], left: null }, start, end, clock);
  return spans.some(([a, b]) => a <= start && end <= b);
}
