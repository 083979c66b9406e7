import type { Build } from '../core/breakdown/build';
import type { Kitchen } from '../core/breakdown/breakdown';
import type { TeamMember } from '../core/breakdown/make-problem';
import type { Clock } from '../core/planner/calendars';
import type { Equipment } from '../core/planner/problem';
import type { Db } from '../data/database';
import { readKitchen, type KitchenRows } from '../data/repositories/kitchen';

/** The kitchen as the core wants it. */
export interface LoadedKitchen {
  rows: KitchenRows;
  clock: Clock;
  library: Kitchen;
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
    clock: { origin: rows.kitchen.origin.toISOString(), zone: rows.kitchen.zone },
    library: {
      coefficients: rows.kitchen.coefficients,
      formulas: new Map(rows.formulas.map((f) => [f.id, f.body])),
      ingredients: new Map(rows.ingredients.map((i) => [i.id, i])),
      moulds: rows.equipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
      ovenSlots: Math.max(1, ...rows.equipment.filter((e) => e.kind === 'oven').map((e) => e.units)),
    },
    builds: new Map(rows.builds.map((b) => [b.id, b.body])),
    team: rows.people,
    equipment: rows.equipment.map(({ id, kind, units, heatRate, coolRate }) => ({
      ...{ id, kind, units },
      ...(kind === 'oven' ? { heatRate: heatRate ?? 5, coolRate: coolRate ?? 2.5 } : {}),
    })),
  };
}
