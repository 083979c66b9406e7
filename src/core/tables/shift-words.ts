import { say } from '../words/say';
import type { Shift } from '../time/working-hours';

/** A day's shifts in words: "06:00-14:00 (10:00-10:30); 15:00-18:00". */
export const shiftsCell = (shifts: readonly Shift[]): string =>
  shifts
    .map(({ start, end, breaks }) => {
      const rests = breaks.map((b) => `${b.start}-${b.end}`).join(', ');
      return rests === '' ? `${start}-${end}` : `${start}-${end} (${rests})`;
    })
    .join('; ');

type ReadShifts = { ok: true; value: Shift[] } | { ok: false; message: string };

const TIME = String.raw`(\d{1,2})(?:[:.h](\d{2}))?`;
const SPAN = String.raw`${TIME}\s*(?:-|–|—|to|until)\s*${TIME}`;

/** A day's shifts as they are typed: "6-14", "6:30 to 14.30 (10-10:30); 15-18". Nothing, or a dash, is a day off. */
export function readShifts(text: string): ReadShifts {
  const plain = text.trim().toLowerCase();
  if (plain === '' || /^(?:-|–|—|off|free)$/.test(plain)) return { ok: true, value: [] };
  const shift = new RegExp(String.raw`^\s*${SPAN}\s*(?:\(([^)]*)\))?\s*$`);
  const value: Shift[] = [];
  // Semicolons between shifts; a comma outside brackets does as well.
  for (const part of plain.split(/[;,](?![^(]*\))/)) {
    if (part.trim() === '') continue;
    const found = shift.exec(part);
    const span = found && spanOf(found.slice(1, 5));
    if (!found || !span) return refused(part);
    const breaks = [];
    for (const rest of (found[5] ?? '').split(/[;,]/)) {
      if (rest.trim() === '') continue;
      const lunch = new RegExp(String.raw`^\s*${SPAN}\s*$`).exec(rest);
      const read = lunch && spanOf(lunch.slice(1, 5));
      if (!read) return refused(rest);
      breaks.push(read);
    }
    value.push({ ...span, breaks });
  }
  return { ok: true, value };
}

function spanOf([h1, m1, h2, m2]: (string | undefined)[]): { start: string; end: string } | null {
  const start = wall(h1!, m1);
  const end = wall(h2!, m2);
  return start && end ? { start, end } : null;
}

/** "6" and "30" as "06:30"; 24:00 is midnight. Null where no clock shows it. */
function wall(hours: string, minutes = '00'): string | null {
  if (Number(minutes) > 59 || Number(hours) > 24 || (hours === '24' && minutes !== '00')) return null;
  return `${(hours === '24' ? '0' : hours).padStart(2, '0')}:${minutes}`;
}

const refused = (text: string): ReadShifts => ({
  ok: false,
  message: say`“${text.trim()}” cannot be read: write it as “6:00-14:00 (10:00-10:30)”.`,
});
