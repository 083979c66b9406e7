import { kindsOfStages } from '../../core/design/kinds-of-stages';
import type { BlockKind } from '../../core/design/kinds/kind';
import { handOverId, orderId, stageStepId } from '../../core/ids/ids';
import { toAgree } from '../../core/order/to-agree';
import { designOfOrder } from '../../core/situation/break-down-orders';
import { say } from '../../core/words/say';
import type { OrderRow } from '../../data/repositories/orders';
import type { Situation } from '../situation/situation';

/** Work that shows: at it the colours are read. */
const SHOWS: readonly BlockKind[] = [
  ...(['coat', 'cover', 'pour', 'drip', 'panels', 'spread on top', 'strew'] as const),
  ...(['pipe', 'place', 'brush', 'dust', 'write'] as const),
];

/**
 * What was agreed of a cake, as far as a step of work on it has to do with it: colours where something is seen of them, what is written where it is
 * written and looked at before it goes, the box where it is boxed. What must not be forgotten, and what is open, stands at all of them.
 */
export function agreedAt(step: string, order: OrderRow, { kitchen }: Pick<Situation, 'kitchen'>): string[] {
  const own = orderId(order.id);
  const design = designOfOrder(order, kitchen);
  const kinds = design ? kindsOfStages(design, kitchen.library.blocks) : new Map<string, never>();
  const at = [...kinds].find(([key]) => stageStepId(own, key) === step)?.[1];
  const leaves = step === handOverId(own);
  // Where the design has no such stage it is one that an inscription has brought.
  const writes = !leaves && (!at || at.inscribes || at.kind === 'write');
  const boxes = at?.kind === 'box';
  const { colours, inscriptionAt, box } = order.details;
  const open = toAgree([order], '').map((u) => say`Not agreed yet: ${u.what}. Ask before you begin.`);
  return [
    ...open,
    ...(order.inscription && (writes || boxes || leaves)
      ? [say`Written on it: “${order.inscription}”${inscriptionAt ? `, ${inscriptionAt}` : ''}`]
      : []),
    ...(colours && (writes || (at && SHOWS.includes(at.kind))) ? [say`Colours: ${colours}`] : []),
    ...(box && boxes ? [say`Box: ${box}`] : []),
    ...(order.note ? [say`Do not forget: ${order.note}`] : []),
  ];
}
