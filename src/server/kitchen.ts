import type { Build } from '../core/breakdown/build';
import type { Kitchen } from '../core/breakdown/breakdown';
import type { TeamMember } from '../core/breakdown/make-problem';
import type { Formula } from '../core/formula/formula';
import type { Clock } from '../core/planner/calendars';
import type { Equipment } from '../core/planner/problem';
import type { Db } from '../data/database';
import { completeFigures } from '../core/breakdown/starting-figures';
import { clockOf, readKitchen, type KitchenRows } from '../data/repositories/kitchen';

/** The kitchen as the core wants it. */
export interface LoadedKitchen {
  rows: KitchenRows;
  clock: Clock;
  library: Kitchen;
  /** Formulas as they were before their newest version, by `id@version`. */
  olderFormulas: ReadonlyMap<string, Formula>;
  builds: ReadonlyMap<string, Build>;
  team: TeamMember[];
  equipment: Equipment[];
}

/** Null while the database is still empty. */
export async function loadKitchen(db: Db): Promise<LoadedKitchen | null> {
  const rows = await readKitchen(db);
  if (!rows) return null;
  return {
    rows,
    clock: clockOf(rows.kitchen),
    library: {
      coefficients: completeFigures(rows.kitchen.coefficients),
      choices: rows.kitchen.choices,
      formulas: new Map(rows.formulas.map((f) => [f.id, f.body])),
      ingredients: new Map(rows.ingredients.map(({ traits, ...i }) => [i.id, { ...i, ...traits }])),
      moulds: rows.equipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
      ovenSlots: Math.max(1, ...rows.equipment.filter((e) => e.kind === 'oven').map((e) => e.units)),
    },
    olderFormulas: new Map(rows.olderFormulas.map((v) => [`${v.formula}@${v.version}`, v.body])),
    builds: new Map(rows.builds.map((b) => [b.id, b.body])),
    team: rows.people,
    equipment: rows.equipment.map(({ id, kind, units, heatRate, coolRate }) => ({
      ...{ id, kind, units },
      ...(kind === 'oven' ? { heatRate: heatRate ?? 5, coolRate: coolRate ?? 2.5 } : {}),
    })),
  };
}
