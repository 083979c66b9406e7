import { EQUIPMENT_KINDS } from '../../core/kinds/equipment';
import type { Typing } from '../../core/measure/parse-quantity';
import { METRIC, typingOf } from '../../core/measure/show-quantity';
import { OVEN } from '../../core/planning-format/problem';
import { calendarOf } from '../../core/situation/make-problem';
import type { PlanningKitchen } from '../../core/situation/situation';
import { readOnce } from '../../data/cached';
import type { KitchenDb } from '../../data/kitchen-db';
import { readCounts } from '../../data/repositories/counts';
import { clockOf, readKitchen, type KitchenRows } from '../../data/repositories/kitchen';

/** The kitchen as the core wants it, with its rows as the database has them. */
export interface LoadedKitchen extends PlanningKitchen {
  rows: KitchenRows;
  /** How its people write numbers, cups and heat. */
  typing: Typing;
}

/** The kitchen as it is now, read anew only where it was changed; null while the database is still empty. */
export async function loadKitchen(db: KitchenDb): Promise<LoadedKitchen | null> {
  const counts = await readCounts(db);
  return counts && kitchenAt(db, counts.library);
}

/** The kitchen at a count of changes that was just read. */
export function kitchenAt(db: KitchenDb, library: number): Promise<LoadedKitchen | null> {
  return readOnce(db.rows, `kitchen ${db.kitchen}`, library, async () => {
    const rows = await readKitchen(db);
    return rows && asLoaded(rows);
  });
}

function asLoaded(rows: KitchenRows): LoadedKitchen {
  const clock = clockOf(rows.kitchen);
  return {
    rows,
    clock,
    calendar: calendarOf(rows.people, clock),
    library: {
      coefficients: rows.kitchen.coefficients,
      choices: rows.kitchen.choices,
      formulas: new Map(rows.formulas.map((f) => [f.id, f.body])),
      ingredients: new Map(rows.ingredients.map(({ traits, ...i }) => [i.id, { ...i, ...traits }])),
      moulds: rows.equipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
      ovenSlots: Math.max(1, ...rows.equipment.filter((e) => e.kind === OVEN).map((e) => e.units)),
    },
    typing: typingOf(rows.kitchen.reading ?? METRIC, rows.kitchen.coefficients.fanOffset),
    newestVersions: new Map(rows.formulas.map((f) => [f.id, f.version])),
    olderFormulas: new Map(rows.olderFormulas.map((v) => [`${v.formula}@${v.version}`, v.body])),
    builds: new Map(rows.builds.map((b) => [b.id, b.body])),
    team: rows.people,
    equipment: rows.equipment.map(({ id, kind, units, heatRate, coolRate }) => {
      const usual = EQUIPMENT_KINDS[kind]?.heats;
      return {
        ...{ id, kind, units },
        ...(usual && { heatRate: heatRate ?? usual.heatRate, coolRate: coolRate ?? usual.coolRate }),
      };
    }),
  };
}
