import path from 'node:path';
import { Font } from '@react-pdf/renderer';
import { openSync, type Font as OpenFont } from 'fontkit';

/** The font of everything that is printed: the one of the screens, with the whole Latin range. */
export const PRINT_FAMILY = 'Atkinson';

const STYLES = { 400: '400Regular', 700: '700Bold' } as const;
const fileOf = (weight: keyof typeof STYLES) => {
  const style = STYLES[weight];
  const name = `AtkinsonHyperlegibleNext_${style}.ttf`;
  return path.join(process.cwd(), 'node_modules/@expo-google-fonts/atkinson-hyperlegible-next', style, name);
};

let registered = false;

/** The font ships with the product. Words are never broken. */
export function registerPrintFont(): void {
  if (registered) return;
  const fonts = ([400, 700] as const).map((fontWeight) => ({ src: fileOf(fontWeight), fontWeight }));
  Font.register({ family: PRINT_FAMILY, fonts });
  Font.registerHyphenationCallback((word) => [word]);
  registered = true;
}

/** What is printed for signs that the font does not have. */
const INSTEAD: Readonly<Record<string, string>> = {
  '→': '>',
  '←': '<',
  '●': '•',
  '○': '°',
  '✓': 'x',
  '\u202f': '\u2009',
};

let known: OpenFont | undefined;
const has = (char: string) => (known ??= openSync(fileOf(400))).hasGlyphForCodePoint(char.codePointAt(0)!);

/**
 * A text with no letter that the font lacks: an arrow becomes a plain sign, "⅓" its digits; a letter of another script, which cannot be
 * printed, a question mark.
 */
export function printable(text: string): string {
  return [...text].map((c) => (has(c) ? c : insteadOf(c))).join('');
}

function insteadOf(char: string): string {
  const apart = INSTEAD[char] ?? char.normalize('NFKD');
  return [...apart].map((c) => (has(c) ? c : '?')).join('');
}
