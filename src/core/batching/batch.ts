import { type BatchId, type OrderId } from '../ids/ids';
import type { Component } from '../breakdown/amounts/component';
import type { CakeStep } from '../breakdown/steps/cake-step';
import type { Hold, Wait } from '../planning-format/problem';

/** One batch that serves components of several orders. */
export interface Batch {
  id: BatchId;
  members: BatchMember[];
}

export interface BatchMember {
  order: OrderId;
  role: string;
}

/** What one batch puts in the place of its members’ own steps. */
export interface BatchWork {
  /** The batch as one component. */
  component: Component;
  steps: CakeStep[];
  waits: Wait[];
  holds: Hold[];
}

/** What batches put in the place of their members' own steps. */
export interface SharedWork {
  steps: CakeStep[];
  waits: Wait[];
  holds: Hold[];
  /** Each batch as one component, by the batch's id. */
  components: Map<BatchId, Component>;
}
