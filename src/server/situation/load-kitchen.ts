import { EQUIPMENT_KINDS } from '../../core/kinds/equipment';
import { OVEN } from '../../core/planning-format/problem';
import type { Build } from '../../core/breakdown/build';
import type { Kitchen } from '../../core/breakdown/kitchen';
import { calendarOf, type TeamMember } from '../../core/situation/make-problem';
import type { TeamCalendar } from '../../core/time/team-calendar';
import type { Formula } from '../../core/formula/formula';
import type { Clock } from '../../core/time/clock';
import type { Equipment } from '../../core/planning-format/problem';
import { readOnce } from '../../data/cached';
import type { Db } from '../../data/db';
import { readCounts } from '../../data/repositories/counts';
import { completeFigures } from '../../core/breakdown/figures/starting-figures';
import { clockOf, readKitchen, type KitchenRows } from '../../data/repositories/kitchen';

/** The kitchen as the core wants it. */
export interface LoadedKitchen {
  rows: KitchenRows;
  clock: Clock;
  library: Kitchen;
  /** Formulas as they were before their newest version, by `id@version`. */
  olderFormulas: ReadonlyMap<string, Formula>;
  builds: ReadonlyMap<string, Build>;
  team: TeamMember[];
  /** Their shifts in minutes, made as they are asked for. */
  calendar: TeamCalendar;
  equipment: Equipment[];
}

/** The kitchen as it is now, read anew only where it was changed; null while the database is still empty. */
export async function loadKitchen(db: Db): Promise<LoadedKitchen | null> {
  const counts = await readCounts(db);
  return counts && kitchenAt(db, counts.library);
}

/** The kitchen at a count of changes that was just read. */
export function kitchenAt(db: Db, library: number): Promise<LoadedKitchen | null> {
  return readOnce(db, 'kitchen', library, async () => {
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
      coefficients: completeFigures(rows.kitchen.coefficients),
      choices: rows.kitchen.choices,
      formulas: new Map(rows.formulas.map((f) => [f.id, f.body])),
      ingredients: new Map(rows.ingredients.map(({ traits, ...i }) => [i.id, { ...i, ...traits }])),
      moulds: rows.equipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
      ovenSlots: Math.max(1, ...rows.equipment.filter((e) => e.kind === OVEN).map((e) => e.units)),
    },
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
