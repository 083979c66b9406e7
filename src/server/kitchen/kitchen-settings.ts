import { say } from '../../core/words/say';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import type { EventBody } from '../../core/stored/event';
import { figureList, withFigures, type Figure } from '../../core/breakdown/figures/figure-list';
import { SLACK, slackOf } from '../../core/situation/with-slack';
import { BEGINS, beginsOf } from '../../core/situation/habit';
import { WORK_AHEAD, workAheadOf } from '../../core/situation/work-ahead';
import { chosen, SCHOOLS } from '../../core/formula/schools';
import { METRIC, type Reading } from '../../core/measure/show-quantity';
import { COUNTRIES, type Country } from '../../core/measure/units';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents } from '../../data/repositories/events';
import { readEntry, updateEntry } from '../../data/repositories/entries';
import { updateKitchen } from '../../data/repositories/kitchen';
import { buildsInUse } from '../builds/in-use';
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
    /** Is it about how the plan is made? Then it can be tried. */
    ofPlan: boolean;
    choices: { key: string; name: string; effect: string }[];
  }[];
  reading: Reading;
  countries: readonly Country[];
  people: { id: string; name: string; reading: Reading | null }[];
  /** Cakes on which figures can be tried. */
  builds: { id: string; name: string }[];
}

/** The kitchen's settings; null while there is none. */
export async function loadKitchenSettings(db: KitchenDb): Promise<KitchenView | null> {
  const loaded = await loadKitchen(db);
  if (!loaded) return null;
  const { kitchen, people } = loaded.rows;
  return {
    name: kitchen.name,
    version: kitchen.version,
    figures: figureList(kitchen.coefficients, startingCoefficients),
    schools: [
      ...SCHOOLS.map((s) => ({ ...s, chosen: chosen(s.key, kitchen.choices), ofPlan: false })),
      { ...SLACK, chosen: slackOf(kitchen.choices), ofPlan: true },
      { ...WORK_AHEAD, chosen: workAheadOf(kitchen.choices), ofPlan: true },
      { ...BEGINS, chosen: beginsOf(kitchen.choices), ofPlan: false },
    ],
    reading: kitchen.reading ?? METRIC,
    countries: COUNTRIES,
    builds: buildsInUse(loaded).map(({ id, name }) => ({ id, name })),
    people: people.map((p) => ({ id: p.id, name: p.name, reading: p.reading })),
  };
}

/** The units in which the kitchen reads; metric while there is none. */
export async function kitchenReading(db: KitchenDb): Promise<Reading> {
  const kitchen = await loadKitchen(db);
  return kitchen?.rows.kitchen.reading ?? METRIC;
}

export interface KitchenChange {
  /** Numbers by the path of the figure. */
  figures?: Record<string, number> | undefined;
  choices?: Record<string, string> | undefined;
  reading?: Reading | undefined;
}

/** Saves figures, schools or units, and plans again: amounts and minutes may have changed. */
export async function saveKitchen(db: KitchenDb, version: number, change: KitchenChange): Promise<Kept> {
  const kept = await commit(db, (tx) => changeKitchen(tx, version, change), { library: true });
  if (!kept.ok) return kept;
  if (!isPlannedBy(change)) return { ok: true, planned: true };
  const how = asksForAnotherPlan(change) ? { changed: true } : { thorough: true };
  return { ok: true, planned: await planned(db, say`the kitchen’s figures were changed`, how) };
}

/** Units and the kitchen's habit change nothing that is planned. */
const isPlannedBy = ({ figures, choices = {} }: KitchenChange): boolean =>
  figures !== undefined || Object.keys(choices).some((key) => key !== BEGINS.key);

/** Is it the plan itself that is wanted otherwise, and not only what it is made of? */
const asksForAnotherPlan = ({ figures = {}, choices = {} }: KitchenChange): boolean =>
  SLACK.key in choices || WORK_AHEAD.key in choices || 'lastHours' in figures;

async function changeKitchen(tx: KitchenDb, version: number, change: KitchenChange): Promise<Result> {
  const situation = await loadSituation(tx);
  if (!situation) return refuse(say`There is no kitchen yet.`);
  const { kitchen, orders, batches } = situation;
  const { kitchen: row } = kitchen.rows;
  let { coefficients, choices, reading } = row;
  if (change.figures) {
    const changed = withFigures(coefficients, change.figures);
    if (!changed.ok) return refuse(say`Some figures need another look.`, changed.fields);
    coefficients = changed.figures;
  }
  if (change.choices) {
    const wrong = Object.entries(change.choices).find(
      ([key, choice]) =>
        ![...SCHOOLS, SLACK, WORK_AHEAD, BEGINS].find((s) => s.key === key)?.choices.some((c) => c.key === choice),
    );
    if (wrong) return refuse(say`“${wrong[0]}” cannot be “${wrong[1]}”.`);
    choices = { ...choices, ...change.choices };
  }
  if (change.reading) reading = change.reading;
  const library = { ...kitchen.library, choices, coefficients };
  const after = breakDownAll(orders, { batches, kitchen: { ...kitchen, library } });
  const clash = clashProblem(situation, { orders, batches, ...after });
  if (clash) return refuse(clash);
  if (!(await updateKitchen(tx, version, { figures: { coefficients, choices }, reading })))
    return refuse(say`Somebody else has changed the kitchen since you opened it. Open it again to see theirs.`);
  await appendEvents(tx, [{ at: tx.now(), kind: 'kitchen changed', order: null, body: toldChange(change) }]);
  return { ok: true };
}

function toldChange({ figures, choices, reading }: KitchenChange): EventBody<'kitchen changed'> {
  return {
    ...(figures && { figures }),
    ...(choices && { choices }),
    ...(reading && { reading: Object.fromEntries(Object.entries(reading)) }),
  };
}

/** A person's own units; null reads as the kitchen does. */
export function saveReading(db: KitchenDb, person: string, reading: Reading | null): Promise<Result> {
  return commit(
    db,
    async (tx): Promise<Result> => {
      const before = await readEntry(tx, 'people', person);
      if (!before) return refuse(say`There is nobody of that name.`);
      const saved = await updateEntry(tx, 'people', person, before.version, { value: { ...before, reading } });
      return saved ? { ok: true } : refuse(say`Somebody else is changing this person: try again.`);
    },
    { library: true },
  );
}
