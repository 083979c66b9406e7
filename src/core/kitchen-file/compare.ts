import { REGISTER_SECTIONS } from './read';
import type { KitchenFile } from './shape';

/**
 * What a record of a file would be in a kitchen: not there yet, as it is there, changed since, or, of orders, another one that has its number by
 * chance.
 */
export interface FoundRecord {
  section: string;
  id: string;
  name: string;
  is: 'new' | 'same' | 'changed' | 'clash';
}

const COMPARED = [...REGISTER_SECTIONS, 'formulas', 'builds', 'orders', 'batches'] as const;
type Compared = (typeof COMPARED)[number];
type Record_ = { id: string | number };

/** What a record is called: its title, or the name in its document. */
function nameOf(section: Compared, record: Record_): string {
  if (section === 'orders') return (record as unknown as { title: string }).title;
  const { body, versions } = record as unknown as {
    body?: { name?: string };
    versions?: { body: { name?: string } }[];
  };
  return body?.name ?? versions?.[0]?.body.name ?? `${record.id}`;
}

/** What decides whether two records are the same: not how often either was saved, nor when. */
function essence(section: Compared, record: Record_): string {
  const { version, retired, versions, ...rest } = record as unknown as Record<string, unknown> & {
    versions?: { body: unknown }[];
  };
  void [version, retired];
  return JSON.stringify(section === 'formulas' ? versions?.[0]?.body : sorted(rest));
}

/** The same fields in whatever order they were written. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, sorted(v)]),
  );
}

/** An order is known by when it was taken: numbers are given by each kitchen for itself. */
function stands(section: Compared, record: Record_, own: Record_ | undefined): FoundRecord['is'] {
  if (!own) return 'new';
  if (essence(section, own) === essence(section, record)) return 'same';
  const taken = (order: Record_) => Date.parse((order as unknown as { createdAt: string }).createdAt);
  return section === 'orders' && taken(own) !== taken(record) ? 'clash' : 'changed';
}

/** Every record of a file against those of a kitchen; both must have been read, so that their documents are of one version. */
export function compareFiles(file: KitchenFile, kitchen: KitchenFile): FoundRecord[] {
  return COMPARED.flatMap((section) => {
    const there = new Map(((kitchen[section] ?? []) as Record_[]).map((r) => [r.id, r]));
    return ((file[section] ?? []) as Record_[]).map((record): FoundRecord => {
      const own = there.get(record.id);
      return { section, id: `${record.id}`, name: nameOf(section, record), is: stands(section, record, own) };
    });
  });
}
