import { HAND_OVER } from '../breakdown/build';

/** Id of an order's hand-over step. */
export function collectId(order: string): string {
  return `${order}.${HAND_OVER}`;
}
