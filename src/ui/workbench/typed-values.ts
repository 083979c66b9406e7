'use client';

import type { PlainField } from '@/server/workbench/calculators';

export type Values = Record<string, unknown>;

/** The values to begin with: each field's default. */
export function startValues(fields: Record<string, PlainField>): Values {
  return Object.fromEntries(
    Object.entries(fields).map(([name, f]) => [
      name,
      f.default ?? (f.kind === 'list' ? [] : f.kind === 'form' ? { form: 'round', diameter: 200 } : ''),
    ]),
  );
}

/** What the calculator reads: empty fields are left out, names become lists, plain numbers numbers. */
export function toInput(fields: Record<string, PlainField>, values: Values): Values {
  const input: Values = {};
  for (const [name, spec] of Object.entries(fields)) {
    const value = values[name];
    if (value === '' || value === undefined) continue;
    if (spec.kind === 'number') input[name] = typedNumber(value);
    else if (spec.kind === 'list') input[name] = (value as Values[]).map((row) => toInput(spec.of, row));
    else if (spec.kind === 'form')
      input[name] = Object.fromEntries(
        Object.entries(value as Values).map(([k, v]) => [k, k === 'form' ? v : typedNumber(v)]),
      );
    else if (spec.kind === 'names')
      input[name] =
        typeof value === 'string'
          ? value
              .split(',')
              .map((x) => x.trim())
              .filter(Boolean)
          : value;
    else input[name] = value;
  }
  return input;
}

/** "12,5" is a number; "12 cm" stays text, for the calculator to read. */
function typedNumber(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  const number = Number(value.trim().replace(',', '.'));
  return value.trim() !== '' && Number.isFinite(number) ? number : value;
}
