import { breakDown } from '../../breakdown/break-down';
import { orderId, type OrderId } from '../../ids/ids';
import { demoBuilds } from '../../../data/demo/builds';
import { demoLibrary } from '../../../data/demo/demo-library';
import type { BatchableOrder } from '../apply-batches';

export const round = (cm: number) => ({ form: 'round' as const, diameter: cm * 10 });

const orders: [OrderId, string, number][] = [
  [orderId(1), 'quince-tower', 24],
  [orderId(2), 'quince-tower', 20],
  [orderId(3), 'lace-tower', 20],
  [orderId(4), 'fig-sails', 20],
];

/** Four orders of the demo’s builds, broken down; three of them share a sponge. */
export const batchable = new Map<OrderId, BatchableOrder>(
  orders.map(([id, build, cm]) => {
    const order = { id, build: demoBuilds.find((b) => b.id === build)!, tiers: [round(cm)] };
    return [id, { name: id.toUpperCase(), breakdown: breakDown(order, demoLibrary), choices: {} }];
  }),
);

export const sum = (list: { grams: number }[]) => list.reduce((total, x) => total + x.grams, 0);
