import { clashesOf } from '@/core/formula/allergen-clash';
import type { Allergen } from '@/core/formula/formula';
import type { OrderForm } from '@/core/input/order-input';
import type { BuildChoice, PartChoice } from '@/server/builds/build-choices';

type Answers = Pick<OrderForm, 'swaps' | 'choices' | 'without' | 'avoid'>;

/** A part that brings what the eaters must not get, and what would do. */
export interface ClashWay {
  role: string;
  label: string;
  allergens: Allergen[];
  /** Formulas that could take its place, and bring none of it. */
  others: { id: string; name: string }[];
  /** It may be left out. */
  optional: boolean;
}

/** The formula that a part has with these answers: exchanged by hand, by a school, or the build’s own. */
export function formulaOf(part: PartChoice, build: BuildChoice, { swaps, choices }: Answers): string {
  const answer = (school: string) =>
    choices[school] || build.questions.find((q) => q.key === school)?.default || undefined;
  const instead = part.instead.find((i) => answer(i.school) === i.choice)?.formula;
  return swaps[part.role] || instead || part.formula;
}

/** Every part of a build that clashes with what the eaters must not get, as it is answered now. */
export function clashWays(build: BuildChoice, answers: Answers): ClashWay[] {
  const avoid = answers.avoid as Allergen[];
  const bad = (allergens: readonly Allergen[]) =>
    clashesOf(
      allergens.map((allergen) => ({ allergen, from: [] })),
      avoid,
    ).map((c) => c.allergen);
  return build.parts.flatMap((p): ClashWay[] => {
    if (answers.without.includes(p.role)) return [];
    const own = formulaOf(p, build, answers);
    const allergens = bad(p.others.find((o) => o.id === own)?.allergens ?? []);
    if (allergens.length === 0) return [];
    const others = p.others.filter((o) => o.id !== own && bad(o.allergens).length === 0);
    return [
      {
        ...{ role: p.role, label: p.label, allergens, optional: p.optional },
        others: others.map(({ id, name }) => ({ id, name })),
      },
    ];
  });
}

/** Builds that bring none of what the eaters must not get, as they are. */
export const buildsWithout = (builds: BuildChoice[], avoid: OrderForm['avoid']): BuildChoice[] =>
  builds.filter((b) => clashWays(b, { swaps: {}, choices: {}, without: [], avoid }).length === 0);
