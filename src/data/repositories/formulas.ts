import { and, desc, eq } from 'drizzle-orm';
import type { Formula } from '../../core/formula/formula';
import { formulaCodec } from '../../core/stored/formula';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

/** One version of a formula, with when and why it was saved. */
export interface FormulaVersion {
  version: number;
  body: Formula;
  savedAt: Date;
  note: string;
}

/** Every version of a formula that was kept, the newest first. */
export async function readFormulaVersions(db: KitchenDb, formula: string): Promise<FormulaVersion[]> {
  const rows = await db.rows
    .select()
    .from(t.formulaVersions)
    .where(and(eq(t.formulaVersions.kitchen, db.kitchen), eq(t.formulaVersions.formula, formula)))
    .orderBy(desc(t.formulaVersions.version));
  return rows.map(({ version, body, savedAt, note }) => ({
    ...{ version, savedAt, note },
    body: readStored(formulaCodec, `Formula “${formula}”, version ${version},`, body),
  }));
}

/** Saves formulas that are not there yet, as their first versions. */
export async function insertFormulas(
  { kitchen, rows }: KitchenDb,
  formulas: Formula[],
  { savedAt, note }: Pick<FormulaVersion, 'savedAt' | 'note'>,
): Promise<void> {
  const stored = formulas.map((f) => ({ kitchen, id: f.id, name: f.name, body: formulaCodec.write(f) }));
  await rows.insert(t.formulas).values(stored);
  await rows
    .insert(t.formulaVersions)
    .values(stored.map(({ id, body }) => ({ kitchen, formula: id, version: 1, body, savedAt, note })));
}

/** Saves the next version of a formula; false where it is not at the version before any more. */
export async function updateFormula(
  { kitchen, rows }: KitchenDb,
  before: { version: number; body: Formula },
  after: Formula,
  { savedAt, note }: Pick<FormulaVersion, 'savedAt' | 'note'>,
): Promise<boolean> {
  const { id, name } = after;
  const body = formulaCodec.write(after);
  const version = before.version + 1;
  // Formulas from before versions were kept: the one that is left behind is written down first.
  const left = { kitchen, formula: id, version: before.version, body: formulaCodec.write(before.body), savedAt };
  await rows.insert(t.formulaVersions).values(left).onConflictDoNothing();
  const own = and(eq(t.formulas.kitchen, kitchen), eq(t.formulas.id, id), eq(t.formulas.version, before.version));
  const changed = await rows
    .update(t.formulas)
    .set({ name, body, version })
    .where(own)
    .returning({ id: t.formulas.id });
  if (changed.length === 0) return false;
  await rows.insert(t.formulaVersions).values({ kitchen, formula: id, version, body, savedAt, note });
  return true;
}
