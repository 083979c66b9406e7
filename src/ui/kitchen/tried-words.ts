import { say } from '@/core/words/say';
import { counted } from '@/core/measure/counted';
import type { TriedChoice, TriedChoices } from '@/server/kitchen/try-choices';

/** What a plan with one answer would be, against the one with today's: "14 % older parts · 3 late cakes fewer in 100 · …". */
export function triedWords({ tried, hours }: TriedChoices, choice: string, chosen: string): string {
  const own = tried.find((t) => t.choice === choice);
  const now = tried.find((t) => t.choice === chosen);
  if (!own || !now) return '';
  return [
    ...(own === now ? lateNow(own) : [olderWords(own.age, now.age), fewerWords(own.lateOfHundred - now.lateOfHundred)]),
    say`${Math.round(100 * own.inLastHours)} % of the hands in the last ${hours} h`,
    ...(own.late > 0 ? [say`${own.late} late in the plan`] : []),
  ].join(' · ');
}

const lateCakes = (count: number) => counted(Math.round(count), 'late cake');

const lateNow = ({ lateOfHundred }: TriedChoice) => [say`as it is: ${lateCakes(lateOfHundred)} in 100`];

function olderWords(age: number, now: number): string {
  const percent = Math.round((100 * (age - now)) / Math.max(1, now));
  if (percent === 0) return say`parts as old as now`;
  return percent > 0 ? say`${percent} % older parts` : say`${-percent} % younger parts`;
}

function fewerWords(more: number): string {
  const cakes = Math.round(more);
  if (cakes === 0) return say`as many late cakes`;
  return cakes > 0 ? say`${lateCakes(cakes)} more in 100` : say`${lateCakes(-cakes)} fewer in 100`;
}
