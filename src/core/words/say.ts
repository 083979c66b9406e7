import { LANGUAGES } from './languages';

/** Which language a process or a page speaks, chosen before anything is said; the program's own where nothing is chosen. */
const spoken = globalThis as { zestLanguage?: string };

/**
 * The one way in which the program says something: text with values in it, in the language that is spoken. A text that a language does not
 * have is said in the program's own.
 *
 * @example say`${title} misses its pickup by ${late}.`
 */
export function say(strings: TemplateStringsArray, ...values: (string | number)[]): string {
  const catalogue = spoken.zestLanguage === undefined ? undefined : LANGUAGES[spoken.zestLanguage];
  const text = catalogue?.[textOf(strings)];
  if (text === undefined) return strings.reduce((said, s, i) => `${said}${values[i - 1]}${s}`);
  return text.replace(/\{(\d+)\}/g, (hole, i: string) => `${values[Number(i)] ?? hole}`);
}

/** A word of the trade that is also a key of the program (`terms.ts` has them all), in the language that is spoken. */
export const term = (key: string): string =>
  (spoken.zestLanguage === undefined ? undefined : LANGUAGES[spoken.zestLanguage]?.[key]) ?? key;

/** Several of them in a row: "egg, milk". */
export const terms = (keys: readonly string[]): string => keys.map(term).join(', ');

/** A text as it stands in a catalogue. */
export const textOf = (strings: readonly string[]): string => strings.reduce((text, s, i) => `${text}{${i - 1}}${s}`);
