import { handOverId, type OrderId } from '../ids/ids';
import { paceOfSkills, skillNames, type Person } from '../kitchen/person';
import type { WorkingHours } from '../time/working-hours';
import type { Clock } from '../time/clock';
import { TeamCalendar } from '../time/team-calendar';
import type { Equipment, Problem } from '../planning-format/problem';
import type { Breakdown } from '../breakdown/breakdown';

/** Somebody of the team, as planning asks. */
export type TeamMember = Pick<Person, 'name' | 'skills' | keyof WorkingHours> & { id: string };

export interface PlannedOrder {
  id: OrderId;
  name: string;
  /** Minute after the origin. */
  pickup: number;
  weight: number;
  breakdown: Breakdown;
}

/** The planner looks this far past the last pickup. Minutes. */
const BEYOND = 3 * 1440;
/** What has been begun lies at most this far back. Minutes. */
const LOOK_BACK = 14 * 1440;
/** Nothing is planned further ahead, whatever an order says: it comes in when it is nearer. Minutes. */
const MOST_AHEAD = 400 * 1440;

/** The shifts of a team, made as they are asked for. Worth keeping as long as the team stays as it is. */
export function calendarOf(team: TeamMember[], clock: Clock): TeamCalendar {
  return new TeamCalendar(new Map(team.map((p) => [p.id, p])), clock);
}

/**
 * Makes the planning problem from the orders' breakdowns, the team's shifts and the equipment; `shared` batches belong to no order.
 * A calendar that is kept saves turning wall-clock times into minutes anew.
 */
export function makeProblem(
  all: PlannedOrder[],
  team: TeamMember[],
  equipment: Equipment[],
  clock: Clock,
  now: number,
  shared: Pick<Breakdown, 'steps' | 'waits' | 'holds'> = { steps: [], waits: [], holds: [] },
  calendar: TeamCalendar = calendarOf(team, clock),
): Problem {
  const orders = all.filter((o) => o.pickup <= now + MOST_AHEAD);
  const horizon = Math.max(now, ...orders.map((o) => o.pickup)) + BEYOND;
  return {
    format: 'zest-ladder/problem',
    version: 1,
    origin: clock.origin,
    horizon,
    now,
    people: team.map((member) => {
      const pace = paceOfSkills(member);
      return {
        ...{ id: member.id, name: member.name, skills: skillNames(member) },
        shifts: calendar.shifts(member.id, now - LOOK_BACK, horizon),
        ...(pace && { pace }),
      };
    }),
    equipment,
    orders: orders.map(({ id, name, pickup, weight }) => ({ id, name, pickup, weight, collect: handOverId(id) })),
    // Only what the format knows: the bench's words stay with the breakdown.
    steps: [...orders.flatMap((o) => o.breakdown.steps), ...shared.steps].map(
      ({ id, name, order, work, minutes, people, uses, oven, earliest, when }) => ({
        ...{ id, name, order, work, minutes, people, uses, oven, earliest },
        ...(when ? { when } : {}),
      }),
    ),
    waits: [...orders.flatMap((o) => o.breakdown.waits), ...shared.waits],
    holds: [...orders.flatMap((o) => o.breakdown.holds), ...shared.holds],
    routes: orders.flatMap((o) => o.breakdown.routes),
  };
}
