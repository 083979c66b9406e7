import { say } from '@/core/words/say';
/** How many of 100 days like this an order would be late on, in words; 1 and 0 only where it is so on every day that was lived through. */
export function lateDays(chance: number): string {
  if (chance === 1) return say`On no day like this would it be late`;
  if (chance === 0) return say`It would be late on every day like this`;
  const days = Math.round((1 - chance) * 100);
  if (days < 1) return say`On less than 1 of 100 days like this it would be late`;
  if (days > 99) return say`On more than 99 of 100 days like this it would be late`;
  return say`On ${days} of 100 days like this it would be late`;
}

/** A share of those days, as one says it. */
export function shareOfDays(share: number): string {
  if (share >= 0.95) return say`nearly all of them`;
  if (share >= 0.6) return say`most of them`;
  if (share >= 0.4) return say`about half of them`;
  return say`some of them`;
}

/** A step, with the order that it belongs to where that is another one: "“Coat square” of Harbour choir". */
export const stepSaid = ({ name, whose }: { name: string; whose: string | null }): string =>
  `“${name}”${whose === null ? '' : say` of ${whose}`}`;

/** "“Split and fill” and “Check and box”" */
export const listed = (steps: { name: string; whose: string | null }[]): string =>
  new Intl.ListFormat('en', { type: 'conjunction' }).format(steps.map(stepSaid));
