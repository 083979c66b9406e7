import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { ORDER_GROUP, type CalcValues, type FieldSpec } from '../../core/calculators/calculator';
import { choicesOf, type InputProblem } from '../../core/calculators/read-input';
import { calculate, calculatorNamed, CALCULATORS } from '../../core/calculators/registry';
import type { Coefficients } from '../../core/breakdown/figures/coefficients';
import { calculateInThread } from './calculator-thread';
import { loadKitchen } from '../situation/load-kitchen';

/** A field with its choices and default read from the kitchen's figures, so that it can cross to the browser. */
export type PlainField =
  | { kind: 'number'; label: string; unit: string; default: number | null | undefined; whole: boolean }
  | { kind: 'choice'; label: string; choices: string[]; default: string | undefined }
  | { kind: 'list'; label: string; of: Record<string, PlainField>; default: Record<string, unknown>[] }
  | { kind: 'form' | 'text' | 'names' | 'words'; label: string; default: unknown };

export interface CalculatorView {
  name: string;
  title: string;
  group: string;
  about: string;
  source: string;
  also: string;
  fields: Record<string, PlainField>;
  results: Record<string, readonly [string, string]>;
}

export interface WorkbenchView {
  calculators: CalculatorView[];
  ingredients: { id: string; name: string }[];
}

/** All calculators but those that read a whole order; null without a kitchen. */
export async function loadWorkbench(db: KitchenDb): Promise<WorkbenchView | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const { coefficients } = kitchen.library;
  return {
    ingredients: kitchen.rows.ingredients
      .map((i) => ({ id: i.id, name: i.name }))
      .sort((a, b) => a.name.localeCompare(b.name, 'en')),
    calculators: CALCULATORS.filter((c) => c.group !== ORDER_GROUP).map((c) => ({
      ...{
        name: c.name,
        title: c.title,
        group: c.group,
        about: c.about,
        source: c.source,
        also: c.also ?? '',
        results: c.results,
      },
      fields: plainFields(c.fields, coefficients),
    })),
  };
}

function plainFields(fields: Record<string, FieldSpec>, figures: Coefficients): Record<string, PlainField> {
  return Object.fromEntries(Object.entries(fields).map(([name, spec]) => [name, plain(spec, figures)]));
}

function plain(spec: FieldSpec, figures: Coefficients): PlainField {
  const preset =
    typeof spec.default === 'function' ? (spec.default as (f: Coefficients) => unknown)(figures) : spec.default;
  const { label } = spec;
  switch (spec.kind) {
    case 'number':
      return {
        kind: 'number',
        label,
        unit: spec.unit,
        default: preset as number | null | undefined,
        whole: spec.whole ?? false,
      };
    case 'choice':
      return { kind: 'choice', label, choices: [...choicesOf(spec, figures)], default: preset as string | undefined };
    case 'list':
      return {
        kind: 'list',
        label,
        of: plainFields(spec.of, figures),
        default: (preset as Record<string, unknown>[] | undefined) ?? [],
      };
    default:
      return { kind: spec.kind, label, default: preset };
  }
}

export type CalculationAnswer = { ok: true; values: CalcValues } | { ok: false; problems: InputProblem[] };

/** Runs one calculator with the kitchen's own figures and library. */
export async function runCalculator(db: KitchenDb, name: string, input: unknown): Promise<CalculationAnswer> {
  const kitchen = await loadKitchen(db);
  const calculator = calculatorNamed(name);
  if (!kitchen || !calculator)
    return { ok: false, problems: [{ path: '', message: say`There is no such calculator.` }] };
  const context = { kitchen: kitchen.library, builds: kitchen.builds, typing: kitchen.typing };
  return calculator.heavy ? calculateInThread(name, input, context) : calculate(calculator, input, context);
}
