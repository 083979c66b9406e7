import { type OrderId } from '../ids/ids';
import type { Choices } from '../formula/schools';
import type { Form } from '../shape/form';
import type { Build } from './build';

/** An order as the breakdown reads it. */
export interface CakeOrder {
  id: OrderId;
  build: Build;
  tiers: Form[];
  /** What it says, letter for letter; empty or left out: nothing. */
  inscription?: string;
  /** Roles of optional components that are left out. */
  without?: string[];
  /** Another formula for a role. */
  swaps?: Readonly<Record<string, string>>;
  /** Amounts set by hand, g by role. */
  overrides?: Readonly<Record<string, number>>;
  /** Schools and routes that this order has decided for itself. */
  choices?: Choices;
}
