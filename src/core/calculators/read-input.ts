import { say } from '../words/say';
import type { Coefficients } from '../breakdown/figures/coefficients';
import { parseQuantity, type Typing } from '../measure/parse-quantity';
import { toFahrenheit } from '../measure/temperature';
import { FORM_MEASURES, formProblems, type Form, type FormName } from '../shape/form';
import type { CalcUnit, FieldSpec } from './calculator';

/** What is asked of the kitchen: its figures for what is left out, and how its people write numbers. */
export interface Asked {
  figures: Coefficients;
  typing: Typing;
}

export interface InputProblem {
  path: string;
  message: string;
}

export type ReadInput = { ok: true; values: Record<string, unknown> } | { ok: false; problems: InputProblem[] };

/**
 * Checks what was given for the fields of a calculator and fills in the defaults. Numbers may come as text with a unit
 * ("20 cm", "350F"); unknown fields are told, with the names that are right.
 */
export function readInput(fields: Record<string, FieldSpec>, given: unknown, asked: Asked, path = ''): ReadInput {
  const { figures } = asked;
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    return { ok: false, problems: [{ path, message: say`Give the fields as a JSON object.` }] };
  const problems: InputProblem[] = [];
  const values: Record<string, unknown> = {};
  const at = (name: string) => (path === '' ? name : `${path}.${name}`);
  for (const name of Object.keys(given))
    if (!(name in fields))
      problems.push({
        path: at(name),
        message: say`There is no field “${name}”. Fields are: ${Object.keys(fields).join(', ')}.`,
      });
  for (const [name, spec] of Object.entries(fields)) {
    const value = (given as Record<string, unknown>)[name];
    if (value === undefined || (value === null && spec.default !== undefined)) {
      const preset =
        typeof spec.default === 'function' ? (spec.default as (f: Coefficients) => unknown)(figures) : spec.default;
      if (preset === undefined)
        problems.push({ path: at(name), message: say`${spec.label} is missing (${describe(spec, figures)}).` });
      else values[name] = preset;
      continue;
    }
    const read = readField(spec, value, asked, at(name));
    if (read.ok) values[name] = read.value;
    else problems.push(...read.problems);
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, values };
}

type ReadField = { ok: true; value: unknown } | { ok: false; problems: InputProblem[] };

function readField(spec: FieldSpec, value: unknown, asked: Asked, path: string): ReadField {
  const { figures, typing } = asked;
  const wrong = (message: string): ReadField => ({ ok: false, problems: [{ path, message }] });
  switch (spec.kind) {
    case 'number': {
      const parsed = typeof value === 'string' ? typedNumber(value, spec.unit, typing) : value;
      if (typeof parsed === 'string') return wrong(parsed);
      if (typeof parsed !== 'number' || !Number.isFinite(parsed))
        return wrong(say`${spec.label} must be ${describe(spec, figures)}.`);
      if (spec.least !== undefined && parsed < spec.least)
        return wrong(say`${spec.label} must be at least ${spec.least}.`);
      if (spec.most !== undefined && parsed > spec.most) return wrong(say`${spec.label} must be at most ${spec.most}.`);
      if (spec.whole && !Number.isInteger(parsed)) return wrong(say`${spec.label} must be a whole number.`);
      return { ok: true, value: parsed };
    }
    case 'text':
      return typeof value === 'string' ? { ok: true, value } : wrong(say`${spec.label} must be text.`);
    case 'choice': {
      const choices = choicesOf(spec, figures);
      return typeof value === 'string' && choices.includes(value)
        ? { ok: true, value }
        : wrong(say`${spec.label} must be one of: ${choices.join(', ')}.`);
    }
    case 'names':
      return Array.isArray(value) && value.every((x) => typeof x === 'string')
        ? { ok: true, value }
        : wrong(say`${spec.label} must be a list of names.`);
    case 'words':
      return typeof value === 'object' && value !== null && Object.values(value).every((x) => typeof x === 'string')
        ? { ok: true, value }
        : wrong(say`${spec.label} must be an object of texts.`);
    case 'form':
      return readForm(value, path, typing);
    case 'list': {
      if (!Array.isArray(value))
        return wrong(say`${spec.label} must be a list of objects with: ${Object.keys(spec.of).join(', ')}.`);
      if (spec.least !== undefined && value.length < spec.least)
        return wrong(say`${spec.label} must have at least ${spec.least} entry.`);
      const read = value.map((entry, i) => readInput(spec.of, entry, asked, `${path}.${i}`));
      const problems = read.flatMap((r) => (r.ok ? [] : r.problems));
      return problems.length > 0
        ? { ok: false, problems }
        : { ok: true, value: read.map((r) => (r.ok ? r.values : {})) };
    }
  }
}

export function choicesOf(spec: FieldSpec & { kind: 'choice' }, figures: Coefficients): readonly string[] {
  return typeof spec.choices === 'function' ? spec.choices(figures) : spec.choices;
}

const DIMENSIONS: Partial<Record<CalcUnit, string>> = {
  mm: 'length',
  g: 'mass',
  ml: 'volume',
  '°C': 'temperature',
  min: 'time',
  share: 'share',
};

/** A number typed with its unit; the words of what is wrong where it cannot be read so. */
function typedNumber(typed: string, unit: CalcUnit, typing: Typing): number | string {
  const parsed = parseQuantity(typed, typing);
  if (!parsed.ok) return parsed.message;
  const { dimension, value } = parsed.quantity;
  if (dimension === 'count' || dimension === DIMENSIONS[unit]) return value;
  if (dimension === 'temperature' && unit === '°F') return toFahrenheit(value);
  if (dimension === 'share' && (unit === '% vol' || unit === '°Brix')) return value * 100;
  return say`“${typed}” is a ${dimension}; ${unit || 'a number'} is wanted.`;
}

/** Other words for forms and their measures. */
const FORM_NAMES: Record<string, FormName> = {
  sheet: 'rectangle',
  bar: 'rectangle',
  log: 'roll',
  'half sphere': 'half-sphere',
  dome: 'half-sphere',
};

/** Reads `{form: "round", diameter: 200}`; `shape` is as good as `form`, "sheet" as "rectangle", "log" as "roll". */
function readForm(value: unknown, path: string, typing: Typing): ReadField {
  const wrong = (message: string): ReadField => ({ ok: false, problems: [{ path, message }] });
  const all = Object.entries(FORM_MEASURES)
    .map(([name, measures]) => `${name} (${measures.join(', ')})`)
    .join('; ');
  if (typeof value !== 'object' || value === null)
    return wrong(say`Give a form as {"form": "round", "diameter": 200}. Forms: ${all}.`);
  const { form, shape, ...measures } = value as Record<string, unknown>;
  const said = String(form ?? shape ?? '');
  const name = FORM_NAMES[said] ?? said;
  if (!(name in FORM_MEASURES)) return wrong(say`There is no form “${said}”. Forms: ${all}.`);
  const known = FORM_MEASURES[name as FormName];
  const unknown = Object.keys(measures).filter((m) => !known.includes(m));
  if (unknown.length > 0) return wrong(say`A ${name} has no ${unknown.join(', ')}; it has: ${known.join(', ')}.`);
  const read: Record<string, unknown> = { form: name };
  for (const [key, raw] of Object.entries(measures)) {
    const number = typeof raw === 'string' ? typedNumber(raw, 'mm', typing) : raw;
    if (typeof number === 'string') return wrong(number);
    read[key] = number;
  }
  const problems = formProblems(read as Form);
  return problems.length > 0 ? wrong(`${problems.join('; ')}.`) : { ok: true, value: read };
}

/** What a field takes, in words. */
export function describe(spec: FieldSpec, figures: Coefficients): string {
  switch (spec.kind) {
    case 'number':
      return `a number${spec.unit && spec.unit !== 'count' ? ` in ${spec.unit}` : ''}${spec.least !== undefined ? say`, at least ${spec.least}` : ''}`;
    case 'choice':
      return say`one of: ${choicesOf(spec, figures).join(', ')}`;
    case 'form':
      return 'a form, {"form": "round", "diameter": 200}';
    case 'list':
      return say`a list of {${Object.keys(spec.of).join(', ')}}`;
    case 'names':
      return 'a list of names';
    case 'words':
      return 'an object of texts';
    case 'text':
      return 'text';
  }
}
