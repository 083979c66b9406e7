import type { Kitchen } from '../breakdown/kitchen';
import { formulaOf, type Design } from '../design/design';
import { routesOf } from '../design/routes';
import { chosen, SCHOOLS } from '../formula/schools';

/** A question on which bakers differ, or a route, with the kitchen's own answer. */
export interface QuestionChoice {
  key: string;
  question: string;
  /** Empty leaves it to the planner. */
  default: string;
  choices: { key: string; name: string; effect: string }[];
}

/** The schools that make a difference to a design, and its routes. */
export function questionsOf(
  design: Design,
  { formulas: library, choices, blocks }: Pick<Kitchen, 'formulas' | 'choices' | 'blocks'>,
): QuestionChoice[] {
  const formulas = design.parts.flatMap((p) => library.get(formulaOf(p) ?? '') ?? []);
  const matters = (key: string) =>
    (key === 'level' && formulas.some((f) => f.purpose === 'layers' && f.domes)) ||
    (key === 'bake' && design.parts.some((p) => p.layers?.from === 'tins')) ||
    design.parts.some((c) => c.instead?.some((i) => i.when.school === key)) ||
    formulas.some((f) => f.steps.some((s) => s.when?.school === key));
  return [
    ...SCHOOLS.filter((s) => matters(s.key)).map((s) => ({ ...s, default: chosen(s.key, choices) })),
    ...routesOf(design, blocks).map((r) => ({
      ...{ key: r.key, question: r.name, default: '' },
      choices: r.choices.map((c) => ({ ...c, effect: '' })),
    })),
  ];
}
