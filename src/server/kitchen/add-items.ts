import { say } from '../../core/words/say';
import type { Item } from '../../core/kitchen/item';
import { mouldKind, mouldName } from '../../core/kitchen/mould-kind';
import { mouldTypingOf, readMould, type MouldTyping } from '../../core/kitchen/read-mould';
import { STARTER_SETS } from '../../core/kitchen/starter-sets';
import type { KitchenDb } from '../../data/kitchen-db';
import { entryBody, insertEntries } from '../../data/repositories/entries';
import { appendEvents } from '../../data/repositories/events';
import { commit } from '../shared/commit';
import { planned } from '../plan/replan';
import { refuse, type Kept, type Result } from '../shared/result';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { freshId } from './entries';

export type AddedItems = Kept<{ added: number }>;

/** How a kitchen writes the measures of its tins. */
export const mouldTyping = ({ rows }: LoadedKitchen): MouldTyping => mouldTypingOf(rows.kitchen.reading);

/** Puts a starter set into the kitchen; what is there under the same name already is left out. */
export async function addStarterSet(db: KitchenDb, key: string): Promise<AddedItems> {
  const set = STARTER_SETS.find((s) => s.key === key);
  if (!set) return refuse(say`There is no such set.`);
  return addItems(db, (kitchen) => {
    const added = set.items.filter((i) => !kitchen.rows.items.some((x) => x.name === i.name));
    return added.length > 0 ? { ok: true, items: added } : refuse(say`All of this is here already.`);
  });
}

/** More lines than this are no list of tins. */
const MOST_LINES = 200;

/** Adds tins that were typed or pasted as a list, one a line. Nothing is added unless every line can be read; each that cannot is named. */
export async function addTins(db: KitchenDb, text: string): Promise<AddedItems> {
  const lines = text.split(/\r?\n/);
  if (lines.length > MOST_LINES) return refuse(say`At most ${MOST_LINES} lines at once.`);
  return addItems(db, (kitchen) => {
    const problems: Record<string, string> = {};
    const items: Item[] = [];
    for (const [i, line] of lines.entries()) {
      if (line.trim() === '') continue;
      const read = readMould(line, mouldTyping(kitchen));
      if (!read.ok) problems[`${i + 1}`] = read.message;
      else {
        const { mould, owned } = read;
        items.push({ name: mouldName(mould), kind: mouldKind(mould), units: owned, closed: [], mould });
      }
    }
    if (Object.keys(problems).length > 0)
      return refuse(say`Some lines cannot be read: nothing was added yet.`, problems);
    return items.length > 0
      ? { ok: true, items }
      : refuse(say`No line says a tin. For example “round 24, 7 deep, 6 of them”.`);
  });
}

async function addItems(
  db: KitchenDb,
  choose: (kitchen: LoadedKitchen) => Result<{ items: Item[] }>,
): Promise<AddedItems> {
  const kept = await commit(
    db,
    async (tx): Promise<Result<{ added: number }>> => {
      const kitchen = await loadKitchen(tx);
      if (!kitchen) return refuse(say`There is no kitchen yet.`);
      const chosen = choose(kitchen);
      if (!chosen.ok) return chosen;
      const taken: { id: string; name: string }[] = [...kitchen.rows.entries.items];
      const added = chosen.items.map((item) => {
        const entry = { ...item, name: freeName(taken, item.name), id: freshId(taken, item.name) };
        taken.push(entry);
        return entry;
      });
      await insertEntries(tx, 'items', added);
      await appendEvents(
        tx,
        added.map((e) => ({
          ...{ at: tx.now(), kind: 'entry saved' as const, order: null },
          body: { register: 'items' as const, entry: e.id, before: null, after: entryBody('items', e) },
        })),
      );
      return { ok: true, added: added.length };
    },
    { library: true },
  );
  if (!kept.ok) return kept;
  return { ...kept, planned: await planned(db, say`the kitchen was changed`, { thorough: true }) };
}

/** The name, with a number behind it where something is called so already. */
function freeName(taken: readonly { name: string }[], name: string): string {
  let free = name;
  for (let n = 2; taken.some((t) => t.name === free); n++) free = `${name} (${n})`;
  return free;
}
