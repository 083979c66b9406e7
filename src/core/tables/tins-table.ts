import { say } from '../words/say';
import { ITEM_FORMS, itemFormOf, itemOf } from '../input/item-input';
import type { Item } from '../kitchen/item';
import { RowReader, type EntryTable } from './table';

/** The same tin, told without its depth, is as deep as it was. */
function deepAsBefore(item: Item, before: Item | null): Item {
  const { mould } = item;
  const depth = before?.mould?.depth;
  if (!mould || mould.depth !== undefined || depth === undefined) return item;
  const same = JSON.stringify(mould.form) === JSON.stringify(before!.mould!.form);
  return same ? { ...item, mould: { ...mould, depth } } : item;
}

/** Tins, rings, frames and sheets in words. When they cannot be used stays as it is. */
export const tinsTable: EntryTable<Item> = {
  columns: [
    {
      name: 'name',
      about: say`What it is called here; left out, its measures. A line of this name that is here already is changed.`,
    },
    { name: 'tin', about: say`In plain words: “round 24, 7 deep”, “ring 18”, “sheet 60 x 40”.` },
    { name: 'count', about: say`How many there are.` },
  ],
  examples: [
    { name: '', tin: 'round 24, 7 deep', count: '6' },
    { name: 'Old hearts', tin: 'heart 20, 6 deep', count: '2' },
  ],
  row: (item) => {
    const { name, words, units } = itemFormOf('tins', item);
    return { name, tin: words, count: String(units) };
  },
  read: (row, before, typing) => {
    const reader = new RowReader(row, typing.decimal);
    const was = before?.mould ? itemFormOf('tins', before) : null;
    const form = {
      name: reader.text('name', was?.name ?? ''),
      closed: was?.closed ?? [],
      words: reader.text('tin', was?.words ?? ''),
      units: reader.number('count', was?.units ?? 1, 1),
    };
    const column = (path: string) => ({ words: 'tin', units: 'count' })[path] ?? path;
    const read = reader.form(ITEM_FORMS.tins, form, column);
    if (!read.ok) return read;
    const item = itemOf('tins', read.value, before, typing);
    if (item.ok) return { ok: true, value: deepAsBefore(item.item, before) };
    return { ok: false, problems: Object.entries(item.fields).map(([f, message]) => ({ column: column(f), message })) };
  },
};
