import type { Allergen } from '../../core/formula/formula';
import { contactsOf, type Contact } from '../../core/order/cross-contact';
import type { PlannedStep } from '../../core/planning-format/plan';
import { cakeSteps, componentOf, servedBy } from '../../core/situation/whose-step';
import { orderNumberOf } from '../../core/ids/ids';
import { timeOf } from '../../core/time/clock';
import { say, term } from '../../core/words/say';
import { namesOf } from './names';
import type { Situation } from './situation';

/** Where a cake's own work follows other work that brings what its eaters must not get. */
export interface ContactLine {
  /** Id of the cake's own step. */
  step: string;
  text: string;
}

/** Contact by shared things before an order's own work with them, in words, the soonest first; nothing where nobody must avoid anything. */
export function contactLines(
  order: { id: number; avoid: readonly Allergen[] },
  situation: Situation,
  steps: readonly PlannedStep[],
): ContactLine[] {
  if (order.avoid.length === 0) return [];
  const known = new Map(cakeSteps(situation).map((s) => [s.id as string, s]));
  const moulds = new Set(situation.kitchen.rows.entries.items.filter((i) => i.mould).map((i) => i.id));
  const brings = (id: string): Allergen[] => {
    const s = known.get(id);
    if (!s) return [];
    // On a whole cake all of it is there.
    const all = s.role === null ? situation.breakdowns.get(orderNumberOf(id)) : componentOf(s, situation);
    return all?.allergens.map((a) => a.allergen) ?? [];
  };
  const found = contactsOf(order.avoid, steps, {
    own: (id) => servedBy(id, situation).some((o) => o.id === order.id),
    brings,
    shared: (item) => !moulds.has(item),
  });
  return found.map((c) => ({ step: c.to, text: contactText(c, situation, (id) => known.get(id)?.name ?? id) }));
}

function contactText(
  { allergen, item, from, until, to, start }: Contact,
  situation: Situation,
  called: (step: string) => string,
): string {
  const names = namesOf(situation);
  const at = (minute: number) => timeOf(minute, situation.kitchen.clock).toFormat('ccc HH:mm');
  const whose = servedBy(from, situation)
    .map((o) => o.title)
    .join(', ');
  const [what, thing] = [term(allergen), names.item(item)];
  return until > start
    ? say`${what}: beside “${called(to)}” in ${thing} stands “${called(from)}” of ${whose}.`
    : say`${what}: ${thing} has “${called(from)}” of ${whose} until ${at(until)}, and “${called(to)}” at ${at(start)}. Clean it between them, or do this cake first.`;
}
