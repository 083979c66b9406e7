import { say } from '../words/say';
import { counted } from '../measure/counted';
import { groupOf, type Item } from './item';
import type { KeptIngredient } from './kept-ingredient';
import type { Opening } from './opening';
import type { Person } from './person';

/** Something that a good plan lacks: what, and the section of the kitchen in which it is put right. */
export interface Missing {
  say: string;
  section: string;
}

interface Known {
  people: readonly Person[];
  items: readonly Item[];
  ingredients: readonly KeptIngredient[];
  counts: { library: number; builds: number };
  /** Skills that the library asks for, and those that somebody has. */
  needs: readonly string[];
  has: ReadonlySet<string>;
  opening: Opening;
  /** ISO date. */
  today: string;
}

/** What a kitchen lacks for a good plan, the worst first: without people nothing is made, without hours nobody is in. */
export function missingFor({ people, items, ingredients, counts, needs, has, opening, today }: Known): Missing[] {
  const missing: Missing[] = [];
  const lacks = (section: string, text: string) => missing.push({ section, say: text });
  const here = people.filter((p) => p.left === null || p.left >= today);
  if (here.length === 0) lacks('people', say`Nobody works here yet.`);
  else {
    const idle = here.filter((p) => p.weekly.length === 0 && Object.keys(p.days).length === 0);
    if (idle.length > 0) lacks('people', say`${idle.map((p) => p.name).join(', ')}: no working hours yet.`);
    const unskilled = here.filter((p) => p.skills.length === 0);
    if (unskilled.length > 0)
      lacks('people', say`${unskilled.map((p) => p.name).join(', ')}: nothing yet that they can do.`);
  }
  const no = (group: string) => !items.some((i) => groupOf(i) === group);
  if (no('ovens')) lacks('ovens', say`No oven yet: nothing can be baked.`);
  if (!items.some((i) => i.kind === 'mixer')) lacks('machines', say`No mixer yet: most formulas ask for one.`);
  if (no('tins')) lacks('tins', say`No tins yet: no cake has a size.`);
  if (no('places')) lacks('places', say`No fridge yet: nothing can wait in the cold.`);
  if (counts.library === 0) lacks('library', say`No formulas yet.`);
  else if (counts.builds === 0) lacks('library', say`No cakes yet that can be ordered.`);
  const lacking = needs.filter((s) => !has.has(s));
  if (here.length > 0 && lacking.length > 0)
    lacks('people', say`Nobody does ${lacking.map((s) => `“${s}”`).join(', ')}, which formulas here ask for.`);
  if (opening.hours.length === 0) lacks('opening', say`Pickup hours are not told: cakes can be collected at any time.`);
  const unconfirmed = ingredients.filter((i) => i.unconfirmed);
  if (unconfirmed.length > 0)
    lacks('ingredients', say`What ${counted(unconfirmed.length, 'ingredient')} hold is not confirmed by anybody.`);
  return missing;
}
