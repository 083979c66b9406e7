import { and, asc, eq, lt } from 'drizzle-orm';
import type { Clock } from '../../core/time/clock';
import type { Db } from '../db';
import * as t from '../schema';

type KitchenRow = typeof t.kitchens.$inferSelect;
type PersonRow = typeof t.people.$inferSelect;
type EquipmentRow = typeof t.equipment.$inferSelect;
type FormulaRow = typeof t.formulas.$inferSelect;
type FormulaVersionRow = typeof t.formulaVersions.$inferSelect;
type BuildRow = typeof t.builds.$inferSelect;
type IngredientRow = typeof t.ingredients.$inferSelect;

/** All that changes seldom: the kitchen, its people and equipment, its library. */
export interface KitchenRows {
  kitchen: KitchenRow;
  people: PersonRow[];
  equipment: EquipmentRow[];
  ingredients: IngredientRow[];
  formulas: FormulaRow[];
  builds: BuildRow[];
  /** Versions before the newest. */
  olderFormulas: FormulaVersionRow[];
}

const byName = new Intl.Collator('en').compare;
const sorted = <T extends { name: string }>(rows: T[]) => rows.sort((a, b) => byName(a.name, b.name));

/** The clock that turns a kitchen's times into minutes. */
export const clockOf = ({ origin, zone }: { origin: Date; zone: string }): Clock => ({
  origin: origin.toISOString(),
  zone,
});

/** Null while nothing has been set up yet. */
export async function readKitchen(db: Db): Promise<KitchenRows | null> {
  const [kitchen] = await db.select().from(t.kitchens);
  if (!kitchen) return null;
  return {
    kitchen,
    people: await db.select().from(t.people).orderBy(asc(t.people.position)),
    equipment: await db.select().from(t.equipment).orderBy(asc(t.equipment.position)),
    ingredients: await db.select().from(t.ingredients),
    formulas: sorted(await db.select().from(t.formulas)),
    builds: sorted(await db.select().from(t.builds)),
    olderFormulas: (
      await db
        .select()
        .from(t.formulaVersions)
        .innerJoin(
          t.formulas,
          and(eq(t.formulas.id, t.formulaVersions.formula), lt(t.formulaVersions.version, t.formulas.version)),
        )
    ).map((r) => r.formula_versions),
  };
}
