import { say } from '../words/say';
import { NUMBER, readNumber, tidy, type Decimal } from '../measure/parse-number';
import { METRIC, type Reading } from '../measure/show-quantity';
import { FORM_MEASURES, type Form } from '../shape/form';
import type { MouldTraits } from './item';
import { mouldUse } from './mould-kind';

/** How the kitchen writes lengths and decimals. */
export interface MouldTyping {
  length: 'cm' | 'in';
  decimal: Decimal;
}

/** How a kitchen that reads so writes the measures of its tins. */
export function mouldTypingOf(reading: Reading | null): MouldTyping {
  const { length, decimal = 'ask' } = reading ?? METRIC;
  return { length, decimal };
}

export type ReadMould = { ok: true; mould: MouldTraits; owned: number } | { ok: false; message: string };

const MM = { mm: 1, cm: 10, in: 25.4 } as const;

/** Words for a form, as they are typed; what is not named is read from the measures. */
const FORMS: readonly [RegExp, Form['form']][] = [
  [/\b(?:half[- ]?spheres?|domes?)\b/i, 'half-sphere'],
  [/\b(?:hearts?)\b/i, 'heart'],
  [/\b(?:hexagons?|hexagonal)\b/i, 'hexagon'],
  [/\b(?:petals?|flowers?)\b/i, 'petal'],
  [/\b(?:loaf|loaves)\b/i, 'loaf'],
  [/\b(?:squares?)\b/i, 'square'],
  [/\b(?:rectangles?|rectangular|oblong)\b/i, 'rectangle'],
  [/\b(?:rounds?|circular)\b/i, 'round'],
];
/** What the trade calls some of them, for what they are. */
const TRADE_FORMS: readonly [RegExp, Form['form']][] = [
  [/\bspring[- ]?forms?\b/i, 'round'],
  [/\b(?:steel |mixing )?bowls?\b/i, 'half-sphere'],
];
/** Sheets of the trade by their inches, where nobody says others. mm. */
const TRADE_SHEETS: readonly [RegExp, readonly [number, number]][] = [
  [/\bquarter[- ](?=sheets?\b)/i, [330, 241]],
  [/\bhalf[- ](?=sheets?\b)/i, [457, 330]],
  [/\bfull[- ](?=sheets?\b)/i, [660, 457]],
];
/** Forms of one measure: behind it a second one is a depth, and before it how many there are. */
const OF_ONE_MEASURE: readonly (Form['form'] | undefined)[] = [
  'round',
  'heart',
  'hexagon',
  'petal',
  'half-sphere',
  'square',
];
/** Nobody has more of one tin in a list than this, and no tin is so small in cm. */
const COUNTED = 60;
/** Of squares, which can be rectangles of two measures. */
const FEW = 12;
/** Deeper than this no tin is said without the word. mm. */
const DEEP = 150;
const RING = /\b(?:rings?|bottomless)\b/i;
const FRAME = /\b(?:frames?)\b/i;
const SHEET = /\b(?:sheets?|trays?|baking pans?)\b/i;
/** Petals of a tin where nobody has counted them. */
const USUAL_PETALS = 6;
/** What the foot of a loaf tin loses against its top, where only the top was measured. mm. */
const TAPER = 20;
const UNIT = String.raw`(?:[\s-]*(mm|cm|inch(?:es)?|in\b|["”]))?`;
const MOST_OWNED = 500;
/** Nobody bakes in a tin that is smaller or larger. mm. */
const LEAST = 20;
const MOST = 1500;

/**
 * A tin, ring, frame or sheet typed in plain words: "round 24, 7 deep, 6 of them", "6 × ring 18 cm", "3 x 15 cm round", "square 20 x2", "sheet 60 x 40",
 * "half sheet", "heart 20 cm, 2". Lengths without a unit are of the unit that another of the same line has; else cm, or inches in a kitchen that measures in
 * inches. What cannot be told apart is refused, with an example.
 *
 * @returns mm, and how many there are; 1 where nothing is said
 */
export function readMould(text: string, { length, decimal }: MouldTyping): ReadMould {
  let rest = ` ${tidy(text).replace(/[×✕]/g, 'x')} `;
  if (rest.trim() === '') return refused(say`Which tin? For example “round 24, 7 deep, 6 of them”.`);
  const problems: string[] = [];
  const millimetres = (digits: string, unit: string | undefined): number => {
    const read = readNumber(digits, decimal);
    if (read.is === 'either')
      problems.push(say`“${digits}” can be read in two ways: write ${read.values.join(say` or `)}.`);
    const value = read.is === 'number' ? read.value : NaN;
    const per = unit === undefined ? MM[length] : /^m/i.test(unit) ? MM.mm : /^c/i.test(unit) ? MM.cm : MM.in;
    return Number((value * per).toFixed(2));
  };
  /** Takes the first match out of what is still to be read. */
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };

  const said =
    take(/(?:^|[\s,;])(\d{1,3})\s*(?:of them|pieces|pcs|pc|off)\b/i) ??
    take(/^\s*(\d{1,3})\s*x\s+(?=[a-z])/i) ??
    take(/(?<=\d\D*)\sx(\d{1,3})\s*$/i);
  const deep =
    take(new RegExp(String.raw`(${NUMBER})${UNIT}\s*(?:deep|high|depth|height)\b`, 'i')) ??
    take(new RegExp(String.raw`\b(?:deep|high|depth|height)\s*:?\s*(${NUMBER})${UNIT}`, 'i'));
  const petals = take(/(\d{1,2})\s*(?:petals|lobes)\b/i);
  const [, form] = [...TRADE_FORMS, ...FORMS].find(([words]) => take(words)) ?? [];
  const [, usualSheet] = TRADE_SHEETS.find(([words]) => take(words)) ?? [];
  const isRing = take(RING) !== null || take(FRAME) !== null;
  const isSheet = take(SHEET) !== null;
  take(/\b(?:tins?|pans?)\b/i);
  const count = said ?? countBefore(rest, usualSheet !== undefined, take);
  const measures: number[] = [];
  let counted: number | undefined;
  let depth: number | undefined;
  let unit: string | undefined;
  const pair = take(new RegExp(String.raw`(^\s*)?(${NUMBER})${UNIT}\s*(?:x|by|/)\s*(${NUMBER})${UNIT}`, 'i'));
  if (pair) {
    const [, begins, first, ofFirst, second, ofSecond] = pair as unknown as (string | undefined)[];
    unit = ofFirst ?? ofSecond;
    const said = ofTwo({
      a: millimetres(first!, unit),
      b: millimetres(second!, ofSecond ?? ofFirst),
      counts: {
        before: !count && begins !== undefined && !ofFirst && COUNT.test(first!) ? Number(first) : null,
        behind: !count && ofFirst && !ofSecond && COUNT.test(second!) ? Number(second) : null,
      },
      form: OF_ONE_MEASURE.includes(form) && !isSheet ? form : undefined,
      isDeep: deep !== null,
    });
    measures.push(...said.measures);
    ({ counted, depth } = said);
  } else {
    const one = take(new RegExp(String.raw`(${NUMBER})${UNIT}`, 'i'));
    if (one) measures.push(millimetres(one[1]!, one[2]));
    unit = one?.[2];
    if (!one && usualSheet) measures.push(...usualSheet);
  }
  if (deep) depth = millimetres(deep[1]!, deep[2] ?? unit);
  // What is left of figures says how many there are: "heart 20 cm, 2".
  const last = count ?? (counted === undefined ? take(/(?:^|[\s,;:x])(\d{1,3})(?=\s*$|\s*[,;])/) : null);
  const left = rest
    .replace(/\b(?:cake|baking|of|them|a|the|and|with|cm|diameter|side|across)\b|[\s,;:.()]+/gi, ' ')
    .trim();
  if (problems[0]) return refused(problems[0]);
  if (left !== '') return refused(say`“${left}” cannot be read. For example “round 24, 7 deep, 6 of them”.`);
  if (measures.length === 0) return refused(say`How large? For example “round 24”.`);
  if (measures.some((m) => !(m >= LEAST && m <= MOST))) return refused(say`From 2 cm to 150 cm.`);
  if (depth !== undefined && !(depth >= 5 && depth <= 400)) return refused(say`A depth of 0.5 cm to 40 cm.`);
  const owned = counted ?? (last ? Number(last[1]) : 1);
  if (owned < 1 || owned > MOST_OWNED) return refused(say`From 1 to ${MOST_OWNED} of them.`);
  const shape = shapeOf(form, measures, Number(petals?.[1] ?? USUAL_PETALS), isSheet);
  if (shape === null) return refused(say`A rectangle has two measures, as “30 x 20”.`);
  return {
    ok: true,
    owned,
    mould: {
      use: isRing && !isSheet ? 'ring' : mouldUse(shape, isSheet),
      form: shape,
      ...(depth !== undefined && { depth }),
    },
  };
}

/** What can say how many there are beside a measure. */
const COUNT = /^\d{1,2}$/;

interface Two {
  /** mm. */
  a: number;
  b: number;
  /** What each of them would be as a number of tins; null where it cannot be one. */
  counts: { before: number | null; behind: number | null };
  /** The form, where it has one measure only. */
  form: Form['form'] | undefined;
  isDeep: boolean;
}

/** What two measures say of a form of one: "3 x 15 cm round" and "square 20 cm x 2" how many, "24 x 7 round" how deep. */
function ofTwo({ a, b, counts, form, isDeep }: Two): { measures: number[]; counted?: number; depth?: number } {
  const { before, behind } = counts;
  if (form === undefined) return { measures: [a, b] };
  if (before !== null && before <= (form === 'square' ? FEW : COUNTED) && a < b)
    return { measures: [b], counted: before };
  if (behind !== null && b < a / 4) return { measures: [a], counted: behind };
  if (form !== 'square' && !isDeep && b < a && b <= DEEP) return { measures: [a], depth: b };
  return { measures: [a, b] };
}

/**
 * How many there are where that stands first, before a word: "6 round 24". Where no other measure follows, or only how many there are ("24 round, 2"), it
 * is how large they are.
 */
function countBefore(
  rest: string,
  sized: boolean,
  take: (pattern: RegExp) => RegExpExecArray | null,
): RegExpExecArray | null {
  const first = /^\s*(\d{1,3})(?:\s*$|\s+(?!(?:mm|cm|in|inch|inches|x|by)\b)(?=[a-z\d]))/i;
  if (!first.test(rest)) return null;
  const others = rest.replace(first, ' ').match(new RegExp(NUMBER, 'g')) ?? [];
  const onlyCounts = others.length === 1 && /[,;]\s*\d{1,3}\s*$/.test(rest);
  return (others.length > 0 && !onlyCounts) || (others.length === 0 && sized) ? take(first) : null;
}

const refused = (message: string): ReadMould => ({ ok: false, message });

/** The form of so many measures; null where it needs another one. */
function shapeOf(name: Form['form'] | undefined, measures: number[], petals: number, isSheet: boolean): Form | null {
  const [first = 0, second] = measures;
  const longer = Math.max(first, second ?? 0);
  const shorter = Math.min(first, second ?? first);
  const form = name ?? (second !== undefined || isSheet ? 'rectangle' : 'round');
  switch (form) {
    case 'rectangle':
      return second === undefined ? null : { form, length: longer, width: shorter };
    case 'loaf':
      return second === undefined
        ? null
        : {
            ...{ form, topLength: longer, topWidth: shorter },
            ...{ bottomLength: longer - TAPER, bottomWidth: Math.max(LEAST, shorter - TAPER) },
          };
    case 'petal':
      return { form, across: first, petals };
    default: {
      if (second !== undefined && second !== first)
        return form === 'square' ? { form: 'rectangle', length: longer, width: shorter } : null;
      const [measure] = FORM_MEASURES[form];
      return { form, [measure!]: first } as unknown as Form;
    }
  }
}
