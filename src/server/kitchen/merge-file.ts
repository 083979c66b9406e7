import { say } from '../../core/words/say';
import type { Build } from '../../core/design/build';
import type { Formula } from '../../core/formula/formula';
import { compareFiles, ordersHere } from '../../core/kitchen-file/compare';
import { REGISTER_OF, REGISTER_SECTIONS } from '../../core/kitchen-file/documents';
import { renumbered } from '../../core/kitchen-file/renumber';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import { buildCodec } from '../../core/stored/build';
import { formulaCodec } from '../../core/stored/formula';
import { REGISTERS, type RegisterName, type Registers } from '../../core/stored/registers';
import type { KitchenDb } from '../../data/kitchen-db';
import { insertBuilds, updateBuild } from '../../data/repositories/builds';
import { keepDesigns } from '../builds/keep-designs';
import { insertContents, PARTS } from '../../data/repositories/contents';
import { entryBody, insertEntries, readEntry, updateEntry } from '../../data/repositories/entries';
import { appendEvents, lastEvent } from '../../data/repositories/events';
import { insertFormulas, updateFormula } from '../../data/repositories/formulas';
import { readKitchen } from '../../data/repositories/kitchen';
import { readStored } from '../../data/stored';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { refuse, type Kept, type Result } from '../shared/result';
import { storedFile } from './stored-file';

/** What is taken of a file: all that is new, and of what is another here, what is named: “formulas quince-curd”. */
export interface Chosen {
  /** Sections that are taken; what is left out stays in the file. */
  sections: string[];
  /** Records of the file that take the place of those that are here. */
  replace: string[];
}

/**
 * Takes what was chosen of a file whose times are instants into a kitchen, in one transaction. Formulas that take the place of others become their next version; orders get numbers that
 * are free, through everything that names them.
 */
export async function mergeFile(db: KitchenDb, file: KitchenFile, chosen: Chosen): Promise<Kept<{ taken: number }>> {
  const kept = await commit(
    db,
    async (tx): Promise<Result<{ taken: number }>> => {
      if (!(await readKitchen(tx))) return refuse(say`There is no kitchen yet.`);
      const here = await storedFile(tx, PARTS);
      const records = compareFiles(file, here);
      const takes = (section: string, id: string, is: 'new' | 'changed') =>
        chosen.sections.includes(section) &&
        (is === 'new' || chosen.replace.includes(`${section} ${id}`)) &&
        records.some((r) => r.section === section && r.id === id && r.is === is);
      let taken = 0;
      for (const section of REGISTER_SECTIONS) taken += await takeEntries(tx, file, section, takes);
      taken += await takeFormulas(tx, file, takes);
      taken += await takeBuilds(tx, file, takes);
      if (chosen.sections.includes('orders')) taken += await takeOrders(tx, file, here);
      return taken > 0
        ? { ok: true, taken }
        : refuse(say`Nothing of this file was chosen, or all of it is here already.`);
    },
    { library: true },
  );
  if (!kept.ok) return kept;
  return { ...kept, planned: await planned(db, say`a kitchen file was taken in`, { thorough: true }) };
}

type Takes = (section: string, id: string, is: 'new' | 'changed') => boolean;

async function takeEntries(
  tx: KitchenDb,
  file: KitchenFile,
  section: (typeof REGISTER_SECTIONS)[number],
  takes: Takes,
): Promise<number> {
  const register: RegisterName = REGISTER_OF[section];
  let taken = 0;
  for (const { id, body } of file[section] ?? []) {
    const isNew = takes(section, id, 'new');
    if (!isNew && !takes(section, id, 'changed')) continue;
    const value = readStored(REGISTERS[register] as never, `“${id}”`, body) as Registers[typeof register];
    const before = await readEntry(tx, register, id);
    if (!before) await insertEntries(tx, register, [{ ...value, id } as Registers[typeof register] & { id: string }]);
    else await updateEntry(tx, register, id, before.version, { value });
    const told = {
      register,
      entry: id,
      before: before ? entryBody(register, before) : null,
      after: entryBody(register, value),
    };
    await appendEvents(tx, [{ at: tx.now(), kind: 'entry saved', order: null, body: told }]);
    taken++;
  }
  return taken;
}

async function takeFormulas(tx: KitchenDb, file: KitchenFile, takes: Takes): Promise<number> {
  const why = { savedAt: tx.now(), note: say`from a kitchen file` };
  const rows = await readKitchen(tx);
  let taken = 0;
  for (const { id, versions } of file.formulas ?? []) {
    const isNew = takes('formulas', id, 'new');
    if (!isNew && !takes('formulas', id, 'changed')) continue;
    const body: Formula = readStored(formulaCodec, `Formula “${id}”`, versions[0]!.body);
    const before = rows?.formulas.find((f) => f.id === id);
    if (!before) await insertFormulas(tx, [body], why);
    else await updateFormula(tx, before, body, why);
    const saved = (before?.version ?? 0) + 1;
    await appendEvents(tx, [{ at: tx.now(), kind: 'formula saved', order: null, body: { formula: id, saved } }]);
    taken++;
  }
  return taken;
}

async function takeBuilds(tx: KitchenDb, file: KitchenFile, takes: Takes): Promise<number> {
  const rows = file.builds ? await readKitchen(tx) : null;
  let taken = 0;
  for (const { id, body } of file.builds ?? []) {
    const isNew = takes('builds', id, 'new');
    if (!isNew && !takes('builds', id, 'changed')) continue;
    const build: Build = readStored(buildCodec, `Build “${id}”`, body);
    if (isNew) await insertBuilds(tx, [build]);
    else {
      const before = rows!.builds.find((b) => b.id === id)!;
      await keepDesigns(tx, before.body);
      await updateBuild(tx, build, before.version);
    }
    taken++;
  }
  return taken;
}

/** Orders that are not here yet, with what was told of them. One that is here stays as it is here, whatever became of it in the file. */
async function takeOrders(tx: KitchenDb, file: KitchenFile, here: KitchenFile): Promise<number> {
  const isHere = ordersHere(file, here);
  const orders = (file.orders ?? []).filter((o) => !isHere.has(o.id));
  const batches = (file.batches ?? []).filter((b) => b.members.every((m) => !isHere.has(m.order)));
  const owners = new Set<string>([...orders.map((o) => `o${o.id}`), ...batches.map((b) => `b${b.id}`)]);
  const fresh = renumbered(
    {
      ...file,
      ...{ orders, batches },
      pictures: (file.pictures ?? []).filter((p) => !isHere.has(p.order)),
      events: (file.events ?? []).filter((e) =>
        e.owner === null ? e.order !== null && !isHere.has(e.order) : owners.has(e.owner),
      ),
      work: (file.work ?? []).filter((w) => owners.has(w.owner)),
    },
    {
      orders: new Set((here.orders ?? []).map((o) => o.id)),
      batches: new Set((here.batches ?? []).map((b) => b.id)),
      pictures: new Set((here.pictures ?? []).map((p) => p.id)),
      // What was taken before the orders has been told of already.
      lastEvent: await lastEvent(tx),
    },
  );
  const { format, version } = file;
  await insertContents(tx, { format, version, anchor: null, kitchen: null, ...fresh }, null);
  return orders.length;
}
