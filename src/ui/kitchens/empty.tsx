'use client';

import { say } from '@/core/words/say';
import { LoadDemo } from './load-demo';
import { PlainMessage } from '../parts/plain-message';

/** What is seen before there is a kitchen: what will be here, and the one button that fills it. */
export function EmptyKitchen() {
  return (
    <PlainMessage title={say`No kitchen yet`}>
      <p>{say`Here the cakes on order stand as ladders on one wall of time: rungs for the work of hands, rails for where the cake waits, a flag for the pickup. The demo kitchen brings a made-up bakery with seven people, its formulas and a week of orders, to look around in and to work with.`}</p>
      <LoadDemo />
    </PlainMessage>
  );
}
