import { canReplace } from '../../core/breakdown/amounts/components';
import type { Build, BuildComponent } from '../../core/breakdown/build';
import type { Allergen } from '../../core/formula/formula';
import { allergensOf } from '../../core/formula/scale';
import { chosen, SCHOOLS } from '../../core/formula/schools';
import type { LoadedKitchen } from '../situation/load-kitchen';

/** One component of a build, and what could take its place. */
export interface PartChoice {
  role: string;
  label: string;
  formula: string;
  /** Another formula that an answer of a school brings. */
  instead: { school: string; choice: string; formula: string }[];
  optional: boolean;
  others: { id: string; name: string; allergens: Allergen[] }[];
}

/** A question on which bakers differ, or a route, with the kitchen's own answer. */
export interface QuestionChoice {
  key: string;
  question: string;
  /** Empty leaves it to the planner. */
  default: string;
  choices: { key: string; name: string; effect: string }[];
}

export interface BuildChoice {
  id: string;
  name: string;
  story: string;
  allergens: Allergen[];
  parts: PartChoice[];
  questions: QuestionChoice[];
}

export function buildChoice(build: Build, kitchen: LoadedKitchen): BuildChoice {
  return {
    ...{ id: build.id, name: build.name, story: build.story },
    allergens: buildAllergens(build, kitchen),
    parts: build.components.map((c) => partChoice(c, kitchen)),
    questions: questionsOf(build, kitchen),
  };
}

function buildAllergens(build: Build, kitchen: LoadedKitchen): Allergen[] {
  const all = build.components.flatMap((c) => allergensOfFormula(c.formula, kitchen));
  return [...new Set(all)];
}

function allergensOfFormula(id: string, kitchen: LoadedKitchen): Allergen[] {
  const formula = kitchen.library.formulas.get(id);
  return formula ? allergensOf(formula, kitchen.library.ingredients).map((a) => a.allergen) : [];
}

function partChoice(component: BuildComponent, kitchen: LoadedKitchen): PartChoice {
  const { role, label, formula, optional = false } = component;
  const instead = (component.instead ?? []).map((i) => ({ ...i.when, formula: i.formula }));
  return {
    role,
    label,
    formula,
    optional,
    instead,
    others: othersFor(
      component,
      kitchen,
      instead.map((i) => i.formula),
    ),
  };
}

/** The build's own formula and all that could take its place; and those that a school brings. */
export function othersFor(
  component: BuildComponent,
  kitchen: LoadedKitchen,
  brought: string[] = [],
): PartChoice['others'] {
  const own = kitchen.library.formulas.get(component.formula);
  return [...kitchen.library.formulas.values()]
    .filter((f) => own && (f.id === own.id || brought.includes(f.id) || canReplace(own, f)))
    .map((f) => ({ id: f.id, name: f.name, allergens: allergensOfFormula(f.id, kitchen) }));
}

/** The schools that make a difference to a build, and its routes. */
export function questionsOf(build: Build, kitchen: LoadedKitchen): QuestionChoice[] {
  const formulas = build.components.flatMap((c) => kitchen.library.formulas.get(c.formula) ?? []);
  const matters = (key: string) =>
    (key === 'level' && formulas.some((f) => f.purpose === 'layers' && f.domes)) ||
    (key === 'bake' && build.components.some((c) => c.amount.rule === 'batter')) ||
    build.components.some((c) => c.instead?.some((i) => i.when.school === key)) ||
    formulas.some((f) => f.steps.some((s) => s.when?.school === key));
  return [
    ...SCHOOLS.filter((s) => matters(s.key)).map((s) => ({ ...s, default: chosen(s.key, kitchen.library.choices) })),
    ...(build.routes ?? []).map((r) => ({
      ...{ key: r.key, question: r.name, default: '' },
      choices: r.choices.map((c) => ({ ...c, effect: '' })),
    })),
  ];
}
