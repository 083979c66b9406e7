import type { Check } from '../../core/formula/formula';
import { durationText } from '../../core/time/duration-text';
import { DAY_AND_TIME, timeOf } from '../../core/time/clock';
import { cakeSteps, componentOf, servedBy } from '../../core/situation/whose-step';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPicture } from '../../data/repositories/pictures';
import { loadPlanned } from '../plan/load-planned';
import { contactLines } from '../situation/contact-words';
import { goesIn } from '../situation/goes-in';
import { namesOf } from '../situation/names';
import { loadOrder } from './order-pages';
import type { OrderView } from './order-view';

/** One rung of an order on paper. */
export interface RunRow {
  step: string;
  /** “Fri 21 May, 08:30”; null where it has no place in the plan yet. */
  when: string | null;
  done: boolean;
  minutes: string;
  who: string;
  name: string;
  /** What it is of, where it is not the whole cake. */
  part: string | null;
  amount: string | null;
  /** Other parts that go in here: “Sesame crunch 127 g”. */
  goesIn: string[];
  with: string;
  how: string;
  sign: string | null;
  check: Check | null;
  cautions: string[];
  /** Together with these orders. */
  together: string[];
}

/** All that goes with one cake through the kitchen on paper. */
export interface RunSheet {
  kitchen: string;
  order: OrderView;
  rows: RunRow[];
  pictures: { words: string; type: string; bytes: Uint8Array }[];
}

/** The run sheet of an order; null where there is none with this number. */
export async function loadRunSheet(db: KitchenDb, id: number): Promise<RunSheet | null> {
  const order = await loadOrder(db, id);
  const planned = await loadPlanned(db);
  if (!order || !planned) return null;
  const { situation, plan } = planned;
  const names = namesOf(situation);
  const own = situation.orders.find((o) => o.id === id);
  const near = own && plan ? contactLines(own, situation, plan.plan.steps) : [];
  const rows = cakeSteps(situation).flatMap((s): (RunRow & { at: number })[] => {
    const serves = servedBy(s.id, situation);
    if (!serves.some((o) => o.id === id)) return [];
    const at = plan?.plan.steps.find((p) => p.id === s.id);
    // A way that the plan does not take.
    if (plan && !at && s.when) return [];
    return [
      {
        ...{ step: s.id, at: at?.start ?? Infinity, done: situation.states.get(s.id)?.state === 'done' },
        when: at ? timeOf(at.start, situation.kitchen.clock).toFormat(DAY_AND_TIME) : null,
        minutes: durationText(at ? at.end - at.start : s.minutes.likely),
        who: (at?.people ?? []).map((p) => names.person(p)).join(', '),
        ...{ name: s.name, part: componentOf(s, situation)?.label ?? null, amount: s.amount },
        goesIn: goesIn(s, situation),
        with: (at?.equipment ?? []).map((e) => names.item(e)).join(', '),
        ...{ how: s.how, sign: s.sign, check: s.check },
        cautions: [...(s.caution ? [s.caution] : []), ...near.filter((n) => n.step === s.id).map((n) => n.text)],
        together: serves.filter((o) => o.id !== id).map((o) => o.title),
      },
    ];
  });
  rows.sort((a, b) => a.at - b.at);
  const pictures = await Promise.all(
    order.agreed.pictures.map(async ({ id: picture, words }) => {
      const read = await readPicture(db, picture);
      return read ? [{ words, ...read }] : [];
    }),
  );
  return { kitchen: situation.kitchen.rows.kitchen.name, order, rows, pictures: pictures.flat() };
}
