import type { Component } from '../breakdown/amounts/component';
import type { BrokenStep } from '../breakdown/steps/cake-step';
import type { Hold, Wait } from '../planning-format/problem';

/** One batch that serves components of several orders. */
export interface Batch {
  /** Begins the ids of its steps: "b3". */
  id: string;
  members: BatchMember[];
}

export interface BatchMember {
  order: string;
  role: string;
}

/** What batches put in the place of their members' own steps. */
export interface SharedWork {
  steps: BrokenStep[];
  waits: Wait[];
  holds: Hold[];
  /** Each batch as one component, by the batch's id. */
  components: Map<string, Component>;
}
