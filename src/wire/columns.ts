/**
 * A list of alike objects, field by field: the names of the fields are sent once, and a value that returns is sent once too. The wall of
 * eighty orders takes a quarter of the room so.
 */
export type Columns<T extends object> = { count: number } & { fields: { [K in keyof T]: Column } };

/** The values of a field, one for each object; or its distinct values, and which of them each object has. */
type Column = unknown[] | { of: unknown[]; at: number[] };

export function toColumns<T extends object>(rows: readonly T[]): Columns<T> {
  const keys = [...new Set(rows.flatMap((r) => Object.keys(r)))] as (keyof T)[];
  const fields = Object.fromEntries(keys.map((k) => [k, toColumn(rows.map((r) => r[k]))]));
  return { count: rows.length, fields: fields as Columns<T>['fields'] };
}

export function fromColumns<T extends object>({ count, fields }: Columns<T>): T[] {
  const keys = Object.keys(fields) as (keyof T)[];
  return Array.from({ length: count }, (_, i) => {
    const row = {} as T;
    for (const k of keys) {
      const column: Column = fields[k];
      const value = Array.isArray(column) ? column[i] : column.of[column.at[i]!];
      if (value !== undefined) row[k] = value as T[keyof T];
    }
    return row;
  });
}

function toColumn(values: unknown[]): Column {
  const index = new Map<string, number>();
  const of: unknown[] = [];
  const at = values.map((value) => {
    const key = JSON.stringify(value) ?? '';
    const known = index.get(key);
    if (known !== undefined) return known;
    index.set(key, of.push(value) - 1);
    return of.length - 1;
  });
  const short = JSON.stringify({ of, at }).length < JSON.stringify(values).length;
  return short && !of.includes(undefined) ? { of, at } : values;
}
