'use client';

import type { Wish } from '@/core/steering/plan-edit';
import type { CapacityQuestion } from '@/server/orders/capacity';

/** One thing supposed, with its words. */
export type Supposed = { text: string } & ({ wish: Wish } | { order: CapacityQuestion });
