/**
 * Ids of what is planned, made and read here and nowhere else. To the planner and its format an id is any text; that the ids of this
 * kitchen tell whose step something is, is known to this file alone.
 *
 * | what                | looks like                                     |
 * | ------------------- | ---------------------------------------------- |
 * | an order            | `o12`, from its number                         |
 * | a batch             | `b3`, from its number                          |
 * | a part of one       | `o12.sponge`                                   |
 * | a step              | `o12.stack`, `b3.sponge.mix`, `o12.sponge.bake.2`, `o12.sponge.bake@2.3` |
 * | a route             | `o12.setting`                                  |
 * | a wait, a hold      | `o12.stack>o12.coat`, `o12.sponge.turn-out#tin 20 cm` |
 * | work made ahead     | `o12.coat>>`, a wish of the plan and no wait of the cake |
 *
 * A step that is done several times has the number of its tier after `@` and counts within the tier after a dot; a first is not said. So
 * the id of a step stays the same when others of its kind are added or fall away: a second round for the lower tier is `bake.2`, and the
 * upper tier's stays `bake@2`.
 */
declare const brand: unique symbol;
type Branded<Of extends string> = string & { readonly [brand]: Of };

/** A kitchen: short, of lower-case letters, digits and dashes, as it stands in addresses. */
export type KitchenId = Branded<'kitchen'>;
/** An order in the planning problem. */
export type OrderId = Branded<'order'>;
/** A batch that serves several orders. */
export type BatchId = Branded<'batch'>;
/** One component of an order or a batch: the beginning of its steps' ids. */
export type PartId = Branded<'part'>;
export type StepId = Branded<'step'>;
export type RouteId = Branded<'route'>;

/** Key of the stage that ends every build. */
export const HAND_OVER = 'hand-over';

/** The id of a kitchen where the text can be one; else null. */
export const kitchenIdOf = (text: string): KitchenId | null =>
  /^[a-z0-9]+(-[a-z0-9]+)*$/.test(text) && text.length <= 60 ? (text as KitchenId) : null;

export const orderId = (number: number) => `o${number}` as OrderId;
export const batchId = (number: number) => `b${number}` as BatchId;
export const partId = (owner: OrderId | BatchId, role: string) => `${owner}.${role}` as PartId;
export const routeId = (order: OrderId, key: string) => `${order}.${key}` as RouteId;

/** A step on the cake as a whole. */
export const stageStepId = (order: OrderId, stage: string) => `${order}.${stage}` as StepId;
export const handOverId = (order: OrderId) => stageStepId(order, HAND_OVER);
/** Which of several: the tier whose it is, and which within the tier. Both count from 0. */
export interface Place {
  tier: number;
  nth: number;
}
export const FIRST: Place = { tier: 0, nth: 0 };
const placeText = ({ tier, nth }: Place) => `${tier > 0 ? `@${tier + 1}` : ''}${nth > 0 ? `.${nth + 1}` : ''}`;

/** A step of a component. */
export const partStepId = (part: PartId, key: string, place: Place) => `${part}.${key}${placeText(place)}` as StepId;

export const waitId = (from: string, to: string) => `${from}>${to}`;
/** The wish that a step does not lie in the last hours before its cake leaves. */
export const aheadId = (step: string) => `${step}>>`;
export const isAhead = ({ id }: { id: string }) => id.endsWith('>>');
/** A wait between two stages, which exists on one choice of a route or always. */
export const stageWaitId = (order: OrderId, from: string, to: string, choice: string | null) =>
  `${stageStepId(order, from)}>${to}${choice === null ? '' : `?${choice}`}`;
/** The tins of a round, held until the end of a step. */
export const tinHoldId = (until: StepId, kind: string, round: Place) => `${until}#${kind}${placeText(round)}`;
export const ringHoldId = (order: OrderId, kind: string) => `${order}#${kind}`;

/** Whose step it is: the order or the batch that its id begins with. */
export const ownerOf = (step: string) => step.split('.', 1)[0] as OrderId | BatchId;

/** The number of the order that an id is of, or begins with; NaN if it is of none. */
export const orderNumberOf = (id: string) => Number(/^o(\d+)/.exec(id)?.[1] ?? NaN);
/** The number of the batch that a step is of; NaN if it is of none. */
export const batchNumberOf = (step: string) => Number(/^b(\d+)\./.exec(step)?.[1] ?? NaN);

export const isOf = (step: string, owner: OrderId | BatchId | PartId) => step.startsWith(`${owner}.`);
export const isHandOver = (step: string) => step.endsWith(`.${HAND_OVER}`);
/** Is it a step of this role whose key begins so? */
export const isStepOf = (step: StepId, role: string, key: string) => step.includes(`.${role}.${key}`);

/** "mix" of "o1.layers.mix@2.3". */
export const keyOf = (step: string) => withoutPlace(step).split('.').at(-1)!;
/** "mix" of "o1.layers.mix.2", read as a step of the part "o1.layers". */
export const keyWithin = (step: string, part: PartId) => withoutPlace(step.slice(part.length + 1));
/** "o1.layers.mix" of "o1.layers.mix.2": what all mixes of one component have in common. */
export const withoutPlace = (step: string) => step.replace(/(@\d+)?(\.\d+)?$/, '');
