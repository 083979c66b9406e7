import type { Complaint } from './complaint';

/** After this many complaints a file is not worth reading on. */
const MOST = 200;

type Fields = Record<string, unknown>;

/**
 * Reads untyped JSON and collects what is wrong with it, in words. Each reader returns a value that is safe to go on
 * with, so that one fault does not hide the next.
 */
export class Complaints {
  readonly list: Complaint[] = [];

  say(path: string, message: string): void {
    if (this.list.length < MOST) this.list.push({ path, message });
  }

  record(value: unknown, path: string): Fields | null {
    if (typeof value === 'object' && value !== null && !Array.isArray(value)) return value as Fields;
    this.say(path, `This must be an object with named fields, not ${describe(value)}.`);
    return null;
  }

  array(value: unknown, path: string): unknown[] {
    if (Array.isArray(value)) return value;
    this.say(path, `This must be a list, not ${describe(value)}.`);
    return [];
  }

  text(value: unknown, path: string, what: string): string {
    if (typeof value === 'string' && value !== '') return value;
    this.say(path, `${what} must be a text, not ${describe(value)}.`);
    return '';
  }

  whole(value: unknown, path: string, what: string, least = -Infinity): number {
    if (Number.isSafeInteger(value) && Math.abs(value as number) <= MOST_MINUTES) {
      if ((value as number) >= least) return value as number;
      this.say(path, `${what} must be at least ${least}, and is ${String(value)}.`);
    } else this.say(path, `${what} must be a whole number, not ${describe(value)}.`);
    return Math.max(0, least === -Infinity ? 0 : least);
  }

  amount(value: unknown, path: string, what: string, above = false): number {
    if (typeof value === 'number' && Number.isFinite(value) && (above ? value > 0 : value >= 0)) return value;
    this.say(path, `${what} must be a number ${above ? 'above 0' : 'of 0 or more'}, not ${describe(value)}.`);
    return 1;
  }

  /** Sorted, disjoint spans `[start, end)`. */
  spans(value: unknown, path: string, what: string): void {
    let last = -Infinity;
    this.array(value, path).forEach((span, i) => {
      const at = `${path}[${i}]`;
      if (!Array.isArray(span) || span.length !== 2) {
        this.say(at, `${what} is a pair of a start and an end.`);
        return;
      }
      const before = this.list.length;
      const start = this.whole(span[0], `${at}[0]`, 'The start');
      const end = this.whole(span[1], `${at}[1]`, 'The end');
      if (this.list.length > before) return;
      if (end <= start) this.say(at, `${what} ends (${end}) before it starts (${start}).`);
      else if (start < last) this.say(at, `${what} starts (${start}) before the one in front of it ends (${last}).`);
      last = Math.max(last, end);
    });
  }
}

/** Minutes beyond this (about 950 years) are a slip of the pen. */
const MOST_MINUTES = 500_000_000;

function describe(value: unknown): string {
  if (value === undefined) return 'left out';
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object') return 'an object';
  const text = String(value);
  return typeof value === 'string' ? `“${text.slice(0, 40)}”` : text.slice(0, 40);
}
