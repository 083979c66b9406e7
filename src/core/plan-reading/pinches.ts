import { OVEN } from '../planning-format/problem';
import type { Span } from '../time/spans';
import { itemUses } from './item-uses';
import { inside } from './loads';
import { readingOf, type PlannedProblem } from './plan-reading';
import { FULL } from './full';

/** What is full: everybody who can do some things, an oven, or all shelves of a kind. */
export type Full =
  { kind: 'hands'; skills: string[] } | { kind: 'oven'; item: string } | { kind: 'shelves'; place: string };

/** A stretch of full hours in which there is no room for a slip. Minutes. */
export interface Pinch {
  full: Full;
  start: number;
  end: number;
  /** The fullest of its hours, as a share of what there is: 0.97. */
  share: number;
  /** Whose hands these are. */
  people: string[];
  /** The oven, or the shelves. */
  items: string[];
}

const HOUR = 60;
/** With fewer minutes of hands than this in an hour nobody is expected to have room. */
const THERE = 30;

/** One thing that can be full: what of it is in use in an hour, and what there is. */
interface Room {
  full: Full;
  people: string[];
  items: string[];
  share: (hour: Span) => number;
}

/**
 * The hours of a span in which the hands that can do something, an oven, or the shelves of a cold place are more than 85 % in use, as the
 * plan has it. Hands are told by what they can do: full are those who can decorate where all of them are busy, with whatever it is, and
 * something is decorated in that hour.
 */
export function pinchesOf(planned: PlannedProblem, [from, to]: Span, shelves: readonly string[]): Pinch[] {
  const rooms = [...handRooms(planned), ...itemRooms(planned, shelves)];
  return rooms.flatMap((room) => {
    const found: Pinch[] = [];
    for (let hour = Math.floor(from / HOUR) * HOUR; hour < to; hour += HOUR) {
      const share = room.share([hour, hour + HOUR]);
      if (share <= FULL) continue;
      const last = found.at(-1);
      if (last?.end === hour) {
        last.end += HOUR;
        last.share = Math.max(last.share, share);
      } else {
        const { full, people, items } = room;
        found.push({ full, people, items, start: hour, end: hour + HOUR, share });
      }
    }
    return found;
  });
}

function handRooms({ problem, plan }: PlannedProblem): Room[] {
  const reading = readingOf({ problem, plan });
  const jobs = plan.steps.flatMap((at) => {
    const step = reading.step(at.id);
    const span: Span = [at.start, at.end];
    return step?.work === 'hands' ? [{ skill: step.people?.skill ?? null, people: at.people, span }] : [];
  });
  const spansOf = new Map(
    problem.people.map((p) => [p.id, jobs.filter((j) => j.people.includes(p.id)).map((j) => j.span)]),
  );
  // Skills that the same people have are full together.
  const groups = new Map<string, { skills: string[]; people: typeof problem.people }>();
  for (const skill of new Set(jobs.flatMap((j) => j.skill ?? []))) {
    const people = problem.people.filter((p) => p.skills.includes(skill));
    const key = people.map((p) => p.id).join(' ');
    const known = groups.get(key);
    if (known) known.skills.push(skill);
    else groups.set(key, { skills: [skill], people });
  }
  return [...groups.values()].map(({ skills, people }) => {
    const asked = jobs.filter((j) => j.skill !== null && skills.includes(j.skill)).map((j) => j.span);
    return {
      full: { kind: 'hands', skills },
      ...{ people: people.map((p) => p.id), items: [] },
      share: (hour) => {
        const there = people.reduce((sum, p) => sum + inside(p.shifts, hour), 0);
        if (there < THERE || inside(asked, hour) === 0) return 0;
        return people.reduce((sum, p) => sum + inside(spansOf.get(p.id)!, hour), 0) / there;
      },
    };
  });
}

function itemRooms({ problem, plan }: PlannedProblem, shelves: readonly string[]): Room[] {
  const uses = itemUses(readingOf({ problem, plan }));
  const room = (full: Full, equipment: typeof problem.equipment): Room => {
    const all = equipment.flatMap((e) => uses.get(e.id) ?? []);
    const units = equipment.reduce((sum, e) => sum + e.units, 0);
    return {
      ...{ full, people: [], items: equipment.map((e) => e.id) },
      share: (hour) => all.reduce((sum, u) => sum + u.units * inside([[u.start, u.end]], hour), 0) / (HOUR * units),
    };
  };
  const ovens = problem.equipment.filter((e) => e.kind === OVEN);
  const places = shelves.map((place) => ({ place, equipment: problem.equipment.filter((e) => e.kind === place) }));
  return [
    ...ovens.map((e) => room({ kind: 'oven', item: e.id }, [e])),
    ...places
      .filter((p) => p.equipment.some((e) => e.units > 0))
      .map((p) => room({ kind: 'shelves', place: p.place }, p.equipment)),
  ];
}
