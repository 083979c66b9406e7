import { say } from '../../core/words/say';
import { usedAnyway } from '../../core/floor/floor-state';
import { stoodTooLong, type Stood } from '../../core/situation/stood-too-long';
import { cakeSteps, servedBy } from '../../core/situation/whose-step';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import type { PlanRow } from '../../data/repositories/plans';
import type { Situation } from './situation';

/** What stands too long, said, with the step that it waits for and the orders that both serve. */
export interface StoodLine extends Stood {
  orders: number[];
  text: string;
}

/** Everything that stands longer than it may, the longest beyond its limit first. */
export function stoodLines(situation: Situation, plan: PlanRow): StoodLine[] {
  const list = stoodTooLong(situation, plan);
  if (list.length === 0) return [];
  const names = new Map(cakeSteps(situation).map((s) => [s.id as string, s.name]));
  return list.map((s) => {
    const orders = servedBy(s.to, situation);
    const whose = orders.map((o) => o.title).join(' + ');
    return { ...s, orders: orders.map((o) => o.id), text: said(s, names.get(s.from) ?? s.from, whose, situation) };
  });
}

function said({ since, stood, allowed, why }: Stood, name: string, whose: string, { kitchen }: Situation): string {
  const at = timeOf(since, kitchen.clock);
  const today = stood < 12 * 60;
  return say`“${name}” of ${whose} has stood since ${at.toFormat(today ? 'HH:mm' : 'ccc HH:mm')}: ${durationText(stood)}, and ${durationText(allowed)} ${allowed === 1 ? 'is' : 'are'} allowed${why ? ` (${why})` : ''}`;
}

/**
 * What was used for an order although it had stood too long, with when and why. Where it is known by now that it was begun in time, nothing of it is
 * said.
 */
export function usedLines(order: number, situation: Situation): string[] {
  const names = new Map(cakeSteps(situation).map((s) => [s.id as string, s.name]));
  const { states } = situation;
  const inTime = ({ after, step, allowed }: ReturnType<typeof usedAnyway>[number]) => {
    const [made, begun] = [states.get(after)?.end ?? null, states.get(step)?.start];
    return made !== null && begun !== undefined && begun - made <= allowed;
  };
  return usedAnyway(situation.told)
    .filter((u) => servedBy(u.step, situation).some((o) => o.id === order) && !inTime(u))
    .map((u) => {
      const at = timeOf(u.minute, situation.kitchen.clock).toFormat('ccc HH:mm');
      return say`“${names.get(u.after) ?? u.after}” had stood too long and was used all the same, ${at}: ${u.reason}`;
    });
}
