import { fromFahrenheit, fromFan, fromGasMark } from './temperature';
import { unitNamed, type Country, type Dimension } from './units';

/** A quantity inside: g, ml, mm, °C or minutes. */
interface Quantity {
  dimension: Dimension | 'count';
  value: number;
}

export type Parsed = { ok: true; quantity: Quantity } | { ok: false; message: string };

const FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A number, with a mixed fraction, a decimal comma or point, thousands set apart by thin or no-break spaces. */
const NUMBER = String.raw`\d+\s*\/\s*\d+|\d+(?:[.,]\d+)?(?:\s*\+?\s+\d+\s*\/\s*\d+)?`;
const fraction = new RegExp(String.raw`^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$`);

/** Reads "1 1/2", "1½", "2,5", "3/4". Null where it is no number, or the fraction is of nothing. */
export function parseNumber(text: string): number | null {
  const plain = tidy(text);
  const mixed = fraction.exec(plain);
  if (mixed) {
    const parts = Number(mixed[3]);
    return parts === 0 ? null : Number(mixed[1] ?? 0) + Number(mixed[2]) / parts;
  }
  return /^\d+([.,]\d+)?$/.test(plain) ? Number(plain.replace(',', '.')) : null;
}

function tidy(text: string): string {
  return text
    .replace(/[½⅓⅔¼¾⅕⅛⅜⅝⅞]/g, (c) => ` ${FRACTIONS[c]!}`)
    .replace(/⁄/g, '/')
    .replace(/(\d)[\u2009\u202f\u00a0'’](?=\d{3}(\D|$))/g, '$1')
    .replace(/(^|[^\d])(\d{1,3}) (?=\d{3}(?!\d)\s*[a-z])/gi, '$1$2')
    .replace(/\s+/g, ' ')
    .trim();
}

/**
 * Reads what people type: "1 1/2 cups", "2 lb 3 oz", "350F", "gas 4", "180 fan", "1h30", "20 cm", "12".
 * A compound adds up; its parts must measure the same. A number alone is a count. Errors are said in words.
 */
export function parseQuantity(text: string, country: Country = 'metric'): Parsed {
  const plain = tidy(text);
  if (plain === '') return { ok: false, message: 'Nothing was typed.' };
  const heat = parseTemperature(plain);
  if (heat) return heat;
  const clock = /^(\d+)\s*h\s*(\d{1,2})$/i.exec(plain);
  if (clock) return quantity('time', Number(clock[1]) * 60 + Number(clock[2]));

  const pattern = new RegExp(String.raw`(${NUMBER})\s*([a-z"″'′]+(?:\s(?:oz|ounces?)\b)?\.?)?`, 'giy');
  const joint = /\s*(?:[,+&]|and\b)?\s*/y;
  let total = 0;
  let dimension: Quantity['dimension'] | null = null;
  let at = 0;
  while (at < plain.length) {
    pattern.lastIndex = at;
    const match = pattern.exec(plain);
    if (!match) return { ok: false, message: `“${plain.slice(at)}” is not a quantity.` };
    const number = parseNumber(match[1]!);
    if (number === null) return { ok: false, message: `“${match[1]}” is not a number.` };
    const unit = match[2] ? unitNamed(match[2], country) : null;
    if (match[2] && !unit) return { ok: false, message: `“${match[2]}” is not a unit that is known here.` };
    const measured: Quantity['dimension'] = unit ? unit.dimension : 'count';
    if (dimension !== null && dimension !== measured)
      return { ok: false, message: `“${text.trim()}” mixes ${dimension} and ${measured}.` };
    dimension = measured;
    total += number * (unit?.factor ?? 1);
    at = pattern.lastIndex;
    joint.lastIndex = at;
    const [joined] = joint.exec(plain)!;
    if (joined.trim() !== '' && at + joined.length === plain.length)
      return { ok: false, message: `“${text.trim()}” ends with “${joined.trim()}”: something is missing.` };
    at += joined.length;
  }
  return quantity(dimension ?? 'count', total);
}

function parseTemperature(plain: string): Parsed | null {
  const gas = new RegExp(String.raw`^gas(?:\s*mark)?\s*(${NUMBER})$`, 'i').exec(plain);
  if (gas) {
    const mark = parseNumber(gas[1]!);
    const celsius = mark === null ? null : fromGasMark(mark);
    return celsius === null
      ? { ok: false, message: `There is no gas mark ${gas[1]}: they go from 1/4 to 9.` }
      : quantity('temperature', celsius);
  }
  const degrees = /^(-?\d+(?:[.,]\d+)?)\s*(?:°|º|deg(?:rees)?)?\s*(c|f|celsius|fahrenheit)?\s*(fan)?$/i.exec(plain);
  if (!degrees || !(degrees[2] || degrees[3] || /[°º]|deg/i.test(plain))) return null;
  const number = Number(degrees[1]!.replace(',', '.'));
  const celsius = degrees[2]?.toLowerCase().startsWith('f') ? fromFahrenheit(number) : number;
  return quantity('temperature', degrees[3] ? fromFan(celsius) : celsius);
}

const quantity = (dimension: Quantity['dimension'], value: number): Parsed => ({
  ok: true,
  quantity: { dimension, value },
});
