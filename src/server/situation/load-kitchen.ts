import { oneSetEach } from '../../core/kitchen/one-set-each';
import { smallestSlot } from '../../core/breakdown/steps/oven-slots';
import { mixesOf } from '../../core/breakdown/mix-limits';
import type { Mould } from '../../core/breakdown/kitchen';
import type { Block } from '../../core/design/block';
import { asEquipment } from '../../core/kitchen/as-planned';
import type { Typing } from '../../core/measure/parse-quantity';
import { METRIC, typingOf } from '../../core/measure/show-quantity';
import { OVEN } from '../../core/planning-format/problem';
import { calendarOf, type TeamMember } from '../../core/situation/make-problem';
import type { PlanningKitchen } from '../../core/situation/situation';
import { everyWeek } from '../../core/time/working-hours';
import { readOnce } from '../../data/cached';
import { starterBlocks } from '../../data/kitchens/starter';
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
    return rows && kitchenFrom(rows);
  });
}

/** The kitchen that is made of these rows. */
export function kitchenFrom(rows: KitchenRows): LoadedKitchen {
  const clock = clockOf(rows.kitchen);
  const mixes = mixesOf(rows.items.flatMap((i) => i.mixer ?? []));
  const slot = smallestSlot(
    rows.items.flatMap(({ kind, units, oven }) =>
      kind === OVEN && oven?.deck ? [{ ...oven.deck, slots: units }] : [],
    ),
  );
  return {
    rows,
    clock,
    calendar: calendarOf(rows.entries.people.map(asPlanned), clock),
    library: {
      coefficients: rows.kitchen.coefficients,
      choices: rows.kitchen.choices,
      formulas: new Map(rows.formulas.map((f) => [f.id, f.body])),
      // Formulas may still name what is bought no more.
      ingredients: new Map(rows.entries.ingredients.map((i) => [i.id, i])),
      // Its own take the place of what ships by the same id; designs may still name what is out of use.
      blocks: new Map([...starterBlocks, ...rows.entries.blocks.flatMap(ownBlock)]),
      moulds: mouldsOf(rows.items),
      ...(mixes && { mixes }),
      ...(slot && { slot }),
      ovenSlots: Math.max(1, ...rows.items.filter((e) => e.kind === OVEN).map((e) => e.units)),
    },
    typing: typingOf(rows.kitchen.reading ?? METRIC, rows.kitchen.coefficients.fanOffset),
    newestVersions: new Map(rows.formulas.map((f) => [f.id, f.version])),
    olderFormulas: new Map(rows.olderFormulas.map((v) => [`${v.formula}@${v.version}`, v.body])),
    builds: new Map(rows.builds.map((b) => [b.id, b.body])),
    team: rows.entries.people.map(asPlanned),
    equipment: [
      ...oneSetEach(rows.entries.items.filter((item) => item.retiredAt === null)).map((i) => asEquipment(i, clock)),
      ...rows.entries.items.filter((item) => item.retiredAt !== null).map((item) => asEquipment(item, clock, true)),
    ],
    ovens: rows.items.flatMap(({ id, kind, oven }) => (kind === OVEN && oven ? [{ id, ...oven }] : [])),
    standingWork: rows.standingWork,
  };
}

/** Who is retired can be asked for no more, but what they did stays theirs. */
const asPlanned = (person: KitchenRows['people'][number]): TeamMember =>
  person.retiredAt === null ? person : { ...person, skills: [], ...everyWeek([]) };

/** A block of its own under its id; one that took the place of what ships, and is out of use, gives that place back. */
function ownBlock({ retiredAt, version, ...block }: KitchenRows['blocks'][number]): [string, Block][] {
  void version;
  if (retiredAt === null) return [[block.id, block]];
  return starterBlocks.has(block.id) ? [] : [[block.id, { ...block, retired: true }]];
}

/** Moulds by their kind, as many as the largest set of it has. */
function mouldsOf(items: KitchenRows['items']): Mould[] {
  const moulds = new Map<string, Mould>();
  for (const { mould, kind, units } of oneSetEach(items)) {
    if (!mould) continue;
    moulds.set(kind, { ...mould, kind, owned: Math.max(moulds.get(kind)?.owned ?? 0, units) });
  }
  return [...moulds.values()];
}
