import type { Form } from '../shape/form';
import type { Design } from './design';

/** The forms of a design as an order is called by them: those of the pieces that are not cut up for others, each as often as it is there. */
export const formsOf = ({ pieces }: Design): Form[] =>
  pieces
    .filter((p) => !pieces.some((x) => x.madeOf?.pieces.includes(p.key)))
    .flatMap((p) => Array.from({ length: p.count ?? 1 }, () => p.form));
