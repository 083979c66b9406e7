import { say } from '../words/say';
import { personForm, personFormOf, personOf } from '../input/person-input';
import type { WeeklyShift } from '../time/working-hours';
import { initialsFor, LEARNING, PERSON_COLOURS, type Person } from '../kitchen/person';
import { numberCell, listCell, readList, RowReader, type EntryTable } from './table';
import { readShifts, shiftsCell } from './shift-words';

/** Columns of the week, from Monday. */
const WEEKDAY_COLUMNS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;

type Skill = Person['skills'][number];

/** "decorate (1.6)": a pace of its own in brackets. */
const skillCell = ({ name, pace }: Skill, decimal: 'point' | 'comma' | 'ask') =>
  pace === 1 ? name : `${name} (${numberCell(pace, decimal)})`;

function readSkill(text: string): Skill {
  const found = /^(.*?)\s*\((?:(learning)|(\d+(?:[.,]\d+)?))\)$/i.exec(text);
  if (!found) return { name: text, pace: 1 };
  return { name: found[1]!, pace: found[2] ? LEARNING : Number(found[3]!.replace(',', '.')) };
}

/** A week that says the same as before stays in the order in which it was told. */
const sameDays = (was: WeeklyShift[], is: WeeklyShift[]): WeeklyShift[] => {
  const byDay = [...was].sort((a, b) => a.weekday - b.weekday);
  return JSON.stringify(byDay.map(plainShift)) === JSON.stringify(is.map(plainShift)) ? was : is;
};
const plainShift = ({ weekday, start, end, breaks }: WeeklyShift) => [
  weekday,
  start,
  end,
  breaks.map((b) => [b.start, b.end]),
];

/** The team: who, what they can do, their usual week. Unusual days and absences stay as they are. */
export const peopleTable: EntryTable<Person> = {
  columns: [
    { name: 'name', about: say`What they are called. A line of this name that is here already is changed.` },
    { name: 'initials', about: say`One to three letters; left out, they are made from the name.` },
    {
      name: 'skills',
      about: say`With semicolons between. Whoever learns it: “decorate (learning)”, or so many times as slow: “decorate (1.4)”.`,
    },
    ...WEEKDAY_COLUMNS.map((name) => ({
      name,
      about: say`Shifts of the usual week: “6:00-14:00 (10:00-10:30)”, breaks in brackets.`,
    })),
    { name: 'overtime', about: say`Minutes a day that they may be asked for.` },
    { name: 'left', about: say`The day they left, as 2027-05-22; empty while they are here.` },
  ],
  examples: [
    {
      ...{ name: 'Ottilie Brandt', initials: 'OB', skills: 'mix; bake; decorate (learning)' },
      ...Object.fromEntries(WEEKDAY_COLUMNS.slice(1, 6).map((day) => [day, '06:00-14:00 (10:00-10:30)'])),
      ...{ monday: '', sunday: '', overtime: '60', left: '' },
    },
  ],
  row: (person, { decimal }) => {
    const { name, initials, skills, weekly, overtime, left } = person;
    const day = (n: number) => weekly.filter((s) => s.weekday === n + 1);
    return {
      ...{ name, initials, skills: listCell(skills.map((s) => skillCell(s, decimal))) },
      ...Object.fromEntries(WEEKDAY_COLUMNS.map((column, n) => [column, shiftsCell(day(n))])),
      ...{ overtime: String(overtime), left: left ?? '' },
    };
  },
  read: (row, before, { decimal, initials: taken }) => {
    const reader = new RowReader(row, decimal);
    const was = before ? personFormOf(before) : null;
    const name = reader.text('name', was?.name ?? '');
    const initials = reader.text('initials', was?.initials ?? '');
    const form = {
      ...{ name, initials: initials === '' ? initialsFor(name, taken) : initials },
      colour: was?.colour ?? PERSON_COLOURS[taken.length % PERSON_COLOURS.length],
      skills: reader.told('skills', was?.skills ?? [], (text) => ({ ok: true, value: readList(text).map(readSkill) })),
      weekly: sameDays(
        was?.weekly ?? [],
        WEEKDAY_COLUMNS.flatMap((column, n) => {
          const own = (was?.weekly ?? []).filter((s) => s.weekday === n + 1);
          return reader.told(column, own, (text) => {
            const read = readShifts(text);
            return read.ok ? { ok: true, value: read.value.map((s) => ({ weekday: n + 1, ...s })) } : read;
          });
        }),
      ),
      ...{ days: was?.days ?? [], away: was?.away ?? [] },
      overtime: reader.number('overtime', was?.overtime ?? 0, 0),
      left: reader.text('left', was?.left ?? ''),
    };
    const columnOf = (path: string) => {
      const shift = /^weekly\[(\d+)\]/.exec(path);
      if (shift) return WEEKDAY_COLUMNS[form.weekly[Number(shift[1])]!.weekday - 1]!;
      return path.split(/[.[]/)[0]!;
    };
    const read = reader.form(personForm, form, columnOf);
    return read.ok ? { ok: true, value: personOf(read.value, before) } : read;
  },
};
