import type { Block } from '../design/block';
import { blockProblems } from '../design/block-problems';
import { faultsOf } from '../design/problems';
import { TypeCompiler } from '@sinclair/typebox/compiler';
import { say } from '../words/say';
import { cycleOf } from '../formula/cycle';
import { batchId, orderId } from '../ids/ids';
import { answersCodec } from '../stored/order-answers';
import { detailsCodec } from '../stored/order-details';
import type { KeptBlock } from '../design/block';
import { buildCodec } from '../stored/build';
import type { Codec, Stored } from '../stored/codec';
import { keptBatchCodec, keptCodec } from '../stored/compiled';
import { eventCodec } from '../stored/event';
import { figuresCodec } from '../stored/kitchen-figures';
import { formulaCodec } from '../stored/formula';
import { plannedCodec } from '../stored/planned';
import { openingCodec, REGISTERS, type RegisterName } from '../stored/registers';
import type { Build } from '../design/build';
import type { Formula } from '../formula/formula';
import { IANAZone } from 'luxon';
import { isInstant, NO_INSTANT, type Anchor } from './instants';
import { KITCHEN_FORMAT, KITCHEN_VERSION, kitchenFile, type KitchenFile } from './shape';

/** What is wrong with a file, and where: `orders.3.pickup`. */
export interface FileProblem {
  path: string;
  message: string;
}

export type ReadFile = { ok: true; file: KitchenFile } | { ok: false; problems: FileProblem[] };

const MOST_PROBLEMS = 20;
/** More than this is no kitchen. */
const MOST_RECORDS = 500_000;
/** Nothing that a kitchen writes lies deeper. */
const DEEPEST = 40;

/** Registers by the section of the file that they stand in. */
export const REGISTER_OF = {
  people: 'people',
  items: 'items',
  ingredients: 'ingredients',
  suppliers: 'suppliers',
  standingWork: 'standing work',
  blocks: 'blocks',
} as const satisfies Record<string, RegisterName>;
export type RegisterSection = keyof typeof REGISTER_OF;
export const REGISTER_SECTIONS = Object.keys(REGISTER_OF) as RegisterSection[];

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

type Wrong = (path: string, message: string) => void;

function tooDeep(value: unknown, left: number): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (left === 0) return true;
  return Object.values(value).some((v) => tooDeep(v, left - 1));
}

/** The documents of a file, each read by its codec and written again by its newest version. */
class Documents {
  constructor(private readonly wrong: Wrong) {}

  private read<T>(codec: Codec<T>, path: string, stored: Stored): { value: T; body: Stored } | null {
    const read = codec.read(stored);
    if (read.ok) return { value: read.value, body: codec.write(read.value) };
    for (const p of read.problems) this.wrong(p.path === '' ? path : `${path}.${p.path}`, p.message);
    return null;
  }

  private body<T>(codec: Codec<T>, path: string, stored: Stored): Stored {
    return this.read(codec, path, stored)?.body ?? stored;
  }

  all(file: KitchenFile) {
    const formulas = new Map<string, Formula>();
    const builds = new Map<string, Build>();
    const brought: KitchenFile = { ...file };
    if (file.kitchen) {
      const { figures, opening } = file.kitchen;
      brought.kitchen = {
        ...file.kitchen,
        figures: this.body(figuresCodec, 'kitchen.figures', figures),
        opening: opening && this.body(openingCodec, 'kitchen.opening', opening),
      };
    }
    const blocks = new Map<string, Block>();
    for (const section of REGISTER_SECTIONS) {
      const codec: Codec<unknown> = REGISTERS[REGISTER_OF[section]] as Codec<unknown>;
      const list = file[section];
      if (list)
        brought[section] = list.map((e, i) => {
          const path = `${section}.${i}.body`;
          const read = this.read(codec, path, e.body);
          if (read && section === 'blocks') {
            const block = read.value as KeptBlock;
            for (const p of blockProblems(block)) this.wrong(`${path}.${p.path}`, p.message);
            blocks.set(e.id, { id: e.id, ...block });
          }
          return { ...e, body: read?.body ?? e.body };
        });
    }
    if (file.formulas)
      brought.formulas = file.formulas.map((f, i) => ({
        ...f,
        versions: f.versions.map((v, k) => {
          const path = `formulas.${i}.versions.${k}.body`;
          const read = this.read(formulaCodec, path, v.body);
          if (read && read.value.id !== f.id)
            this.wrong(`${path}.id`, say`It is “${read.value.id}”, and should be “${f.id}”.`);
          if (read && k === 0) formulas.set(f.id, read.value);
          return { ...v, body: read?.body ?? v.body };
        }),
      }));
    if (file.builds)
      brought.builds = file.builds.map((b, i) => {
        const read = this.read(buildCodec, `builds.${i}.body`, b.body);
        if (read && read.value.id !== b.id)
          this.wrong(`builds.${i}.body.id`, say`It is “${read.value.id}”, and should be “${b.id}”.`);
        if (read) builds.set(b.id, read.value);
        return { ...b, body: read?.body ?? b.body };
      });
    if (file.orders)
      brought.orders = file.orders.map((o, i) => ({
        ...o,
        answers: this.body(answersCodec, `orders.${i}.answers`, o.answers),
        ...(o.details && { details: this.body(detailsCodec, `orders.${i}.details`, o.details) }),
      }));
    if (file.events)
      brought.events = file.events.map((e, i) => ({
        ...e,
        body: this.body(eventCodec(e.kind) as Codec<unknown>, `events.${i}.body`, e.body),
      }));
    if (file.work)
      brought.work = file.work.map((w, i) => ({
        ...w,
        body: this.body(
          (w.owner.startsWith('b') ? keptBatchCodec : keptCodec) as Codec<unknown>,
          `work.${i}.body`,
          w.body,
        ),
      }));
    if (file.plans)
      brought.plans = file.plans.map((p, i) => ({ ...p, body: this.body(plannedCodec, `plans.${i}.body`, p.body) }));
    return { file: brought, formulas, builds, blocks };
  }
}

/** Fields that are instants, by section. */
const INSTANTS: Readonly<Record<string, readonly string[]>> = {
  ...{
    people: ['retired'],
    items: ['retired'],
    ingredients: ['retired'],
    suppliers: ['retired'],
    standingWork: ['retired'],
    blocks: ['retired'],
  },
  ...{
    orders: ['pickup', 'handedOverAt', 'createdAt'],
    pictures: ['addedAt'],
    batches: ['madeAt'],
    events: ['at'],
    work: ['keptAt'],
  },
  ...{ plans: ['madeAt'], ticks: ['tickedAt'], probeSeries: ['takenAt'] },
};

function checkInstants(file: KitchenFile, anchor: Anchor | null, wrong: Wrong): void {
  const look = (path: string, value: unknown) => {
    if (typeof value === 'string' && !isInstant(value, anchor)) wrong(path, NO_INSTANT);
  };
  if (file.kitchen) look('kitchen.origin', file.kitchen.origin);
  for (const [section, fields] of Object.entries(INSTANTS)) {
    const list = (file as Record<string, unknown>)[section] as Record<string, unknown>[] | undefined;
    list?.forEach((record, i) => fields.forEach((f) => look(`${section}.${i}.${f}`, record[f])));
  }
  file.orders?.forEach((o, i) => look(`orders.${i}.holdsUntil`, o.holdsUntil));
  file.formulas?.forEach((f, i) =>
    f.versions.forEach((v, k) => look(`formulas.${i}.versions.${k}.savedAt`, v.savedAt)),
  );
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
