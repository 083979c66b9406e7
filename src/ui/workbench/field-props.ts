'use client';

import type { PlainField } from '@/server/workbench/calculators';

export interface FieldProps {
  name: string;
  spec: PlainField;
  value: unknown;
  onChange: (value: unknown) => void;
  problems: Record<string, string>;
  /** Where in the whole input it lies: "tins.0.depth". */
  path: string;
  ingredients: { id: string; name: string }[];
}
