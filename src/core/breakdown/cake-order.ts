import type { Build } from '../design/build';
import type { Design } from '../design/design';
import { designIn } from '../design/design-in';
import { type OrderId } from '../ids/ids';
import type { Choices } from '../formula/schools';
import type { StoreDraw } from './amounts/store-draw';
import type { Form } from '../shape/form';

/** What an order answers beside its design. */
interface Answers {
  id: OrderId;
  /** What it says, letter for letter; empty or left out: nothing. */
  inscription?: string;
  /** Roles of optional parts that are left out. */
  without?: string[];
  /** Another formula for a role. */
  swaps?: Readonly<Record<string, string>>;
  /** Amounts set by hand, g by role. */
  overrides?: Readonly<Record<string, number>>;
  /** What it takes out of the store of own parts. */
  fromStore?: readonly StoreDraw[];
  /** Schools and routes that this order has decided for itself. */
  choices?: Choices;
}

/** An order as the breakdown reads it: with its design, or with a build and the forms of its tiers. */
export type CakeOrder = Answers & ({ design: Design } | { build: Build; tiers: Form[] });

/** The same before it is an order. */
export type CakeDraft = Omit<Answers, 'id'> & ({ design: Design } | { build: Build; tiers: Form[] });

/** The design of an order. */
export const designOf = (order: CakeDraft): Design =>
  'design' in order ? order.design : designIn(order.build, order.tiers);
