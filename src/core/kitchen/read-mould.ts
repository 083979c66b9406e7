import { say } from '../words/say';
import { NUMBER, readNumber, tidy, type Decimal } from '../measure/parse-number';
import { FORM_MEASURES, type Form } from '../shape/form';
import type { MouldTraits } from './item';

/** How the kitchen writes lengths and decimals. */
export interface MouldTyping {
  length: 'cm' | 'in';
  decimal: Decimal;
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
const RING = /\b(?:rings?|bottomless)\b/i;
const FRAME = /\b(?:frames?)\b/i;
const SHEET = /\b(?:sheets?|trays?|baking pans?)\b/i;
/** Petals of a tin where nobody has counted them. */
const USUAL_PETALS = 6;
/** What the foot of a loaf tin loses against its top, where only the top was measured. mm. */
const TAPER = 20;
const UNIT = String.raw`(?:\s*(mm|cm|inch(?:es)?|in\b|["”]))?`;
const MOST_OWNED = 500;
/** Nobody bakes in a tin that is smaller or larger. mm. */
const LEAST = 20;
const MOST = 1500;

/**
 * A tin, ring, frame or sheet typed in plain words: "round 24, 7 deep, 6 of them", "6 × ring 18 cm", "sheet 60 x 40", "heart 20 cm, 2". Lengths
 * without a unit are cm, or inches in a kitchen that measures in inches. What cannot be told apart is refused, with an example.
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

  const count =
    take(/(?:^|[\s,;])(\d{1,3})\s*(?:of them|pieces|pcs|pc|off)\b/i) ?? take(/^\s*(\d{1,3})\s*x\s+(?=[a-z])/i);
  const deep =
    take(new RegExp(String.raw`(${NUMBER})${UNIT}\s*(?:deep|high|depth|height)\b`, 'i')) ??
    take(new RegExp(String.raw`\b(?:deep|high|depth|height)\s*:?\s*(${NUMBER})${UNIT}`, 'i'));
  const depth = deep ? millimetres(deep[1]!, deep[2]) : undefined;
  const petals = take(/(\d{1,2})\s*(?:petals|lobes)\b/i);
  const [, form] = FORMS.find(([words]) => take(words)) ?? [];
  const isRing = take(RING) !== null || take(FRAME) !== null;
  const isSheet = take(SHEET) !== null;
  take(/\btins?\b/i);
  const measures: number[] = [];
  const pair = take(new RegExp(String.raw`(${NUMBER})${UNIT}\s*(?:x|by|/)\s*(${NUMBER})${UNIT}`, 'i'));
  if (pair) measures.push(millimetres(pair[1]!, pair[2] ?? pair[4]), millimetres(pair[3]!, pair[4] ?? pair[2]));
  else {
    const one = take(new RegExp(String.raw`(${NUMBER})${UNIT}`, 'i'));
    if (one) measures.push(millimetres(one[1]!, one[2]));
  }
  // What is left of figures says how many there are: "heart 20 cm, 2".
  const last = count ?? take(/(?:^|[\s,;:x])(\d{1,3})(?=\s*$|\s*[,;])/);
  const left = rest
    .replace(/\b(?:cake|baking|of|them|a|the|and|with|cm|diameter|side|across)\b|[\s,;:.()]+/gi, ' ')
    .trim();
  if (problems[0]) return refused(problems[0]);
  if (left !== '') return refused(say`“${left}” cannot be read. For example “round 24, 7 deep, 6 of them”.`);
  if (measures.length === 0) return refused(say`How large? For example “round 24”.`);
  if (measures.some((m) => !(m >= LEAST && m <= MOST))) return refused(say`From 2 cm to 150 cm.`);
  if (depth !== undefined && !(depth >= 5 && depth <= 400)) return refused(say`A depth of 0.5 cm to 40 cm.`);
  const owned = last ? Number(last[1]) : 1;
  if (owned < 1 || owned > MOST_OWNED) return refused(say`From 1 to ${MOST_OWNED} of them.`);
  const shape = shapeOf(form, measures, Number(petals?.[1] ?? USUAL_PETALS), isSheet);
  if (shape === null) return refused(say`A rectangle has two measures, as “30 x 20”.`);
  return {
    ok: true,
    owned,
    mould: { use: mouldUse(shape, isRing, isSheet), form: shape, ...(depth !== undefined && { depth }) },
  };
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

function mouldUse(form: Form, isRing: boolean, isSheet: boolean): MouldTraits['use'] {
  if (isSheet) return 'sheet';
  if (isRing) return 'ring';
  if (form.form === 'round') return 'tin';
  return form.form === 'square' ? 'square tin' : 'shaped tin';
}
