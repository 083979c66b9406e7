import { and, eq, lt, sql } from 'drizzle-orm';
import type { Build } from '../../core/design/build';
import type { Formula } from '../../core/formula/formula';
import { ALWAYS_OPEN, type Opening } from '../../core/kitchen/opening';
import type { Reading } from '../../core/measure/show-quantity';
import { buildCodec } from '../../core/stored/build';
import { formulaCodec } from '../../core/stored/formula';
import { figuresCodec, type KitchenFigures } from '../../core/stored/kitchen-figures';
import { openingCodec } from '../../core/stored/registers';
import type { Clock } from '../../core/time/clock';
import type { KitchenDb } from '../kitchen-db';
import { readEntries, type AllEntries, type Entry } from './entries';
import * as t from '../schema';
import { readStored } from '../stored';

type Kept<Row, Body> = Omit<Row, 'kitchen' | 'body'> & { body: Body };
type KitchenRow = Omit<typeof t.kitchens.$inferSelect, 'figures' | 'opening'> & KitchenFigures & { opening: Opening };
type FormulaRow = Kept<typeof t.formulas.$inferSelect, Formula>;
type FormulaVersionRow = Kept<typeof t.formulaVersions.$inferSelect, Formula>;
type BuildRow = Kept<typeof t.builds.$inferSelect, Build>;

/** All that changes seldom: the kitchen, its people and equipment, its library. */
export interface KitchenRows {
  kitchen: KitchenRow;
  /** Who and what is there, those that are retired left out. */
  people: Entry<'people'>[];
  items: Entry<'items'>[];
  ingredients: Entry<'ingredients'>[];
  suppliers: Entry<'suppliers'>[];
  standingWork: Entry<'standing work'>[];
  /** Its own blocks of work, beside those that ship. */
  blocks: Entry<'blocks'>[];
  /** Everything, with what is retired. */
  entries: AllEntries;
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
  const { figures, opening, ...kitchen } = row;
  return {
    kitchen: {
      ...kitchen,
      ...readStored(figuresCodec, 'The kitchen’s figures', figures),
      opening: opening ? readStored(openingCodec, 'The kitchen’s hours', opening) : ALWAYS_OPEN,
    },
    ...inRegisters(await readEntries(db)),
    formulas: sorted(await readFormulas(db)),
    builds: sorted(await readBuilds(db)),
    olderFormulas: await readOlderFormulas(db),
  };
}

/** The registers as others ask for them. */
function inRegisters(entries: AllEntries) {
  return {
    people: entries.people.filter(inUse),
    items: entries.items.filter(inUse),
    ingredients: entries.ingredients.filter(inUse),
    suppliers: entries.suppliers.filter(inUse),
    standingWork: entries['standing work'].filter(inUse),
    blocks: entries.blocks.filter(inUse),
    entries,
  };
}

/** The same kitchen with other entries in some of its registers. */
export const withEntries = (rows: KitchenRows, changed: Partial<AllEntries>): KitchenRows => ({
  ...rows,
  ...inRegisters({ ...rows.entries, ...changed }),
});

const inUse = ({ retiredAt }: { retiredAt: Date | null }) => retiredAt === null;

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

/** What of a kitchen itself can be changed. */
export interface KitchenValues {
  figures?: KitchenFigures;
  reading?: Reading | null;
  opening?: Opening;
  name?: string;
  zone?: string;
  setUp?: string[] | null;
}

/** Changes a kitchen that is still at the version that was read; false if somebody was faster. */
export async function updateKitchen(
  { rows, kitchen: id }: KitchenDb,
  version: number,
  { figures, reading, ...rest }: KitchenValues,
): Promise<boolean> {
  const changed = await rows
    .update(t.kitchens)
    .set({
      ...(figures && { figures: figuresCodec.write(figures) }),
      ...(reading !== undefined && { reading }),
      ...(rest.opening && { opening: openingCodec.write(rest.opening) }),
      ...(rest.name !== undefined && { name: rest.name }),
      ...(rest.zone !== undefined && { zone: rest.zone }),
      ...(rest.setUp !== undefined && { setUp: rest.setUp }),
      version: sql`${t.kitchens.version} + 1`,
    })
    .where(and(eq(t.kitchens.id, id), eq(t.kitchens.version, version)))
    .returning({ id: t.kitchens.id });
  return changed.length > 0;
}
