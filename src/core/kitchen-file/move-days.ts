import { DateTime } from 'luxon';
import type { Stored } from '../stored/codec';
import type { Item } from '../kitchen/item';
import type { Opening } from '../kitchen/opening';
import type { Person } from '../kitchen/person';
import type { StandingWork } from '../kitchen/standing-work';
import type { Supplier } from '../kitchen/supplier';
import { itemCodec, openingCodec, personCodec, standingWorkCodec, supplierCodec } from '../stored/registers';
import type { Codec } from '../stored/codec';
import type { KitchenFile } from './shape';

/**
 * A file with an anchor, as it comes in at another day: everything that names a day or a weekday moves as far as the anchor does, so that the
 * Saturday of a demo is the busy day in whatever week, with the same people in. The file must have been read. Times that are relative already
 * need not move.
 */
export function movedTo(file: KitchenFile, date: string): KitchenFile {
  if (file.anchor === null || file.anchor === date) return file;
  const days = Math.round(DateTime.fromISO(date, UTC).diff(DateTime.fromISO(file.anchor, UTC), 'days').days);
  const day = (iso: string) => DateTime.fromISO(iso, UTC).plus({ days }).toISODate()!;
  const wall = (iso: string) => DateTime.fromISO(iso, UTC).plus({ days }).toFormat("yyyy-MM-dd'T'HH:mm");
  const weekday = (n: number) => ((((n - 1 + days) % 7) + 7) % 7) + 1;
  const onWeekday = <T extends { weekday: number }>(x: T): T => ({ ...x, weekday: weekday(x.weekday) });
  const person = (p: Person): Person => ({
    ...p,
    weekly: p.weekly.map(onWeekday),
    days: Object.fromEntries(Object.entries(p.days).map(([d, own]) => [day(d), own])),
    away: p.away.map((a) => ({ ...a, from: day(a.from), until: day(a.until) })),
    left: p.left === null ? null : day(p.left),
  });
  const item = (i: Item): Item => ({
    ...i,
    closed: i.closed.map((c) => ({ ...c, from: wall(c.from), until: wall(c.until) })),
  });
  const supplier = (s: Supplier): Supplier => ({ ...s, deliveries: s.deliveries.map(onWeekday) });
  const work = (w: StandingWork): StandingWork => ({
    ...w,
    weekdays: w.weekdays.map(weekday).sort(),
    except: w.except.map(day),
  });
  const opening = (o: Opening): Opening => ({
    hours: o.hours.map(onWeekday),
    closed: o.closed.map((c) => ({ ...c, date: day(c.date) })),
  });
  const entries = <T, E extends { body: Stored }>(list: E[] | undefined, codec: Codec<T>, move: (value: T) => T) =>
    list?.map((e) => ({ ...e, body: rewritten(codec, e.body, move) }));
  const moved: KitchenFile = { ...file, anchor: date };
  if (file.kitchen) {
    const own = file.kitchen.opening;
    moved.kitchen = { ...file.kitchen, opening: own && rewritten(openingCodec, own, opening) };
  }
  const lists = {
    people: entries(file.people, personCodec, person),
    items: entries(file.items, itemCodec, item),
    suppliers: entries(file.suppliers, supplierCodec, supplier),
    standingWork: entries(file.standingWork, standingWorkCodec, work),
  };
  for (const [section, list] of Object.entries(lists)) if (list) Object.assign(moved, { [section]: list });
  return moved;
}

const UTC = { zone: 'UTC' };

function rewritten<T>(codec: Codec<T>, stored: Stored, move: (value: T) => T): Stored {
  const read = codec.read(stored);
  return read.ok ? codec.write(move(read.value)) : stored;
}
