import { remediesFor } from '../asking/questions';
import { useAsked } from '../asking/use-asked';

/** What would help an order, tried on a copy of the plan. Each plan is asked anew. */
export const useHelp = (order: number | null, plan: number) =>
  useAsked(order === null ? null : remediesFor(order), plan);
