import { say } from '../words/say';
import type { KeptBlock } from './block';

/** What is wrong with a block that somebody has made, each at its place: "stages.1.minutes". */
export function blockProblems({
  stages,
  between = [],
  route,
  thaw,
  name,
  kind,
}: KeptBlock): { path: string; message: string }[] {
  const wrong: { path: string; message: string }[] = [];
  const tell = (path: string, message: string) => wrong.push({ path, message });
  if (name.trim() === '') tell('name', say`What is it called?`);
  // A topping goes onto a dough before it is baked: that is work on the dough.
  if (stages.length === 0 && kind !== 'topping') tell('stages', say`It needs at least one stage of work.`);
  const keys = stages.map((s) => s.key);
  stages.forEach(({ key, minutes: { low, likely, high } }, i) => {
    if (!/^[a-z0-9][a-z0-9-]*$/.test(key)) tell(`stages.${i}.key`, say`Small letters, digits, hyphens.`);
    if (keys.indexOf(key) < i) tell(`stages.${i}.key`, say`“${key}” is there twice.`);
    if (!(low >= 0 && low <= likely && likely <= high))
      tell(`stages.${i}.minutes`, say`The likely minutes lie between the others.`);
  });
  const places = Math.max(0, stages.length - 1);
  if ([undefined, ...(route?.choices ?? [])].some((c) => between.filter((b) => b.choice === c?.key).length > places))
    tell('between', say`There are more waits than there is work to wait between.`);
  const choices = route?.choices.map((c) => c.key) ?? [];
  if (route && choices.length < 2) tell('route.choices', say`A route has at least two ways.`);
  const known = (choice: string | undefined) => choice === undefined || choices.includes(choice);
  between.forEach(({ min, max, choice }, i) => {
    if (min < 0 || (max !== null && max < min)) tell(`between.${i}`, say`At most is not less than at least.`);
    if (!known(choice)) tell(`between.${i}.choice`, say`There is no such way.`);
  });
  if (!known(thaw?.choice)) tell('thaw.choice', say`There is no such way.`);
  return wrong;
}
