import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { readFloorOfDay } from '../../data/repositories/events';
import { putRight, type FloorEvent } from '../../core/floor/floor-state';
import { cakeSteps, servedBy } from '../../core/situation/whose-step';
import type { Clock } from '../../core/time/clock';
import { namesOf } from '../situation/names';
import { loadSituation } from '../situation/load-situation';
import type { Situation } from '../situation/situation';

/** Something that was told of a step. Minutes after the clock's origin. */
export interface ToldLine {
  event: number;
  /** When it was, and when somebody said so. */
  minute: number;
  told: number;
  what: string;
  step: string;
  orders: string;
  /** Who did it, or where it ran. */
  who: string;
  /** Has it a time that can be put right? */
  timed: boolean;
  /** What it was told as first, where it was put right. */
  first: number | null;
  takenBack: boolean;
}

export interface ToldView {
  clock: Clock;
  minute: number;
  lines: ToldLine[];
}

/** As far back as somebody would put something right. Hours. */
const HOURS = 18;

/** What was told in the last hours of cakes that are still here, the newest first; null without a kitchen. */
export async function loadTold(db: KitchenDb): Promise<ToldView | null> {
  const situation = await loadSituation(db);
  if (!situation) return null;
  const { clock } = situation.kitchen;
  const since = new Date(db.now().getTime() - HOURS * 3600_000);
  const all = await readFloorOfDay(db, since, clock);
  return { clock, minute: situation.minute, lines: toldLines(all, situation) };
}

function toldLines(all: { event: FloorEvent; told: number }[], situation: Situation): ToldLine[] {
  const { takenBack, corrected } = putRight(all.map((a) => a.event));
  const steps = new Map(cakeSteps(situation).map((s) => [s.id as string, s]));
  const names = namesOf(situation);
  const lines = all.flatMap(({ event: e, told }): ToldLine[] => {
    const step = 'step' in e ? steps.get(e.step) : undefined;
    if (!('step' in e) || !step) return [];
    const state = situation.states.get(e.step);
    const doers = e.kind === 'start' ? e : state;
    const people = situation.kitchen.rows.people.filter((p) => doers?.people.includes(p.id)).map((p) => p.name);
    const items = (doers?.equipment ?? []).map((x) => names.item(x));
    return [
      {
        ...{ event: e.id, minute: corrected.get(e.id) ?? e.minute, told, what: whatOf(e), step: step.name },
        orders: servedBy(e.step, situation)
          .map((o) => o.title)
          .join(' + '),
        who: (people.length > 0 ? people : items).join(', '),
        timed: e.kind === 'start' || e.kind === 'finish',
        first: corrected.has(e.id) ? e.minute : null,
        takenBack: takenBack.has(e.id),
      },
    ];
  });
  return lines.reverse();
}

function whatOf(e: FloorEvent): string {
  switch (e.kind) {
    case 'start':
      return say`begun`;
    case 'finish':
      return e.check?.why ? say`done, too far and used: ${e.check.why}` : say`done`;
    case 'extend':
      return say`${e.minutes} min more`;
    case 'not yet':
      return say`not yet: ${e.minutes} min more from then`;
    case 'use anyway':
      return say`used anyway: ${e.reason}`;
    default:
      return '';
  }
}
