import { type OrderId, type StepId } from '../../ids/ids';
import type { Check, Reminder } from '../../formula/formula';
import type { Step } from '../../planning-format/problem';
import type { Preparation } from './preparations';

/** A planner's step with what the bench needs to know. */
export interface CakeStep extends Step {
  id: StepId;
  order: OrderId | null;
  /** Role of the component; null for work on the whole cake. */
  role: string | null;
  how: string;
  sign: string | null;
  caution: string | null;
  /** "848 g into 2 tins round 20 cm" */
  amount: string | null;
  /** g that are worked in it, where it is one mix or round of a component; null where nobody has told. */
  grams: number | null;
  /** What must hold before the next step begins. */
  check: Check | null;
  reminders: Reminder[];
  preparations: Preparation[];
}
