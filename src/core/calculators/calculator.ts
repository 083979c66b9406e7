import { say } from '../words/say';
import type { Kitchen } from '../breakdown/kitchen';
import type { Build } from '../design/build';
import type { Coefficients } from '../breakdown/figures/coefficients';
import type { FormulaLine } from '../formula/formula';
import type { Typing } from '../measure/parse-quantity';
import type { Form } from '../shape/form';
import type { PieceShape } from '../shape/piece';

/** Units of fields and results. Lengths are mm inside, areas mm², volumes ml, weights g, times minutes. */
export type CalcUnit =
  | 'mm'
  | 'mm²'
  | 'cm²'
  | 'ml'
  | 'g'
  | '°C'
  | '°F'
  | 'min'
  | 'g/ml'
  | 'share'
  | 'count'
  | '% vol'
  | '°Brix'
  | 'bloom'
  | '';

/** Where a choice or a default comes from the kitchen's figures, it is asked of them. */
type FromFigures<T> = T | ((figures: Coefficients) => T);

interface Common {
  label: string;
  /** Without one the field must be given; null may be left out. */
  default?: unknown;
}
export type FieldSpec = Common &
  (
    | { kind: 'number'; unit: CalcUnit; least?: number; most?: number; whole?: boolean }
    | { kind: 'text' }
    | { kind: 'choice'; choices: FromFigures<readonly string[]> }
    | { kind: 'form' }
    | { kind: 'list'; of: Record<string, FieldSpec>; least?: number }
    | { kind: 'names' }
    | { kind: 'words' }
  );

/** A field with the type of what it yields. */
export type Field<T> = FieldSpec & { readonly yields?: T };
type Fields = Record<string, Field<unknown>>;
export type ValuesOf<F extends Fields> = { [K in keyof F]: F[K] extends Field<infer T> ? T : never };

interface More {
  default?: FromFigures<number>;
  least?: number;
  most?: number;
  whole?: boolean;
}

export const number = (label: string, unit: CalcUnit, more: More = {}): Field<number> => ({
  ...{ kind: 'number', label, unit, least: 0 },
  ...more,
});
export const maybe = (label: string, unit: CalcUnit, more: Omit<More, 'default'> = {}): Field<number | null> => ({
  ...{ kind: 'number', label, unit, least: 0, default: null },
  ...more,
});
export const text = (label: string, preset?: string): Field<string> => ({
  ...{ kind: 'text', label },
  ...(preset === undefined ? {} : { default: preset }),
});
export const choice = <T extends string>(
  label: string,
  choices: FromFigures<readonly T[]>,
  preset?: FromFigures<T>,
): Field<T> => ({ ...{ kind: 'choice', label, choices }, ...(preset === undefined ? {} : { default: preset }) });
export const form = (label: string, preset?: Form): Field<Form> => ({
  ...{ kind: 'form', label },
  ...(preset === undefined ? {} : { default: preset }),
});
export const list = <F extends Fields>(label: string, of: F, preset?: ValuesOf<F>[]): Field<ValuesOf<F>[]> => ({
  ...{ kind: 'list', label, of: of as Record<string, FieldSpec>, least: 1 },
  ...(preset === undefined ? {} : { default: preset }),
});
export const names = (label: string): Field<string[]> => ({ kind: 'names', label, default: [] });
export const words = (label: string): Field<Record<string, string>> => ({ kind: 'words', label, default: {} });

/** What a calculator may draw on besides its fields. */
export interface CalcContext {
  kitchen: Kitchen;
  builds: ReadonlyMap<string, Build>;
  typing: Typing;
}

export type CalcValue = number | string | boolean | null | CalcValue[] | { [key: string]: CalcValue };
export type CalcValues = Record<string, CalcValue>;

/** Calculators that take a whole order: for the command line, as the screens have pages of their own for it. */
export const ORDER_GROUP = say`Order`;
/** In the order in which they are listed. */
export const GROUPS: readonly string[] = [
  say`Measures`,
  say`Shapes and portions`,
  say`Tins`,
  say`Amounts`,
  say`Formula`,
  say`Sheets and panels`,
  say`Heat and cold`,
  ORDER_GROUP,
];

export interface CalculatorHead {
  /** As the command line and the search know it. */
  name: string;
  title: string;
  /** One of `GROUPS`. */
  group: string;
  about: string;
  /** The formula, or where its figures come from. */
  source: string;
  /** Further words that find it. */
  also?: string;
  /** May take up to a second: a server runs it beside its own work. */
  heavy?: boolean;
  /** Labels and units of the results, in the order in which they are shown. */
  results: Record<string, readonly [label: string, unit: CalcUnit]>;
}

export interface Calculator extends CalculatorHead {
  fields: Record<string, FieldSpec>;
  run: (input: Record<string, unknown>, context: CalcContext) => CalcValues;
}

/** Thrown by a calculator whose fields are each right but do not go together. */
export class CannotCalculate extends Error {}

/** A calculator whose `run` knows the types of its fields. */
export function calculator<F extends Fields>(
  head: CalculatorHead & { fields: F; run: (input: ValuesOf<F>, context: CalcContext) => CalcValues },
): Calculator {
  return {
    ...head,
    fields: head.fields as Record<string, FieldSpec>,
    run: (input, context) => head.run(input as ValuesOf<F>, context),
  };
}

/** Ingredient lines, as most formula calculators take them. */
export const lines = (label = say`Ingredients`): Field<FormulaLine[]> =>
  list(label, { ingredient: text(say`Ingredient`), grams: number(say`Grams`, 'g') }) as Field<FormulaLine[]>;

/** Pieces to cut from a sheet. */
export const pieceOf = (p: {
  shape: 'disc' | 'half-disc' | 'rectangle';
  diameter: number | null;
  length: number | null;
  width: number | null;
}): PieceShape => {
  if (p.shape !== 'rectangle') {
    if (!p.diameter) throw new CannotCalculate(`A ${p.shape} needs its diameter.`);
    return { shape: p.shape, diameter: p.diameter };
  }
  if (!p.length || !p.width) throw new CannotCalculate('A rectangle needs its length and width.');
  return { shape: 'rectangle', length: p.length, width: p.width };
};
