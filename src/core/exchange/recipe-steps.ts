import { say } from '../words/say';
import type { FormulaStep, FormulaWait } from '../formula/formula';
import { fromFahrenheit, fromGasMark } from '../measure/temperature';
import { slug } from './slug';
import type { ForeignRecipe, ReportLine } from './foreign-recipe';

/** Minutes of a step that says nothing of time. */
const GUESSED_MINUTES = 10;
/** How far likely minutes may be off, where only one number is known. */
const SPREAD = { low: 0.85, high: 1.3 };

/** What is waited for after a step: nobody's hands are on it. */
interface RestingTime {
  minutes: number;
  place: string | null;
  why: string;
}

/** Steps in their order, the waits between them, and what is waited for after the last. */
export interface ReadSteps {
  steps: FormulaStep[];
  waits: FormulaWait[];
  after: RestingTime | null;
}

/** Verbs of waiting, with the place where it happens. */
const RESTS: readonly [RegExp, string | null][] = [
  [/\b(chill|refrigerate|in the fridge)/i, 'fridge'],
  [/\bfreeze/i, 'freezer'],
  [/\b(cool|rest|prove|proof|rise|stand|set aside|soak|leave|wait|overnight)\b/i, null],
];

/**
 * The steps of a recipe's instructions. A sentence that waits ("Chill 4 hours") is a wait between steps, with its place where it says one,
 * and no work for hands; each such reading, and every time that was not told, stands in the report.
 */
export function readSteps(instructions: ForeignRecipe['instructions'], report: ReportLine[]): ReadSteps {
  const steps: FormulaStep[] = [];
  const waits: FormulaWait[] = [];
  let pending = null as RestingTime | null;
  const keys = new Keys();
  for (const [i, said] of instructions.entries()) {
    if (steps.length === MOST_STEPS) {
      tooMany(instructions.slice(i), report);
      break;
    }
    const { work, rest } = apart(said);
    if (work || steps.length === 0) {
      const step = readStep(work ?? said, keys, report);
      const before = steps.at(-1);
      if (before)
        waits.push({
          ...{ from: before.key, to: step.key, min: pending?.minutes ?? 0, max: null },
          ...{ place: pending?.place ?? null, why: pending?.why ?? '' },
        });
      pending = null;
      steps.push(step);
    }
    if (!rest || !(work || steps.length > 0)) continue;
    report.push({
      text: rest.why,
      message: say`Read as a wait of ${hours(rest.minutes)}${at(rest.place)}, not as work.`,
    });
    pending = {
      minutes: rest.minutes + (pending?.minutes ?? 0),
      place: rest.place ?? pending?.place ?? null,
      why: rest.why,
    };
  }
  return { steps, waits, after: pending };
}

type Said = ForeignRecipe['instructions'][number];

const hours = (minutes: number) => (minutes >= 60 ? `${Number((minutes / 60).toFixed(1))} h` : say`${minutes} min`);
const at = (place: string | null) => (place ? ` in the ${place}` : '');

/** What is done and what is waited for in one instruction. Each sentence that waits and says how long is a wait. */
function apart({ name, text, minutes }: Said): { work: Said | null; rest: RestingTime | null } {
  const sentences = text.split(/(?<=[.;!])\s+/).filter(Boolean);
  const rests: RestingTime[] = [];
  const done = sentences.filter((sentence) => {
    const verb = RESTS.find(([pattern]) => pattern.test(sentence));
    const told = minutesIn(sentence) ?? (/\bovernight\b/i.test(sentence) ? 8 * 60 : null);
    if (!verb || told === null || ovenHeat(sentence) !== null) return true;
    rests.push({ minutes: told, place: verb[1], why: sentence.replace(/[.;!]$/, '') });
    return false;
  });
  // A step that is only named, with its time apart: "Chill", 240 min.
  const named = RESTS.find(([pattern]) => pattern.test(name));
  if (sentences.length === 0 && named && minutes !== null)
    return { work: null, rest: { minutes, place: named[1], why: name } };
  const rest = rests.length === 0 ? null : together(rests);
  const onlyWaits = done.length === 0 && rests.length > 0 && (name === '' || named !== undefined);
  return { work: onlyWaits ? null : { name, text: done.join(' '), minutes }, rest };
}

function together(rests: RestingTime[]): RestingTime {
  return {
    minutes: rests.reduce((sum, r) => sum + r.minutes, 0),
    place: rests.find((r) => r.place)?.place ?? null,
    why: rests.map((r) => r.why).join('; '),
  };
}

/** A formula has no more. */
const MOST_STEPS = 60;

function tooMany(left: readonly Said[], report: ReportLine[]): void {
  const [first] = left;
  report.push({
    text: first!.name || first!.text.slice(0, 80),
    message: say`A formula has at most ${MOST_STEPS} steps: this and ${left.length - 1} more were not read. Divide it.`,
  });
}

/** Keys for steps, each once: the short name, and a number where it has been given already. */
class Keys {
  private readonly given = new Set<string>();
  /** The last number behind each name. */
  private readonly numbers = new Map<string, number>();

  next(short: string): string {
    const stem = slug(short).slice(0, 20);
    let key = slug(short).slice(0, 24) || 'step';
    let n = this.numbers.get(stem) ?? 1;
    while (this.given.has(key)) key = `${stem}-${++n}`;
    this.numbers.set(stem, n);
    this.given.add(key);
    return key;
  }
}

function readStep({ name, text, minutes }: Said, keys: Keys, report: ReportLine[]): FormulaStep {
  const said = `${name} ${text}`;
  const celsius = ovenHeat(said);
  const told = minutes ?? minutesIn(said);
  if (told === null)
    report.push({ text: name || text, message: say`No time is told: ${GUESSED_MINUTES} min were put in.` });
  const likely = told ?? GUESSED_MINUTES;
  const bakes = celsius !== null && /\b(bake|oven|dry)/i.test(said);
  const short = (name || text.split(/[.;]/)[0]!).trim().slice(0, 40) || 'Step';
  return {
    key: keys.next(short),
    name: short,
    work: bakes ? 'oven' : 'hands',
    minutes: { low: Math.max(1, Math.round(likely * SPREAD.low)), likely, high: Math.round(likely * SPREAD.high) },
    ...(bakes ? { oven: { celsius, slots: 1 } } : { skill: null }),
    how: text.trim() || name.trim(),
  };
}

/** A step for a recipe that tells none. */
export const oneStep = (): FormulaStep =>
  readStep({ name: say`Make it`, text: '', minutes: GUESSED_MINUTES }, new Keys(), []);

/** "at 350 °F", "180C", "gas 4": °C, to the full 5. */
function ovenHeat(text: string): number | null {
  const degrees = /(\d{2,3})\s*(?:°|º|degrees)?\s*([CF])\b/i.exec(text);
  const gas = /gas(?: mark)?\s*(\d)/i.exec(text);
  const celsius = degrees
    ? degrees[2]!.toUpperCase() === 'F'
      ? fromFahrenheit(Number(degrees[1]))
      : Number(degrees[1])
    : gas
      ? fromGasMark(Number(gas[1]))
      : null;
  return celsius === null ? null : Math.round(celsius / 5) * 5;
}

/** "25–30 minutes", "1 1/2 hours", "2 days": the later number of a range. */
function minutesIn(text: string): number | null {
  const range = /(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?(\s+1\/2|\s*½)?\s*(min|hour|hr|h\b|day)/i.exec(
    text,
  );
  if (!range) return null;
  const number = Number((range[2] ?? range[1]!).replace(',', '.')) + (range[3] ? 0.5 : 0);
  const unit = range[4]!.toLowerCase();
  return Math.round(number * (unit === 'day' ? 1440 : unit.startsWith('h') ? 60 : 1));
}
