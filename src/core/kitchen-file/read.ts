import type { Block } from '../design/block';
import { faultsOf } from '../design/problems';
import { TypeCompiler } from '@sinclair/typebox/compiler';
import { say } from '../words/say';
import { cycleOf } from '../formula/cycle';
import { batchId, orderId } from '../ids/ids';
import { IANAZone } from 'luxon';
import { Documents, type FileProblem, type Wrong } from './documents';
import { withInstants } from './file-instants';
import { isInstant, NO_INSTANT, type Anchor } from './instants';
import { KITCHEN_FORMAT, KITCHEN_VERSION, kitchenFile, type KitchenFile } from './shape';

export type ReadFile = { ok: true; file: KitchenFile } | { ok: false; problems: FileProblem[] };

const MOST_PROBLEMS = 20;
/** More than this is no kitchen. */
const MOST_RECORDS = 500_000;
/** Nothing that a kitchen writes lies deeper. */
const DEEPEST = 40;

const check = TypeCompiler.Compile(kitchenFile);

/**
 * A kitchen file that is sound: its shape, each of its documents (brought up to the newest version), its times, and that whatever one record
 * names is there, in the file or in `known`. Otherwise everything that is wrong, up to twenty, each with its place.
 *
 * @param anchor the day that relative times count from, where it is not the file’s own
 */
export function readKitchenFile(raw: unknown, known: Known, anchor: string | null = null): ReadFile {
  const problems: FileProblem[] = [];
  const wrong = (path: string, message: string) => {
    if (problems.length < MOST_PROBLEMS) problems.push({ path, message });
  };
  const refused = (): ReadFile => ({ ok: false, problems });
  const head = raw as Partial<KitchenFile> | null;
  if (typeof head !== 'object' || head === null || Array.isArray(head))
    return { ok: false, problems: [{ path: '', message: say`This is no kitchen file: it must be a JSON object.` }] };
  if (head.format !== KITCHEN_FORMAT)
    return {
      ok: false,
      problems: [{ path: 'format', message: say`This is no kitchen file: its format is not “${KITCHEN_FORMAT}”.` }],
    };
  if (typeof head.version === 'number' && head.version > KITCHEN_VERSION)
    return {
      ok: false,
      problems: [
        {
          path: 'version',
          message: say`It was written by a newer program (version ${head.version as number}; this one reads up to ${KITCHEN_VERSION}).`,
        },
      ],
    };
  if (tooDeep(raw, DEEPEST))
    return { ok: false, problems: [{ path: '', message: say`It is nested deeper than any kitchen.` }] };
  if (!check.Check(raw)) {
    for (const e of check.Errors(raw)) {
      wrong(e.path.slice(1).replaceAll('/', '.'), e.message);
      if (problems.length === MOST_PROBLEMS) break;
    }
    return refused();
  }
  const file = raw;
  const count = Object.values(file).reduce<number>((sum, v) => sum + (Array.isArray(v) ? v.length : 0), 0);
  if (count > MOST_RECORDS)
    return {
      ok: false,
      problems: [{ path: '', message: say`It has ${count} records; at most ${MOST_RECORDS} are read.` }],
    };

  const zone = file.kitchen?.zone ?? known.zone;
  if (file.kitchen && !IANAZone.isValidZone(file.kitchen.zone))
    wrong('kitchen.zone', say`There is no time zone of this name.`);
  const from = anchor ?? file.anchor;
  const days: Anchor | null = from === null ? null : { date: from, zone };
  const documents = new Documents(wrong);
  const read = documents.all(file);
  checkInstants(file, days, wrong);
  checkUnique(file, wrong);
  checkReferences(read, known, wrong);
  return problems.length > 0 ? refused() : { ok: true, file: read.file };
}

/** A kitchen's own contents as they were stored, of whatever version, with each document at its newest; or what of them cannot be read. */
export function broughtUp(stored: KitchenFile): ReadFile {
  const problems: FileProblem[] = [];
  const { file } = new Documents((path, message) => problems.push({ path, message })).all(stored);
  return problems.length > 0 ? { ok: false, problems: problems.slice(0, MOST_PROBLEMS) } : { ok: true, file };
}

/** What a kitchen that a file comes into has already, and may therefore be named in it. */
export interface Known {
  zone: string;
  ingredients: ReadonlySet<string>;
  formulas: ReadonlySet<string>;
  builds: ReadonlySet<string>;
  /** What can be done to a cake: what ships with the program, and the kitchen's own. */
  blocks: ReadonlyMap<string, Block>;
}

/** A kitchen that has nothing yet but what ships. */
export const nothingKnown = (blocks: Known['blocks']): Known => ({
  ...{ zone: 'UTC', ingredients: new Set(), formulas: new Set(), builds: new Set(), blocks },
});

function tooDeep(value: unknown, left: number): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (left === 0) return true;
  return Object.values(value).some((v) => tooDeep(v, left - 1));
}

function checkInstants(file: KitchenFile, anchor: Anchor | null, wrong: Wrong): void {
  withInstants(file, (text, path) => {
    if (!isInstant(text, anchor)) wrong(path, NO_INSTANT);
    return text;
  });
}

/** What a record of a section is told apart by, where that is not its id. */
const KEY_OF: Readonly<Record<string, string>> = { work: 'owner', ticks: 'key' };

function checkUnique(file: KitchenFile, wrong: Wrong): void {
  for (const [section, list] of Object.entries(file)) {
    if (!Array.isArray(list)) continue;
    const seen = new Set<unknown>();
    list.forEach((record: unknown, i) => {
      const key = (record as Record<string, unknown>)[KEY_OF[section] ?? 'id'];
      if (seen.has(key)) wrong(`${section}.${i}`, say`“${String(key)}” is there twice.`);
      seen.add(key);
    });
  }
  file.formulas?.forEach((f, i) => {
    const versions = f.versions.map((v) => v.version);
    if (versions.length === 0) wrong(`formulas.${i}.versions`, say`It has no version.`);
    if (versions.some((v, k) => k > 0 && v >= versions[k - 1]!))
      wrong(`formulas.${i}.versions`, say`The newest version comes first, and each once.`);
  });
}

/** Whatever one record names must be there. */
function checkReferences(
  { file, formulas, builds, blocks }: ReturnType<Documents['all']>,
  known: Known,
  wrong: Wrong,
): void {
  const ids = (list: readonly { id: string | number }[] | undefined) =>
    new Set<string | number>((list ?? []).map((x) => x.id));
  const has: Record<'ingredients' | 'formulas' | 'builds' | 'orders' | 'batches', ReadonlySet<string | number>> = {
    ingredients: new Set([...ids(file.ingredients), ...known.ingredients]),
    formulas: new Set([...formulas.keys(), ...known.formulas]),
    builds: new Set([...builds.keys(), ...known.builds]),
    orders: ids(file.orders),
    batches: ids(file.batches),
  };
  const needs = (path: string, of: keyof typeof has, id: string | number, what: string) => {
    if (!has[of].has(id)) wrong(path, say`There is no ${what} “${id}”, neither in the file nor in the kitchen.`);
  };
  file.formulas?.forEach((f, i) => {
    const at = `formulas.${i}.versions.0.body`;
    const body = formulas.get(f.id);
    body?.lines.forEach((l, k) => needs(`${at}.lines.${k}.ingredient`, 'ingredients', l.ingredient, say`ingredient`));
    body?.parts?.forEach((p, k) => needs(`${at}.parts.${k}.formula`, 'formulas', p.formula, say`formula`));
    const cycle = cycleOf(f.id, formulas);
    if (cycle) wrong(`${at}.parts`, say`It would go into itself: ${cycle.join(' → ')}.`);
  });
  file.builds?.forEach((b, i) => {
    const body = builds.get(b.id);
    if (!body) return;
    const faults = faultsOf(body.design, { ...has, blocks: new Map([...known.blocks, ...blocks]) });
    for (const { path, message } of faults) wrong(`builds.${i}.body.design.${path}`, message);
  });
  file.orders?.forEach((o, i) => needs(`orders.${i}.build`, 'builds', o.build, say`build`));
  file.pictures?.forEach((p, i) => needs(`pictures.${i}.order`, 'orders', p.order, say`order`));
  file.batches?.forEach((b, i) => {
    needs(`batches.${i}.formula`, 'formulas', b.formula, say`formula`);
    b.members.forEach((m, k) => needs(`batches.${i}.members.${k}.order`, 'orders', m.order, say`order`));
  });
  const owners = new Set<string>([...has.orders].map((n) => orderId(n as number)));
  for (const n of has.batches) owners.add(batchId(n as number));
  file.events?.forEach((e, i) => {
    if (e.order !== null) needs(`events.${i}.order`, 'orders', e.order, say`order`);
  });
  file.work?.forEach((w, i) => {
    if (!owners.has(w.owner)) wrong(`work.${i}.owner`, say`There is no order and no batch “${w.owner}”.`);
  });
}
