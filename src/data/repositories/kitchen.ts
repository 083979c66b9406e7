import { and, asc, eq, lt, sql } from 'drizzle-orm';
import type { Build } from '../../core/breakdown/build';
import type { Formula } from '../../core/formula/formula';
import type { Reading } from '../../core/measure/show-quantity';
import { buildCodec } from '../../core/stored/build';
import { formulaCodec } from '../../core/stored/formula';
import { figuresCodec, type KitchenFigures } from '../../core/stored/kitchen-figures';
import type { Clock } from '../../core/time/clock';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

type Kept<Row, Body> = Omit<Row, 'kitchen' | 'body'> & { body: Body };
type KitchenRow = Omit<typeof t.kitchens.$inferSelect, 'figures'> & KitchenFigures;
type PersonRow = typeof t.people.$inferSelect;
type EquipmentRow = typeof t.equipment.$inferSelect;
type FormulaRow = Kept<typeof t.formulas.$inferSelect, Formula>;
type FormulaVersionRow = Kept<typeof t.formulaVersions.$inferSelect, Formula>;
type BuildRow = Kept<typeof t.builds.$inferSelect, Build>;
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

/** Null where there is no such kitchen. */
export async function readKitchen(db: KitchenDb): Promise<KitchenRows | null> {
  const { rows, kitchen: id } = db;
  const [row] = await rows.select().from(t.kitchens).where(eq(t.kitchens.id, id));
  if (!row) return null;
  const { figures, ...kitchen } = row;
  return {
    kitchen: { ...kitchen, ...readStored(figuresCodec, 'The kitchen’s figures', figures) },
    people: await rows.select().from(t.people).where(eq(t.people.kitchen, id)).orderBy(asc(t.people.position)),
    equipment: await rows
      .select()
      .from(t.equipment)
      .where(eq(t.equipment.kitchen, id))
      .orderBy(asc(t.equipment.position)),
    ingredients: await rows.select().from(t.ingredients).where(eq(t.ingredients.kitchen, id)),
    formulas: sorted(await readFormulas(db)),
    builds: sorted(await readBuilds(db)),
    olderFormulas: await readOlderFormulas(db),
  };
}

async function readFormulas({ rows, kitchen }: KitchenDb): Promise<FormulaRow[]> {
  const stored = await rows.select().from(t.formulas).where(eq(t.formulas.kitchen, kitchen));
  return stored.map((f) => ({ ...f, body: readStored(formulaCodec, `Formula “${f.id}”`, f.body) }));
}

async function readBuilds({ rows, kitchen }: KitchenDb): Promise<BuildRow[]> {
  const stored = await rows.select().from(t.builds).where(eq(t.builds.kitchen, kitchen));
  return stored.map((b) => ({ ...b, body: readStored(buildCodec, `Build “${b.id}”`, b.body) }));
}

async function readOlderFormulas({ rows, kitchen }: KitchenDb): Promise<FormulaVersionRow[]> {
  const newest = and(
    eq(t.formulas.kitchen, t.formulaVersions.kitchen),
    eq(t.formulas.id, t.formulaVersions.formula),
    lt(t.formulaVersions.version, t.formulas.version),
  );
  const stored = await rows
    .select()
    .from(t.formulaVersions)
    .innerJoin(t.formulas, newest)
    .where(eq(t.formulaVersions.kitchen, kitchen));
  return stored.map(({ formula_versions: v }) => ({
    ...v,
    body: readStored(formulaCodec, `Formula “${v.formula}”, version ${v.version},`, v.body),
  }));
}

/** Changes a kitchen that is still at the version that was read; false if somebody was faster. */
export async function updateKitchen(
  { rows, kitchen: id }: KitchenDb,
  version: number,
  { figures, reading }: { figures: KitchenFigures; reading: Reading | null },
): Promise<boolean> {
  const changed = await rows
    .update(t.kitchens)
    .set({ figures: figuresCodec.write(figures), reading, version: sql`${t.kitchens.version} + 1` })
    .where(and(eq(t.kitchens.id, id), eq(t.kitchens.version, version)))
    .returning({ id: t.kitchens.id });
  return changed.length > 0;
}

/** The units in which a person reads; null reads as the kitchen does. False where there is nobody of that id. */
export async function updateReading(
  { rows, kitchen }: KitchenDb,
  person: string,
  reading: Reading | null,
): Promise<boolean> {
  const changed = await rows
    .update(t.people)
    .set({ reading })
    .where(and(eq(t.people.kitchen, kitchen), eq(t.people.id, person)))
    .returning({ id: t.people.id });
  return changed.length > 0;
}
