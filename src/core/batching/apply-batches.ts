import { isOf, keyWithin, partId, waitId, type OrderId, type PartId, type StepId } from '../ids/ids';
import { componentSteps } from '../breakdown/steps/component-steps';
import type { Breakdown } from '../breakdown/breakdown';
import type { Kitchen } from '../breakdown/kitchen';
import type { Component } from '../breakdown/amounts/component';
import type { Choices } from '../formula/schools';
import type { Wait } from '../planning-format/problem';
import type { Batch, SharedWork } from './batch';
import { mergeComponents } from './merge-components';

/** A broken-down order with its name. */
export interface BatchableOrder {
  name: string;
  breakdown: Breakdown;
  choices: Choices;
}

/**
 * Puts each batch's common steps in the place of its members' own: the members' steps leave their orders, and every wait
 * that led from or to one of them leads from or to the batch's step of the same key. Members whose order or role is gone,
 * or whose formula is another by now, are passed over.
 */
export function applyBatches(
  orders: ReadonlyMap<OrderId, BatchableOrder>,
  batches: Batch[],
  kitchen: Kitchen,
): { breakdowns: Map<OrderId, Breakdown>; shared: SharedWork } {
  const breakdowns = new Map([...orders].map(([id, o]) => [id, o.breakdown]));
  const shared: SharedWork = { steps: [], waits: [], holds: [], components: new Map() };
  for (const batch of batches) {
    const members = presentMembers(batch, breakdowns);
    if (members.length === 0) continue;
    const common = mergeComponents(members.map((m) => ({ name: orders.get(m.order)!.name, component: m.component })));
    const choices = { ...kitchen.choices, ...orders.get(members[0]!.order)!.choices };
    const work = componentSteps(batch.id, null, common, kitchen, choices);
    shared.components.set(batch.id, common);
    shared.steps.push(...work.steps);
    shared.waits.push(...work.waits);
    shared.holds.push(...work.holds);
    for (const { order, component } of members) {
      breakdowns.set(
        order,
        withoutOwn(
          breakdowns.get(order)!,
          partId(order, component.role),
          partId(batch.id, common.role),
          work.steps.map((s) => s.id),
        ),
      );
    }
  }
  return { breakdowns, shared };
}

function presentMembers(
  batch: Batch,
  breakdowns: ReadonlyMap<OrderId, Breakdown>,
): { order: OrderId; component: Component }[] {
  const found = batch.members.flatMap(({ order, role }) => {
    const component = breakdowns.get(order)?.components.find((c) => c.role === role);
    return component ? [{ order, component }] : [];
  });
  const formula = found[0]?.component.formula;
  return found.filter((m) => m.component.formula === formula);
}

function withoutOwn(breakdown: Breakdown, own: PartId, common: PartId, commonIds: StepId[]): Breakdown {
  const instead = (id: string) => {
    if (!isOf(id, own)) return [id];
    const key = keyWithin(id, own);
    return commonIds.filter((c) => keyWithin(c, common) === key);
  };
  const waits = new Map<string, Wait>();
  for (const w of breakdown.waits) {
    if (isOf(w.from, own) && isOf(w.to, own)) continue;
    for (const from of instead(w.from))
      for (const to of instead(w.to)) {
        const id = from === w.from && to === w.to ? w.id : waitId(from, to);
        waits.set(id, { ...w, id, from, to });
      }
  }
  return {
    ...breakdown,
    steps: breakdown.steps.filter((s) => !isOf(s.id, own)),
    waits: [...waits.values()],
    holds: breakdown.holds.filter((h) => !isOf(h.from, own)),
  };
}
