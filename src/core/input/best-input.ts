import { number, string } from 'yup';
import type { Keeping } from '../formula/formula';
import { say } from '../words/say';

/** When something that keeps is best: as soon as it may be used, whenever, or later. */
const BEST = ['fresh', 'any', 'later'] as const;

/** What a minute of age costs that nobody has set otherwise. */
export const AGES = 0.01;

/** The fields of a formula's form that say when what it makes is best. */
export const bestFields = {
  /** When it is best; a form that says nothing, as one from a page that was open before it could be said, leaves it as it was. */
  keepBest: string().oneOf([...BEST, '']),
  /** Hours, where it is better later. */
  keepBetterAfter: number()
    .nullable()
    .typeError(say`Better after how many hours? A number.`)
    .when('keepBest', {
      is: 'later',
      then: (hours) =>
        hours
          .required(say`Better after how many hours?`)
          .moreThan(0, say`Above 0.`)
          .test('keeps-so-long', say`It does not keep so long.`, function (value) {
            return typeof value !== 'number' || value * 60 <= (this.parent as { keepMax: number }).keepMax;
          }),
    }),
};

interface BestForm {
  keepBest?: string | undefined;
  keepBetterAfter?: number | null | undefined;
}

/** When something is best, as its form says it. */
export const bestOf = ({ ageing, betterAfter }: Keeping) => ({
  keepBest: (betterAfter !== undefined ? 'later' : ageing > 0 ? 'fresh' : 'any') as (typeof BEST)[number],
  keepBetterAfter: betterAfter === undefined ? null : betterAfter / 60,
});

/** How fast it ages, and after how long it is better; what has aged at a pace of its own keeps that. */
export function bestIn(
  { keepBest, keepBetterAfter }: BestForm,
  ageing = 0,
): Partial<Record<'ageing' | 'betterAfter', number | undefined>> {
  if (keepBest === 'fresh') return { ageing: ageing > 0 ? ageing : AGES, betterAfter: undefined };
  if (keepBest === 'any') return { ageing: 0, betterAfter: undefined };
  if (keepBest === 'later') return { betterAfter: Math.round(60 * (keepBetterAfter ?? 0)) };
  return {};
}
