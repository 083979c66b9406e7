import { instantOf, writeInstant, type Anchor } from './instants';
import type { KitchenFile, SectionName } from './shape';

/** Fields that are instants, by section; those of versions of formulas stand in a list of their own. */
const INSTANTS: Readonly<Partial<Record<SectionName, readonly string[]>>> = {
  people: ['retired'],
  items: ['retired'],
  ingredients: ['retired'],
  suppliers: ['retired'],
  standingWork: ['retired'],
  blocks: ['retired'],
  orders: ['pickup', 'handedOverAt', 'createdAt', 'holdsUntil'],
  pictures: ['addedAt'],
  batches: ['madeAt'],
  events: ['at'],
  work: ['keptAt'],
  plans: ['madeAt'],
  ticks: ['tickedAt'],
  probeSeries: ['takenAt'],
};

/** A file with each of its instants as `map` makes it, which is told of its place. */
export function withInstants(file: KitchenFile, map: (text: string, path: string) => string): KitchenFile {
  const mapped: Record<string, unknown> = { ...file };
  const fields = <R extends object>(record: R, names: readonly string[], path: string): R => {
    const own = { ...record } as Record<string, unknown>;
    for (const name of names) {
      const text = own[name];
      if (typeof text === 'string') own[name] = map(text, `${path}.${name}`);
    }
    return own as R;
  };
  if (file.kitchen) mapped.kitchen = fields(file.kitchen, ['origin'], 'kitchen');
  for (const [section, names] of Object.entries(INSTANTS)) {
    const list = mapped[section] as object[] | undefined;
    if (list) mapped[section] = list.map((record, i) => fields(record, names, `${section}.${i}`));
  }
  mapped.formulas = file.formulas?.map((f, i) => ({
    ...f,
    versions: f.versions.map((v, k) => fields(v, ['savedAt'], `formulas.${i}.versions.${k}`)),
  }));
  if (!file.formulas) delete mapped.formulas;
  return mapped as KitchenFile;
}

/** A file that has been read, with instants in the place of times that are relative to its anchor: as a kitchen has them. */
export function withFixedInstants(file: KitchenFile, anchor: Anchor | null): KitchenFile {
  const fixed = withInstants(file, (text) => writeInstant(instantOf(text, anchor)!, null));
  return { ...fixed, anchor: null };
}
