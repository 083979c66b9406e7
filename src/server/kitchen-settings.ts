import { and, eq, sql } from 'drizzle-orm';
import { completeFigures, startingCoefficients } from '../core/breakdown/starting-figures';
import type { Coefficients } from '../core/breakdown/coefficients';
import { figureList, withFigures, type Figure } from '../core/breakdown/figure-list';
import { chosen, SCHOOLS } from '../core/formula/schools';
import { METRIC, type Reading } from '../core/measure/show-quantity';
import { COUNTRIES, type Country } from '../core/measure/units';
import { database, type Db } from '../data/database';
import { appendEvents } from '../data/repositories/events';
import { readKitchen } from '../data/repositories/kitchen';
import * as t from '../data/schema';
import { now } from './clock';
import { replanNow } from './planning';
import { refuse, type Result } from './result';

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
  const rows = await readKitchen(await database());
  if (!rows) return null;
  const { kitchen, people } = rows;
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
  const rows = await readKitchen(await database());
  return rows?.kitchen.reading ?? METRIC;
}

export interface KitchenChange {
  /** Numbers by the path of the figure. */
  figures?: Record<string, number>;
  choices?: Record<string, string>;
  reading?: Reading;
}

/** Saves figures, schools or units, and plans again: amounts and minutes may have changed. */
export async function saveKitchen(version: number, change: KitchenChange): Promise<Result> {
  const db = await database();
  const rows = await readKitchen(db);
  if (!rows) return refuse('There is no kitchen yet.');
  const { kitchen } = rows;
  const set: Partial<typeof t.kitchens.$inferInsert> = {};
  if (change.figures) {
    const changed = withFigures(completeFigures(kitchen.coefficients), change.figures);
    if (!changed.ok) return refuse('Some figures need another look.', changed.fields);
    set.coefficients = changed.figures satisfies Coefficients;
  }
  if (change.choices) {
    const wrong = Object.entries(change.choices).find(
      ([key, choice]) => !SCHOOLS.find((s) => s.key === key)?.choices.some((c) => c.key === choice),
    );
    if (wrong) return refuse(`“${wrong[1]}” is no answer to “${wrong[0]}”.`);
    set.choices = { ...kitchen.choices, ...change.choices };
  }
  if (change.reading) {
    if (!isReading(change.reading)) return refuse('These units are not known here.');
    set.reading = change.reading;
  }
  const saved = await db.transaction(async (tx) => {
    const changed = await tx
      .update(t.kitchens)
      .set({ ...set, version: sql`${t.kitchens.version} + 1` })
      .where(and(eq(t.kitchens.id, kitchen.id), eq(t.kitchens.version, version)))
      .returning({ id: t.kitchens.id });
    if (changed.length > 0)
      await appendEvents(tx as Db, [{ at: now(), kind: 'kitchen changed', order: null, body: { ...change } }]);
    return changed.length > 0;
  });
  if (!saved) return refuse('Somebody else has changed the kitchen since you opened it. Open it again to see theirs.');
  await replanNow('the kitchen’s figures were changed');
  return { ok: true };
}

/** A person's own units; null reads as the kitchen does. */
export async function saveReading(person: string, reading: Reading | null): Promise<Result> {
  if (reading !== null && !isReading(reading)) return refuse('These units are not known here.');
  const db = await database();
  const rows = await db.update(t.people).set({ reading }).where(eq(t.people.id, person)).returning({ id: t.people.id });
  return rows.length > 0 ? { ok: true } : refuse('There is nobody of that name.');
}

function isReading(r: Reading): boolean {
  return (
    ['g', 'oz'].includes(r.weight) &&
    ['ml', 'cups'].includes(r.volume) &&
    ['C', 'F', 'gas'].includes(r.temperature) &&
    ['cm', 'in'].includes(r.length) &&
    COUNTRIES.includes(r.country)
  );
}
