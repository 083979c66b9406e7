import { isOf, keyWithin, partId, waitId, type BatchId, type OrderId, type PartId, type StepId } from '../ids/ids';
import { componentSteps } from '../breakdown/steps/component-steps';
import { grams } from '../breakdown/steps/words';
import type { CakeStep } from '../breakdown/steps/cake-step';
import { say } from '../words/say';
import type { Breakdown } from '../breakdown/breakdown';
import type { Kitchen } from '../breakdown/kitchen';
import type { Component } from '../breakdown/amounts/component';
import type { Choices } from '../formula/schools';
import type { Wait } from '../planning-format/problem';
import type { Batch, BatchWork, SharedWork } from './batch';
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
 * or whose formula is another by now, are passed over. A batch that has been begun is as it was then, which `kept` knows.
 */
export function applyBatches(
  orders: ReadonlyMap<OrderId, BatchableOrder>,
  batches: Batch[],
  kitchen: Kitchen,
  kept: ReadonlyMap<BatchId, BatchWork> = new Map(),
): { breakdowns: Map<OrderId, Breakdown>; shared: SharedWork } {
  const breakdowns = new Map([...orders].map(([id, o]) => [id, o.breakdown]));
  const shared: SharedWork = { steps: [], waits: [], holds: [], components: new Map() };
  for (const batch of batches) {
    const members = presentMembers(batch, breakdowns, kept.get(batch.id)?.component.formula.id);
    if (members.length === 0) continue;
    const work = kept.get(batch.id) ?? workOf(batch.id, members, orders, kitchen);
    shared.components.set(batch.id, work.component);
    shared.steps.push(...work.steps);
    shared.waits.push(...work.waits);
    shared.holds.push(...work.holds);
    for (const { order, component } of members) {
      breakdowns.set(
        order,
        withoutOwn(
          breakdowns.get(order)!,
          partId(order, component.role),
          partId(batch.id, work.component.role),
          work.steps.map((s) => s.id),
        ),
      );
    }
  }
  return { breakdowns, shared };
}

interface Present {
  order: OrderId;
  component: Component;
}

/** A batch broken down for its members. */
function workOf(
  batch: BatchId,
  members: Present[],
  orders: ReadonlyMap<OrderId, BatchableOrder>,
  kitchen: Kitchen,
): BatchWork {
  const component = mergeComponents(
    members.map((m) => ({ name: orders.get(m.order)!.name, component: m.component })),
    kitchen,
  );
  const choices = { ...kitchen.choices, ...orders.get(members[0]!.order)!.choices };
  const { steps, waits, holds, ends } = componentSteps(batch, null, component, kitchen, choices);
  const divided = component.amount.loads.length > 0 || members.length < 2 ? null : dividing(members, orders);
  const told = (s: CakeStep) => (divided && ends.includes(s.id) ? { ...s, how: `${s.how} ${divided}`.trim() } : s);
  return { component, steps: steps.map(told), waits, holds };
}

/** How a batch is divided once it is made: for whom how much, and what of that for which work. */
function dividing(members: Present[], orders: ReadonlyMap<OrderId, BatchableOrder>): string {
  const shares = members.map(({ order, component: { amount } }) => {
    const uses = amount.portions.filter((p) => !p.lost && !p.leftOver);
    const all = grams(uses.reduce((sum, p) => sum + p.grams, 0));
    const each = uses.map((p) => `${p.use} ${grams(p.grams)}`).join(', ');
    const name = orders.get(order)!.name;
    return uses.length > 1 ? say`${name} ${all} (${each})` : say`${name} ${all}`;
  });
  return say`Divide it: ${shares.join('; ')}.`;
}

/** Members that are still there with the batch’s formula: the one it was begun with, or the first member’s. */
function presentMembers(
  batch: Batch,
  breakdowns: ReadonlyMap<OrderId, Breakdown>,
  begunWith: string | undefined,
): Present[] {
  const found = batch.members.flatMap(({ order, role }) => {
    const component = breakdowns.get(order)?.components.find((c) => c.role === role);
    return component ? [{ order, component }] : [];
  });
  if (begunWith !== undefined) return found.filter((m) => m.component.formula.id === begunWith);
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
