import { orderTimes, type OrderBy } from '../situation/order-times';
import type { KitchenDb } from '../../data/kitchen-db';
import { pullList, type PullList } from '../../core/pull-list/pull-list';
import { minuteOf, timeOf, type Clock } from '../../core/time/clock';
import { readPlan } from '../../data/repositories/plans';
import { readTicks, setTick } from '../../data/repositories/ticks';
import { batchesView, type BatchesView } from './batches';
import type { Result } from '../shared/result';
import { commit } from '../shared/commit';
import { placedWorks } from '../situation/placed-works';
import { presenceIn } from '../situation/presence';
import { loadSituation } from '../situation/load-situation';

export interface PullListView {
  kitchen: string;
  clock: Clock;
  /** ISO date of the first day, and how many. */
  day: string;
  days: number;
  title: string;
  list: PullList;
  /** By supplier, until when what is to be bought can be ordered. */
  orderBy: Record<string, OrderBy>;
  ticked: string[];
  batches: BatchesView;
}

const MOST_DAYS = 14;

/** What a span of days asks for; an empty or impossible date is today. Null without a kitchen or a plan. */
export async function loadPullList(
  db: KitchenDb,
  date: string | undefined,
  count: number,
): Promise<PullListView | null> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return null;
  const { clock, library, rows } = situation.kitchen;
  const today = timeOf(minuteOf(db.now(), clock), clock).startOf('day');
  const asked = date && /^\d{4}-\d{2}-\d{2}$/.test(date) ? today.set(partsOf(date)) : today;
  const first = asked.isValid ? asked : today;
  const days = Number.isInteger(count) && count >= 1 ? Math.min(count, MOST_DAYS) : 1;
  const [from, to] = [first, first.plus({ days })].map((t) => minuteOf(t.toJSDate(), clock));
  const works = placedWorks(situation, plan);
  const stock = new Map(rows.ingredients.map((i) => [i.id, i.stock]));
  const list = pullList(works, from!, to!, library, stock, presenceIn(situation, from!, to!));
  return {
    kitchen: rows.kitchen.name,
    clock,
    day: first.toISODate()!,
    days,
    title:
      days === 1
        ? first.toFormat('cccc d LLLL')
        : `${first.toFormat('ccc d LLL')} – ${first.plus({ days: days - 1 }).toFormat('ccc d LLL')}`,
    list,
    orderBy: orderTimes(list, situation),
    ticked: [...(await readTicks(db))],
    batches: batchesView(situation, plan),
  };
}

function partsOf(date: string) {
  const [year, month, day] = date.split('-').map(Number);
  return { year, month, day };
}

/** Ticks one line off, or takes the tick back. */
export function tickLine(db: KitchenDb, key: string, ticked: boolean): Promise<Result> {
  return commit(
    db,
    async (tx): Promise<Result> => {
      await setTick(tx, key, ticked, db.now());
      return { ok: true };
    },
    { quiet: true },
  );
}
