import { breakDown } from '../../breakdown/break-down';
import type { Build } from '../../design/build';
import type { Kitchen } from '../../breakdown/kitchen';
import { orderId, type OrderId } from '../../ids/ids';
import type { BatchableOrder } from '../apply-batches';

export const round = (cm: number) => ({ form: 'round' as const, diameter: cm * 10 });

const ORDERS: [OrderId, string, number][] = [
  [orderId(1), 'quince-tower', 24],
  [orderId(2), 'quince-tower', 20],
  [orderId(3), 'lace-tower', 20],
  [orderId(4), 'fig-sails', 20],
];

/** Four orders of a library’s builds, broken down; three of them share a sponge. */
export function fourOrders(builds: Build[], kitchen: Kitchen): Map<OrderId, BatchableOrder> {
  return new Map(
    ORDERS.map(([id, build, cm]) => {
      const order = { id, build: builds.find((b) => b.id === build)!, tiers: [round(cm)] };
      return [id, { name: id.toUpperCase(), breakdown: breakDown(order, kitchen), choices: {} }];
    }),
  );
}

export const sum = (list: { grams: number }[]) => list.reduce((total, x) => total + x.grams, 0);
