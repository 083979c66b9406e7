/** How a kitchen sets decimals apart; `ask` where nobody has said it. */
export type Decimal = 'point' | 'comma' | 'ask';

/** What a text of digits says: a number, one of two numbers, or none. */
export type ReadNumber = { is: 'number'; value: number } | { is: 'either'; values: [number, number] } | { is: 'none' };

const NONE: ReadNumber = { is: 'none' };
const number = (value: number): ReadNumber => ({ is: 'number', value });
const separator = { point: '.', comma: ',', ask: '' };

/** Digits with their separators, or a fraction, alone or behind a whole number. */
export const NUMBER = String.raw`\d+\s*\/\s*\d+|(?:\d+(?:[.,]\d+)*|[.,]\d+)(?:\s*\+?\s+\d+\s*\/\s*\d+)?`;
const fraction = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/;

/**
 * Text with one way of writing: fractions with a slash ("1½" is "1 1/2"), thousands without the space or apostrophe that sets them apart,
 * single spaces.
 */
export function tidy(text: string): string {
  return text
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, (c) => ` ${c.normalize('NFKD')}`)
    .replace(/⁄/g, '/')
    .replace(/(\d)[\u2009\u202f\u00a0'’](?=\d{3}(\D|$))/g, '$1')
    .replace(/(^|[^\d.,/])(\d{1,3}(?: \d{3})+)(?!\d| ?\/)/g, (_, before: string, digits: string) => {
      return before + digits.replaceAll(' ', '');
    })
    .replace(/\s+/g, ' ')
    .trim();
}

/**
 * Reads "1 1/2", "1½", ".5", "2,5", "12 500", "1.234,5". A single separator before exactly three digits may set apart a thousand or a
 * decimal: the kitchen's way of writing decides, and without one both readings come back. Nothing is guessed.
 */
export function readNumber(text: string, decimal: Decimal = 'ask'): ReadNumber {
  const plain = tidy(text);
  const mixed = fraction.exec(plain);
  if (mixed) {
    const parts = Number(mixed[3]);
    return parts === 0 ? NONE : number(Number(mixed[1] ?? 0) + Number(mixed[2]) / parts);
  }
  if (!/^(\d+([.,]\d+)*|[.,]\d+)$/.test(plain)) return NONE;
  const separators = [...plain.replace(/\d/g, '')];
  const last = separators.at(-1);
  if (last === undefined) return number(Number(plain));
  const kinds = new Set(separators).size;
  if (kinds === 2) {
    // The last is the decimal, and all before it are thousands.
    if (separators.filter((s) => s === last).length > 1) return NONE;
    const [whole = '', part = ''] = [plain.slice(0, plain.lastIndexOf(last)), plain.slice(plain.lastIndexOf(last) + 1)];
    return inThousands(whole) ? number(Number(`${digits(whole)}.${part}`)) : NONE;
  }
  if (separators.length > 1) return inThousands(plain) ? number(Number(digits(plain))) : NONE;
  const asDecimal = Number(plain.replace(',', '.'));
  if (!/^[1-9]\d{0,2}[.,]\d{3}$/.test(plain)) return number(asDecimal);
  const asThousands = Number(digits(plain));
  if (decimal === 'ask') return { is: 'either', values: [asThousands, asDecimal] };
  return number(last === separator[decimal] ? asDecimal : asThousands);
}

const digits = (text: string) => text.replace(/[.,]/g, '');
const inThousands = (text: string) => /^\d{1,3}([.,]\d{3})+$/.test(text);
