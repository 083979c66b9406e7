import type { CakeOffer, CapacityQuestion } from '@/server/orders/capacity';

/** Where an order is begun with what is known of it: the cake that was thought of, for how many, when, and what must not be in it. */
export const newOrderAddress = (
  { build, size, swaps }: Pick<CakeOffer, 'build' | 'size' | 'swaps'>,
  { portions, pickup, avoid = [] }: CapacityQuestion,
): string =>
  `/orders/new?${new URLSearchParams({
    ...{ build, size, portions: `${portions}`, pickup },
    ...(Object.keys(swaps).length > 0 && { swaps: JSON.stringify(swaps) }),
    ...(avoid.length > 0 && { avoid: avoid.join(',') }),
  })}`;
