import { say } from '../../core/words/say';
import { blockOf, type BlockForm } from '../../core/input/block-input';
import { itemOf, type ItemForms } from '../../core/input/item-input';
import type { ItemGroup } from '../../core/kitchen/item';
import type { RegisterName, Registers } from '../../core/stored/registers';
import type { KitchenDb } from '../../data/kitchen-db';
import { readEntry } from '../../data/repositories/entries';
import { LOOK_AGAIN } from '../shared/door';
import { refuse } from '../shared/result';
import { loadKitchen } from '../situation/load-kitchen';
import { mouldTyping } from './add-items';
import { saveEntry, type SavedEntry } from './entries';

/** Which entry a form is of. */
interface Which {
  id: string | null;
  version: number;
  sure?: boolean | undefined;
}

/** Saves what a form says of an entry; what the form does not show stays as it was. */
export async function saveFrom<R extends RegisterName, Form>(
  db: KitchenDb,
  register: R,
  { id, version, sure, ...form }: Form & Which,
  valueOf: (form: Form, before: Registers[R] | null) => Registers[R],
): Promise<SavedEntry> {
  const before = id === null ? null : await readEntry(db, register, id);
  return saveEntry(db, register, { id, version, sure, value: valueOf(form as unknown as Form, before) });
}

/** Saves a kind of work on cakes: one of its own, its own version of what ships, or a new one that is like another. */
export async function saveBlock(db: KitchenDb, { id, version, sure, ...form }: BlockForm & Which): Promise<SavedEntry> {
  const kitchen = await loadKitchen(db);
  const like = kitchen?.library.blocks.get(id ?? form.like);
  if (!kitchen || !like) return refuse(say`The work that this is made after is not here any more.`);
  return saveEntry(db, 'blocks', { id, version, sure, value: blockOf(form, like) });
}

/** Saves an oven, a machine, a tin or a place. */
export async function saveItem<G extends ItemGroup>(
  db: KitchenDb,
  group: G,
  { id, version, sure, ...form }: ItemForms[G] & Which,
): Promise<SavedEntry> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(say`There is no kitchen yet.`);
  const before = id === null ? null : await readEntry(db, 'items', id);
  const read = itemOf(group, form as unknown as ItemForms[G], before, mouldTyping(kitchen));
  if (!read.ok) return refuse(LOOK_AGAIN, read.fields);
  return saveEntry(db, 'items', { id, version, sure, value: read.item });
}
