import type { sumsOf } from '@/core/compose/sums';
import type { Design } from '@/core/design/design';
import type { ComposerKitchen } from '@/server/orders/composer';

/** What is sent to the worker that reckons: the kitchen once, then one design after another, each with a number. */
export type ToSums =
  { kitchen: ComposerKitchen } | { asked: number; design: Design; answers: Parameters<typeof sumsOf>[1] };

/** What comes back, with the number of what was asked, and how long it took. ms. */
export type SumsAnswer =
  { asked: number; sums: ReturnType<typeof sumsOf>; ms: number } | { asked: number; failed: string };
