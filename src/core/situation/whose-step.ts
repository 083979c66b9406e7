import type { Component } from '../breakdown/amounts/component';
import type { CakeStep } from '../breakdown/steps/cake-step';
import { batchId, batchNumberOf, orderNumberOf } from '../ids/ids';
import type { Situation } from './situation';

/** Open orders that a step serves: its own, or all members of its batch. */
export function servedBy<S extends Pick<Situation, 'orders' | 'batches'>>(step: string, situation: S): S['orders'] {
  const batch = batchNumberOf(step);
  const ids = Number.isNaN(batch)
    ? [orderNumberOf(step)]
    : (situation.batches.find((b) => b.id === batch)?.members.map((m) => m.order) ?? []);
  return situation.orders.filter((o) => ids.includes(o.id));
}

/** The component that a step works on; null for work on the whole cake. */
export function componentOf(step: { id: string; role: string | null }, situation: Situation): Component | null {
  const batch = batchNumberOf(step.id);
  if (!Number.isNaN(batch)) return situation.shared.components.get(batchId(batch)) ?? null;
  return situation.breakdowns.get(orderNumberOf(step.id))?.components.find((c) => c.role === step.role) ?? null;
}

/** Every step of the situation as the bench knows it. */
export function cakeSteps(situation: Pick<Situation, 'breakdowns' | 'shared'>): CakeStep[] {
  return [...[...situation.breakdowns.values()].flatMap((b) => b.steps), ...situation.shared.steps];
}
