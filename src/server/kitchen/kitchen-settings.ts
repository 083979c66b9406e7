import { and, eq, sql } from 'drizzle-orm';
import { completeFigures, startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import type { Coefficients } from '../../core/breakdown/figures/coefficients';
import { figureList, withFigures, type Figure } from '../../core/breakdown/figures/figure-list';
import { chosen, SCHOOLS } from '../../core/formula/schools';
import { METRIC, type Reading } from '../../core/measure/show-quantity';
import { COUNTRIES, type Country } from '../../core/measure/units';
import { database } from '../../data/database';
import type { Db } from '../../data/db';
import { appendEvents } from '../../data/repositories/events';
import * as t from '../../data/schema';
import { now } from '../shared/clock';
import { loadKitchen } from '../situation/load-kitchen';
import { clashProblem } from '../../core/order/cake-clashes';
import { type Kept, refuse, type Result } from '../shared/result';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { loadSituation } from '../situation/load-situation';

export interface KitchenView {
  name: string;
  version: number;
  figures: Figure[];
  schools: {
    key: string;
    question: string;
    chosen: string;
    choices: { key: string; name: string; effect: string }[];
  }[];
  reading: Reading;
  countries: readonly Country[];
  people: { id: string; name: string; reading: Reading | null }[];
}

/** The kitchen's settings; null while there is none. */
export async function loadKitchenSettings(): Promise<KitchenView | null> {
  const loaded = await loadKitchen(await database());
  if (!loaded) return null;
  const { kitchen, people } = loaded.rows;
  return {
    name: kitchen.name,
    version: kitchen.version,
    figures: figureList(completeFigures(kitchen.coefficients), startingCoefficients),
    schools: SCHOOLS.map((s) => ({ ...s, chosen: chosen(s.key, kitchen.choices) })),
    reading: kitchen.reading ?? METRIC,
    countries: COUNTRIES,
    people: people.map((p) => ({ id: p.id, name: p.name, reading: p.reading })),
  };
}

/** The units in which the kitchen reads; metric while there is none. */
export async function kitchenReading(): Promise<Reading> {
  const kitchen = await loadKitchen(await database());
  return kitchen?.rows.kitchen.reading ?? METRIC;
}

export interface KitchenChange {
  /** Numbers by the path of the figure. */
  figures?: Record<string, number> | undefined;
  choices?: Record<string, string> | undefined;
  reading?: Reading | undefined;
}

/** Saves figures, schools or units, and plans again: amounts and minutes may have changed. */
export async function saveKitchen(version: number, change: KitchenChange): Promise<Kept> {
  const kept = await commit((tx) => changeKitchen(tx, version, change), { library: true });
  return kept.ok ? { ok: true, planned: await planned('the kitchen’s figures were changed') } : kept;
}

async function changeKitchen(tx: Db, version: number, change: KitchenChange): Promise<Result> {
  const situation = await loadSituation(tx);
  if (!situation) return refuse('There is no kitchen yet.');
  const { kitchen, orders, batches } = situation;
  const { kitchen: row } = kitchen.rows;
  const set: Partial<typeof t.kitchens.$inferInsert> = {};
  if (change.figures) {
    const changed = withFigures(completeFigures(row.coefficients), change.figures);
    if (!changed.ok) return refuse('Some figures need another look.', changed.fields);
    set.coefficients = changed.figures satisfies Coefficients;
  }
  if (change.choices) {
    const wrong = Object.entries(change.choices).find(
      ([key, choice]) => !SCHOOLS.find((s) => s.key === key)?.choices.some((c) => c.key === choice),
    );
    if (wrong) return refuse(`“${wrong[1]}” is no answer to “${wrong[0]}”.`);
    set.choices = { ...row.choices, ...change.choices };
  }
  if (change.reading) set.reading = change.reading;
  const library = {
    ...kitchen.library,
    choices: set.choices ?? kitchen.library.choices,
    coefficients: set.coefficients ?? kitchen.library.coefficients,
  };
  const after = breakDownAll(orders, { batches, kitchen: { ...kitchen, library } });
  const clash = clashProblem(situation, { orders, batches, ...after });
  if (clash) return refuse(clash);
  const changed = await tx
    .update(t.kitchens)
    .set({ ...set, version: sql`${t.kitchens.version} + 1` })
    .where(and(eq(t.kitchens.id, row.id), eq(t.kitchens.version, version)))
    .returning({ id: t.kitchens.id });
  if (changed.length === 0)
    return refuse('Somebody else has changed the kitchen since you opened it. Open it again to see theirs.');
  await appendEvents(tx, [{ at: now(), kind: 'kitchen changed', order: null, body: { ...change } }]);
  return { ok: true };
}

/** A person's own units; null reads as the kitchen does. */
export function saveReading(person: string, reading: Reading | null): Promise<Result> {
  return commit(
    async (tx): Promise<Result> => {
      const rows = await tx.update(t.people).set({ reading }).where(eq(t.people.id, person)).returning();
      return rows.length > 0 ? { ok: true } : refuse('There is nobody of that name.');
    },
    { library: true },
  );
}
