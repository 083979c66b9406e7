import { say } from '../../core/words/say';
import { namesOf } from '../situation/names';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import type { Link } from '../../core/planner/answers/explain-order';
import { type Situation } from '../situation/situation';
import { reasonWords } from './reason-words';

/** The chain that fixes an order's time, one sentence a link. */
export function linkWords(chain: Link[], situation: Situation): string[] {
  const { clock } = situation.kitchen;
  const words = reasonWords(situation);
  const names = namesOf(situation);
  const time = (m: number) => timeOf(m, clock).toFormat('ccc HH:mm');
  return chain.map((link) => {
    const { because } = link;
    const begins =
      link.step.work === 'collect'
        ? say`It can leave at ${time(link.start)} at the earliest`
        : say`“${link.step.name}” at ${time(link.start)}, not before`;
    const held = link.held.length > 0 ? say` That stays there: ${words.reason(link.held[0]!, true)}` : '';
    switch (because.kind) {
      case 'wait': {
        const why = because.wait.why ? ` (${because.wait.why})` : '';
        const rest = because.wait.min > 0 ? say`, and ${durationText(because.wait.min)} must pass${why}` : '';
        return say`${begins}: “${because.after.name}” ends at ${time(because.at)}${rest}.`;
      }
      case 'hands': {
        const who = because.people.map((p) => {
          const name = names.person(p.person);
          if (p.on) return say`${name} is on ${words.step(p.on)} until ${time(p.until)}`;
          return Number.isFinite(p.until)
            ? say`${name} is not there until ${time(p.until)}`
            : say`${name} is not there`;
        });
        const skill = link.step.people?.skill;
        return `${begins}: ${skill ? say`for “${skill}” ` : ''}${who.join('; ')}.${held}`;
      }
      case 'equipment':
        return say`${begins}: ${names.item(because.item)} is taken by ${words.step(because.by)} until ${time(because.until)}.${held}`;
      case 'earliest':
        return say`${begins}: it is now, or the work is not allowed earlier.`;
      case 'fact':
        return say`“${link.step.name}” has been begun: that is what happened.`;
      case 'together':
        if (link.step.work === 'collect')
          return say`It leaves at ${time(link.start)} in this plan: planning again may bring it forward.`;
        return say`${begins}: shifts, hands and room in the oven or the cold do not come together earlier.`;
    }
  });
}

/** What the chain ends at, in half a sentence: the thing that a lead would have to change. */
export function shortWhy(chain: Link[], situation: Situation): string | null {
  const link = chain.at(-1);
  if (!link) return null;
  const { because, step } = link;
  const time = timeOf(link.start, situation.kitchen.clock).toFormat('ccc HH:mm');
  const begins = say`“${step.name}” cannot begin before ${time}`;
  switch (because.kind) {
    case 'hands':
      return say`${begins}: nobody ${step.people?.skill ? say`for “${step.people.skill}” ` : ''}is free until then`;
    case 'equipment':
      return say`${begins}, ${reasonWords(situation).step(because.by)} is in the way`;
    case 'earliest':
      return say`“${step.name}” would have to be under way already`;
    case 'wait':
    case 'together':
      return begins;
    case 'fact':
      return null;
  }
}
