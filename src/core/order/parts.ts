import { say } from '../words/say';
import { canReplace } from '../breakdown/amounts/components';
import type { Breakdown } from '../breakdown/breakdown';
import type { Build } from '../breakdown/build';
import type { PlanningKitchen } from '../situation/situation';

/** Versions of all formulas of a cake: those it was planned with before, else the newest. */
export function versionsOf(
  breakdown: Breakdown,
  kitchen: PlanningKitchen,
  kept: Record<string, number> = {},
): Record<string, number> {
  return Object.fromEntries(
    breakdown.components.map((c) => [
      c.formula.id,
      kept[c.formula.id] ?? kitchen.newestVersions.get(c.formula.id) ?? 1,
    ]),
  );
}

/** Is every exchange of one formula for another of the same purpose? */
export function swapProblem(swaps: Record<string, string>, build: Build, kitchen: PlanningKitchen): string | null {
  for (const component of build.components) {
    const by = swaps[component.role];
    if (!by || by === component.formula) continue;
    const [now, other] = [component.formula, by].map((id) => kitchen.library.formulas.get(id));
    if (!other) return say`There is no formula “${by}”.`;
    if (now && !canReplace(now, other)) return say`${other.name} cannot stand in for ${component.label.toLowerCase()}.`;
  }
  return null;
}
