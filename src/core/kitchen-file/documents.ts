import type { Block, KeptBlock } from '../design/block';
import { blockProblems } from '../design/block-problems';
import type { Build } from '../design/build';
import type { Formula } from '../formula/formula';
import { buildCodec } from '../stored/build';
import type { Codec, Stored } from '../stored/codec';
import { keptBatchCodec, keptCodec } from '../stored/compiled';
import { eventCodec } from '../stored/event';
import { formulaCodec } from '../stored/formula';
import { figuresCodec } from '../stored/kitchen-figures';
import { answersCodec } from '../stored/order-answers';
import { detailsCodec } from '../stored/order-details';
import { plannedCodec } from '../stored/planned';
import { openingCodec, REGISTERS, type RegisterName } from '../stored/registers';
import { say } from '../words/say';
import type { KitchenFile } from './shape';

/** What is wrong with a file, and where: `orders.3.pickup`. */
export interface FileProblem {
  path: string;
  message: string;
}

/** Told of whatever is wrong, with its place. */
export type Wrong = (path: string, message: string) => void;

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

/** The documents of a file, each read by its codec and written again by its newest version. */
export class Documents {
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
