'use client';

import type { Adjustment } from '@/core/steering/plan-edit';
import type { CapacityQuestion } from '@/server/orders/capacity';

/** One thing supposed, with its words. */
export type Supposed = { text: string } & ({ adjustment: Adjustment } | { order: CapacityQuestion });
