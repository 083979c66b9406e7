import { useRef } from 'react';
import type { Design } from '@/core/design/design';
import type { OrderForm } from '@/core/input/order-input';
import type { Beginning } from '@/server/builds/beginnings';
import type { Copied } from '@/server/orders/composer';
import { ask } from '../asking/ask';
import { beginFrom, copyOf } from '../asking/questions';
import { useInKitchen } from '../kitchens/in-kitchen';

/** A cake that was begun, with what else is taken over of it. */
interface Begun {
  design: Design;
  values: Partial<OrderForm>;
}

/** Nobody waits longer for a cake to begin from. ms. */
const PATIENCE = 20_000;

/** Fetches a cake to begin from: one that was offered, or an older order's. Where there is no answer `onBegun` gets null. */
export function useBegin(onBegun: (begun: Begun | null) => void) {
  const within = useInKitchen();
  const asked = useRef(0);
  const fetched = <A>(path: string, read: (answer: A) => Begun) => {
    const number = ++asked.current;
    void ask<A>({ path: within(path) }, AbortSignal.timeout(PATIENCE))
      .then(read)
      .catch(() => null)
      // Of several that were tapped only the last is meant, whichever comes first.
      .then((begun) => number === asked.current && onBegun(begun));
  };
  return {
    from: ({ build, size, swaps }: Beginning, portions: number) =>
      fetched<{ design: Design }>(beginFrom({ build, size, swaps, portions }).path, ({ design }) => ({
        design,
        values: { build, without: [] },
      })),
    copy: (order: number) => fetched<Copied>(copyOf(order).path, (copied) => copied),
  };
}
