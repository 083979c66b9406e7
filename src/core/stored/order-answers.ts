import { Type } from '@sinclair/typebox';
import type { Allergen } from '../formula/formula';
import type { MakingAnswers } from '../situation/kept-work';
import { codec, describes } from './codec';
import { designSchema } from './design';
import { allergen, byName, form, list, number, optional, text } from './shapes';
import { storeDraw } from './store';

/** What was answered for an order beside its build: what decides how it is made, and what its eaters must not get. */
export interface OrderMakeup extends Omit<MakingAnswers, 'build' | 'inscription'> {
  avoid: Allergen[];
}

/** Shapes of the answers that decide how an order is made, but for its build. */
export const makingFields = {
  tiers: list(form),
  design: optional(designSchema),
  without: list(text),
  swaps: byName(text),
  overrides: byName(number),
  fromStore: optional(list(storeDraw)),
  choices: byName(text),
  versions: byName(number),
};
const makeup = describes<OrderMakeup>()(Type.Object({ ...makingFields, avoid: list(allergen) }));

export const answersCodec = codec<OrderMakeup>()({
  format: 'zest-ladder/order-answers',
  schema: makeup,
  migrations: [(v0) => v0],
});
