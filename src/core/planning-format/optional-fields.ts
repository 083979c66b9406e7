import { OVEN } from './problem';
import type { Complaints } from './complaints';

type Fields = Record<string, unknown>;
type Listed = Map<string, Fields>;

/** Reads the fields that a problem may leave out. */
export class OptionalFields {
  constructor(private readonly c: Complaints) {}

  /** How long a person takes at work of a skill, times the usual. */
  pace(person: Fields, path: string): void {
    if (person.pace === undefined || person.pace === null) return;
    const pace = this.c.record(person.pace, `${path}.pace`);
    if (!pace) return;
    for (const [skill, factor] of Object.entries(pace))
      this.c.amount(factor, `${path}.pace.${skill}`, 'A pace (times the usual)', true);
  }

  /** How long a plan lets a step last. */
  planned(minutes: Fields, path: string): void {
    if (minutes.planned === undefined || minutes.planned === null) return;
    this.c.whole(minutes.planned, `${path}.planned`, 'The planned time', 0);
  }

  /** The ovens that will do, each at its own temperature and minutes. */
  ovenChoices(oven: Fields, path: string, equipment: Listed): void {
    if (oven.choices === undefined || oven.choices === null) return;
    const { c } = this;
    const choices = c.array(oven.choices, `${path}.choices`);
    if (choices.length === 0) c.say(`${path}.choices`, 'A list of ovens names at least one.');
    choices.forEach((x, i) => {
      const at = `${path}.choices[${i}]`;
      const choice = c.record(x, at);
      if (!choice) return;
      const item = typeof choice.equipment === 'string' ? equipment.get(choice.equipment) : undefined;
      if (item?.kind !== OVEN) c.say(`${at}.equipment`, `There is no oven “${String(choice.equipment)}”.`);
      if (typeof choice.celsius !== 'number' || !Number.isFinite(choice.celsius))
        c.say(`${at}.celsius`, 'The oven needs its temperature in °C.');
      this.risingMinutes(choice.minutes, `${at}.minutes`);
    });
  }

  /** Low, likely and high, which must rise. */
  risingMinutes(value: unknown, path: string): void {
    const { c } = this;
    const minutes = c.record(value, path);
    if (!minutes) return;
    const before = c.list.length;
    const [low, likely, high] = ['low', 'likely', 'high'].map((k) =>
      c.whole(minutes[k], `${path}.${k}`, `The ${k} time`, 0),
    );
    if (c.list.length === before && !(low! <= likely! && likely! <= high!))
      c.say(path, `The times must rise: low ${low}, likely ${likely}, high ${high}.`);
    this.planned(minutes, path);
  }

  wait(w: Fields, path: string, steps: Listed): void {
    const { c } = this;
    if (w.wish !== undefined && w.wish !== null) {
      const wish = c.record(w.wish, `${path}.wish`);
      if (wish) {
        const least = c.whole(wish.least, `${path}.wish.least`, 'The least that is wished for');
        c.amount(wish.cost, `${path}.wish.cost`, 'The cost of a minute that falls short');
        if (typeof w.min === 'number' && least < w.min)
          c.say(`${path}.wish.least`, `It lies below the shortest wait (${w.min} min).`);
        if (typeof w.max === 'number' && least > w.max)
          c.say(`${path}.wish.least`, `It lies above the longest wait (${w.max} min).`);
      }
    }
    const { attended = null } = w;
    if (attended !== null && typeof attended !== 'boolean') c.say(`${path}.attended`, 'Attended is true or false.');
    if (w.sameItemAs !== undefined && w.sameItemAs !== null) this.sameItem(w, `${path}.sameItemAs`, steps);
    if (w.heat === undefined || w.heat === null) return;
    if (w.heat !== 'off' || w.sameItemAs === undefined) c.say(`${path}.heat`, 'Heat is “off”, beside sameItemAs.');
    else if (w.place !== OVEN) c.say(`${path}.heat`, 'Only a wait in an oven has its heat off.');
  }

  private sameItem({ sameItemAs, place }: Fields, path: string, steps: Listed): void {
    const { c } = this;
    const step = typeof sameItemAs === 'string' ? steps.get(sameItemAs) : undefined;
    if (!step) c.say(path, `There is no step “${String(sameItemAs)}”.`);
    if (place === null || place === undefined) c.say(path, 'Only a wait with a place can lie in what a step uses.');
    else if (step && !takes(step, String(place)))
      c.say(path, `“${String(step.name)}” uses nothing of the kind “${String(place)}”.`);
  }

  routeCost(route: Fields, path: string): void {
    if (route.cost === undefined || route.cost === null) return;
    const cost = this.c.record(route.cost, `${path}.cost`);
    if (!cost) return;
    for (const [choice, amount] of Object.entries(cost)) {
      if (!(Array.isArray(route.choices) && route.choices.includes(choice)))
        this.c.say(`${path}.cost.${choice}`, `The route has no choice “${choice}”.`);
      this.c.amount(amount, `${path}.cost.${choice}`, 'The cost of a choice');
    }
  }
}

/** Does a step, whatever else is wrong with it, use an item of a kind? */
function takes({ uses, oven }: Fields, kind: string): boolean {
  if (kind === OVEN && oven) return true;
  return Array.isArray(uses) && uses.some((u) => (u as Fields | null)?.kind === kind);
}
