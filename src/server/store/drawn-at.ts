import { besides } from '../../core/breakdown/amounts/drawn-from-store';
import type { StoreDraw } from '../../core/breakdown/amounts/store-draw';
import { isFromStore } from '../../core/breakdown/amounts/stored-as';
import { orderNumberOf } from '../../core/ids/ids';
import { cakeSteps, componentOf } from '../../core/situation/whose-step';
import type { ToldEvent } from '../../core/stored/event';
import type { Situation } from '../situation/situation';

/** What a step takes out of the store, once it is done. */
export const drawnAt = (step: string, situation: Situation): ToldEvent[] =>
  drawsOf(step, situation).map(({ order, lot, role, amount }) => ({
    kind: 'lot drawn',
    body: { lot, order, role, amount },
  }));

/** And what goes back when that is taken back. */
export const returnedAt = (step: string, situation: Situation): ToldEvent[] =>
  drawsOf(step, situation).map(({ order, lot, role }) => ({ kind: 'lot returned', body: { lot, order, role } }));

function drawsOf(step: string, situation: Situation): (StoreDraw & { order: number })[] {
  const known = cakeSteps(situation).find((s) => s.id === step);
  const component = known && componentOf(known, situation);
  if (!component || !isFromStore(component.formula)) return [];
  const order = situation.orders.find((o) => o.id === orderNumberOf(step));
  return (order?.fromStore ?? [])
    .filter((d) => component.role === d.role || component.role === besides(d.role))
    .map((d) => ({ ...d, order: order!.id }));
}
