import { ALLERGENS } from '../../core/formula/formula';
import { allergensOf } from '../../core/formula/within';
import { ALL_PLACES } from '../../core/kinds/places';
import { lastDay } from '../../core/store/goes-in';
import { isTaken, shortOf } from '../../core/store/free';
import { makeAgain, type MakeAgain } from '../../core/store/make-again';
import type { Lot, Store } from '../../core/store/lot';
import { nextLot, type StoreEvent } from '../../core/store/store-state';
import type { EventBody, ToldEvent } from '../../core/stored/event';
import { timeOf } from '../../core/time/clock';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents } from '../../data/repositories/events';
import { readOpenOrders, updateOrder } from '../../data/repositories/orders';
import { readStore } from '../../data/repositories/store';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { refuse, type Kept, type Result } from '../shared/result';
import { keepAnswers } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import type { Situation } from '../situation/situation';
import { offersFor } from './offers';

/** Something that is put into the store. Amounts are pieces of what is counted, else g. */
export type PutIn = Pick<EventBody<'lot kept'>, 'formula' | 'amount' | 'size' | 'shelf' | 'from'> & {
  /** "2026-03-14"; today where nothing is said. */
  madeOn?: string;
  place?: string;
  reservedFor?: string;
  /** Allergens that came in beside those of its formula. */
  besides?: EventBody<'lot kept'>['allergens'];
};

/** Puts a part into the store. Orders that are not begun may draw on it when they are next changed; new ones do at once. */
export function putIntoStore(db: KitchenDb, put: PutIn): Promise<Result<{ lot: string }>> {
  return commit(db, async (tx): Promise<Result<{ lot: string }>> => {
    const situation = await loadSituation(tx);
    if (!situation) return refuse(say`There is no kitchen yet.`);
    const { formulas, ingredients } = situation.kitchen.library;
    const formula = formulas.get(put.formula);
    if (!formula) return refuse(LOOK_AGAIN, { formula: say`There is no such formula.` });
    const { inStore } = formula;
    if (!inStore) return refuse(LOOK_AGAIN, { formula: say`${formula.name} is not kept in store.` });
    const wrong = amountProblem(put.amount, inStore.by);
    if (wrong) return refuse(LOOK_AGAIN, { amount: wrong });
    if (formula.purpose === 'layers' && inStore.by === 'piece' && !put.size)
      return refuse(LOOK_AGAIN, { size: say`Of which size is it?` });
    const place = put.place ?? inStore.place;
    if (!(ALL_PLACES as string[]).includes(place)) return refuse(LOOK_AGAIN, { place: say`There is no such place.` });
    const day = today(situation);
    const madeOn = put.madeOn ?? day;
    if (!/^\d{4}-\d{2}-\d{2}$/.test(madeOn)) return refuse(LOOK_AGAIN, { madeOn: say`A day, please.` });
    if (madeOn > day) return refuse(LOOK_AGAIN, { madeOn: say`It is not made yet on that day.` });
    const own = allergensOf(formula, ingredients, formulas).map((a) => a.allergen);
    const lot = nextLot(await readStore(tx));
    const body: EventBody<'lot kept'> = {
      ...{ lot, formula: formula.id, name: formula.name, by: inStore.by, amount: put.amount },
      ...(put.size && { size: put.size }),
      ...{ place, shelf: put.shelf.trim(), madeOn, useBy: lastDay(madeOn, inStore.keeps) },
      allergens: [
        ...new Set([...own, ...(put.besides ?? []).filter((a) => (ALLERGENS as readonly string[]).includes(a))]),
      ],
      ...{ from: put.from, reservedFor: put.reservedFor?.trim() || null },
    };
    await appendEvents(tx, [{ at: db.now(), kind: 'lot kept', order: null, body }]);
    return { ok: true, lot };
  });
}

/** It was counted or weighed: so much is there. */
export const countLot = (db: KitchenDb, lot: string, amount: number): Promise<Kept> =>
  changeLot(db, lot, (known) => {
    const wrong = amount === 0 ? null : amountProblem(amount, known.by);
    return wrong ? refuse(LOOK_AGAIN, { amount: wrong }) : { kind: 'lot counted', lot, amount };
  });

/** Some of it, or all, is thrown away, and why. */
export const throwAway = (db: KitchenDb, lot: string, amount: number, reason: string): Promise<Kept> =>
  changeLot(db, lot, (known) => {
    const fields: Record<string, string> = {};
    if (reason.trim() === '') fields.reason = say`Say why, so that it happens less often.`;
    const wrong = amountProblem(amount, known.by);
    if (wrong) fields.amount = wrong;
    else if (amount > known.amount) fields.amount = say`There is not so much of it.`;
    return Object.keys(fields).length > 0
      ? refuse(LOOK_AGAIN, fields)
      : { kind: 'lot thrown', lot, amount, reason: reason.trim() };
  });

export const moveLot = (db: KitchenDb, lot: string, place: string, shelf: string): Promise<Kept> =>
  changeLot(db, lot, () =>
    (ALL_PLACES as string[]).includes(place)
      ? { kind: 'lot moved', lot, place, shelf: shelf.trim() }
      : refuse(LOOK_AGAIN, { place: say`There is no such place.` }),
  );

/** Keeps it for somebody, or for nobody again. What is promised to orders already stays theirs. */
export const reserveLot = (db: KitchenDb, lot: string, who: string | null): Promise<Kept> =>
  changeLot(db, lot, () => ({ kind: 'lot reserved', lot, for: who?.trim() || null }));

/** What lies in the store, and what has to be made again. */
export async function loadStore(db: KitchenDb): Promise<{ store: Store; again: MakeAgain[] } | null> {
  const situation = await loadSituation(db);
  if (!situation) return null;
  const store = await readStore(db);
  const { library } = situation.kitchen;
  return { store, again: makeAgain(library.formulas.values(), store, situation.orders, today(situation)) };
}

function amountProblem(amount: number, by: Lot['by']): string | null {
  if (!(amount > 0 && amount <= 1_000_000)) return say`More than nothing.`;
  return by === 'piece' && !Number.isInteger(amount) ? say`Whole pieces.` : null;
}

const today = ({ minute, kitchen }: Situation): string => timeOf(minute, kitchen.clock).toISODate()!;

type Change = Exclude<StoreEvent, { kind: 'lot kept' | 'lot drawn' | 'lot returned' }>;

/** Changes a lot. Orders that were promised more of it than is there now are made of what else there is, the last to leave first. */
async function changeLot(
  db: KitchenDb,
  id: string,
  change: (lot: Lot) => Change | Extract<Result, { ok: false }>,
): Promise<Kept> {
  const kept = await commit(db, async (tx): Promise<Result<{ name: string }>> => {
    const lot = (await readStore(tx)).lots.find((l) => l.id === id);
    if (!lot) return refuse(say`This is not in the store any more.`);
    const changed = change(lot);
    if ('ok' in changed) return changed;
    const { kind, ...body } = changed;
    await appendEvents(tx, [{ at: db.now(), order: null, ...({ kind, body } as ToldEvent) }]);
    await heal(tx, id);
    return { ok: true, name: lot.name };
  });
  if (!kept.ok) return kept;
  return { ok: true, planned: await planned(db, say`${kept.name} in the store was changed`) };
}

async function heal(tx: KitchenDb, id: string): Promise<void> {
  const situation = await loadSituation(tx);
  if (!situation) return;
  for (;;) {
    const lot = (await readStore(tx)).lots.find((l) => l.id === id);
    const orders = await readOpenOrders(tx);
    const short = lot ? shortOf(lot, orders) : [];
    const last = orders.filter((o) => short.includes(o.id)).sort((a, b) => +b.pickup - +a.pickup)[0];
    if (!last) return;
    const known = situation.orders.find((o) => o.id === last.id) ?? last;
    const fromStore = (last.fromStore ?? []).filter((d) => d.lot !== id || isTaken(d, last.id, lot!));
    const healed = await offersFor(tx, situation.kitchen, { ...known, fromStore });
    const row = await updateOrder(tx, last.id, last.version, healed);
    if (!row) return;
    await keepAnswers(tx, situation.kitchen, known, row);
    const body = { from: { fromStore: last.fromStore ?? [] }, to: healed };
    await appendEvents(tx, [{ at: tx.now(), kind: 'order changed', order: last.id, body }]);
  }
}
