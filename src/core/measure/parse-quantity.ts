import { say } from '../words/say';
import { NUMBER, readNumber, tidy, type Decimal } from './parse-number';
import { FAN_OFFSET, fromFahrenheit, fromFan, fromGasMark } from './temperature';
import { unitNamed, type Country, type Dimension } from './units';

/** A quantity inside: g, ml, mm, °C or minutes; a share as a fraction. */
interface Quantity {
  dimension: Dimension | 'count' | 'share';
  value: number;
}

/** What was read; `asks` where it could be read in two ways, and somebody has to say which is meant. */
export type Parsed = { ok: true; quantity: Quantity } | { ok: false; message: string; asks?: true };

/** What decides where a text could mean two things. */
export interface Typing {
  /** Whose cups and spoons are meant. */
  country: Country;
  decimal: Decimal;
  /** °C that a fan oven is set lower. */
  fanOffset?: number;
}

export const TYPING: Typing = { country: 'metric', decimal: 'ask' };

const refused = (message: string): Extract<Parsed, { ok: false }> => ({ ok: false, message });
const quantity = (dimension: Quantity['dimension'], value: number): Parsed => ({
  ok: true,
  quantity: { dimension, value },
});

/**
 * Reads what people type: "1 1/2 cups", "2 lb 3 oz", "350F", "gas 4", "fan 160", "1h30", "20 cm", "10 %", "12".
 * A compound adds up; its parts must measure the same. A number alone is a count. Errors are said in words; what could be read in two ways
 * is asked about.
 */
export function parseQuantity(text: string, typing: Typing = TYPING): Parsed {
  const plain = tidy(text);
  if (plain === '') return refused(say`Nothing was typed.`);
  const heat = parseTemperature(plain, typing);
  if (heat) return heat;
  const clock = /^(\d+)\s*h\s*(\d{1,2})$/i.exec(plain);
  if (clock) return quantity('time', Number(clock[1]) * 60 + Number(clock[2]));

  const pattern = new RegExp(String.raw`(${NUMBER})\s*(%|[a-z"″'′]+(?:\s(?:oz|ounces?)\b)?\.?)?`, 'giy');
  const joint = /\s*(?:[,+&]|and\b)?\s*/y;
  let total = 0;
  let dimension: Quantity['dimension'] | null = null;
  let joined = '';
  let at = 0;
  while (at < plain.length) {
    pattern.lastIndex = at;
    const match = pattern.exec(plain);
    if (!match) return refused(say`“${plain.slice(at)}” is not a quantity.`);
    const number = typedNumber(match[1]!, typing.decimal);
    if (typeof number !== 'number') return number;
    const measured = unitOf(match[2], typing.country);
    if (!measured) return refused(say`“${match[2]!}” is not a unit that is known here.`);
    if (dimension !== null && dimension !== measured.dimension)
      return refused(say`“${text.trim()}” mixes ${dimension} and ${measured.dimension}.`);
    if (dimension === 'count' && joined === '') return refused(say`“${text.trim()}” is two numbers: one is wanted.`);
    dimension = measured.dimension;
    total += number * measured.factor;
    at = pattern.lastIndex;
    joint.lastIndex = at;
    const [between] = joint.exec(plain)!;
    joined = between.trim();
    if (joined !== '' && at + between.length === plain.length)
      return refused(say`“${text.trim()}” ends with “${joined}”: something is missing.`);
    at += between.length;
  }
  return quantity(dimension ?? 'count', total);
}

/** A number as it was typed, or what is wrong with it. */
function typedNumber(text: string, decimal: Decimal): number | Extract<Parsed, { ok: false }> {
  const read = readNumber(text, decimal);
  if (read.is === 'number') return read.value;
  if (read.is === 'none') return refused(say`“${text}” is not a number.`);
  const [thousands, small] = read.values;
  const message = say`“${text}” may be ${thousands} or ${small}: write ${thousands} or ${plainly(small)}.`;
  return { ok: false, message, asks: true };
}

/** A decimal in a way that is no thousand: three digits get a nought behind them. */
function plainly(value: number): string {
  const text = `${value}`;
  return /\.\d{3}$/.test(text) ? `${text}0` : text;
}

function unitOf(
  written: string | undefined,
  country: Country,
): { dimension: Quantity['dimension']; factor: number } | null {
  if (written === undefined) return { dimension: 'count', factor: 1 };
  if (written === '%') return { dimension: 'share', factor: 0.01 };
  return unitNamed(written, country);
}

const DEGREES = /^(fan\s*)?(-?\d+(?:[.,]\d+)?)\s*(°|º|deg(?:rees)?)?\s*(celsius|fahrenheit|c|f)?\s*(fan)?$/i;

function parseTemperature(plain: string, { decimal, fanOffset = FAN_OFFSET }: Typing): Parsed | null {
  const gas = new RegExp(String.raw`^gas(?:\s*mark)?\s*(${NUMBER})$`, 'i').exec(plain);
  if (gas) {
    const mark = typedNumber(gas[1]!, decimal);
    const celsius = typeof mark === 'number' ? fromGasMark(mark) : null;
    return celsius === null
      ? refused(say`There is no gas mark ${gas[1]!}: they go from 1/4 to 9.`)
      : quantity('temperature', celsius);
  }
  const degrees = DEGREES.exec(plain);
  if (!degrees) return null;
  const [, fanBefore, digits, sign, scale, fanAfter] = degrees;
  const fan = fanBefore ?? fanAfter;
  if (!(sign || scale || fan)) return null;
  const number = Number(digits!.replace(',', '.'));
  const celsius = scale?.toLowerCase().startsWith('f') ? fromFahrenheit(number) : number;
  return quantity('temperature', fan ? fromFan(celsius, fanOffset) : celsius);
}
