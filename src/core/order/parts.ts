import { valueAt } from '../ids/value-at';
import { say } from '../words/say';
import { canReplace } from '../breakdown/amounts/components';
import { madeBy } from '../breakdown/amounts/stored-as';
import type { Breakdown } from '../breakdown/breakdown';
import { formulaOf, type Design } from '../design/design';

import type { PlanningKitchen } from '../situation/situation';

/** Versions of all formulas of a cake: those it was planned with before, else the newest. */
export function versionsOf(
  breakdown: Breakdown,
  kitchen: PlanningKitchen,
  kept: Record<string, number> = {},
): Record<string, number> {
  return Object.fromEntries(
    breakdown.components.map((c) => {
      const id = madeBy(c.formula.id);
      return [id, valueAt(kept, id) ?? kitchen.newestVersions.get(id) ?? 1];
    }),
  );
}

/** Is every exchange of one formula for another of the same purpose? */
export function swapProblem(swaps: Record<string, string>, design: Design, kitchen: PlanningKitchen): string | null {
  for (const component of design.parts) {
    const by = valueAt(swaps, component.role);
    if (!by || by === formulaOf(component)) continue;
    const [now, other] = [formulaOf(component) ?? '', by].map((id) => kitchen.library.formulas.get(id));
    if (!other) return say`There is no formula “${by}”.`;
    if (now && !canReplace(now, other)) return say`${other.name} cannot stand in for ${component.label.toLowerCase()}.`;
  }
  return null;
}
