import { string } from 'yup';
import type { Formula, InStore } from '../formula/formula';
import { say } from '../words/say';
import { optionalNumber } from './optional-number';
import { present } from './present';
import { trimmed } from './trimmed';

/** Is a part kept in the store of own parts, and is it counted there or weighed? */
const KEPT = ['no', 'piece', 'weight'] as const;

interface InStoreForm {
  storeBy?: string | undefined;
  storePlace?: string | undefined;
  storeDays?: number | null | undefined;
  thawLeast?: number | null | undefined;
  thawMost?: number | null | undefined;
  thawPlace?: string | undefined;
  storeLevel?: number | null | undefined;
  storeMakes?: number | null | undefined;
}

const isKept = (by: unknown) => by === 'piece' || by === 'weight';
const hours = (what: string) =>
  optionalNumber(what)
    .min(0, say`Not below 0.`)
    .max(240, say`At most 240 h.`);

/** The fields of a formula's form that say how it is kept in store. */
export const inStoreFields = {
  /** A form that says nothing, as one from a page that was open before it could be said, leaves it as it was. */
  storeBy: string().oneOf([...KEPT, '']),
  storePlace: trimmed()
    .max(60, say`At most 60 letters.`)
    .when('storeBy', { is: isKept, then: (s) => s.required(say`Where is it kept?`) }),
  storeDays: optionalNumber(say`Days, a number.`)
    .max(400, say`At most 400 days.`)
    .when('storeBy', { is: isKept, then: (n) => n.required(say`For how many days?`).moreThan(0, say`Above 0.`) }),
  /** Hours until it can be worked, and within which it is; both or neither. */
  thawLeast: hours(say`Hours, a number.`),
  thawMost: hours(say`Hours, a number.`).test(
    'both',
    say`Both, the second not below the first; or neither.`,
    function (most) {
      const { thawLeast } = this.parent as InStoreForm;
      const [least, last] = [thawLeast ?? null, most ?? null];
      return least === null ? last === null : last !== null && last >= least;
    },
  ),
  thawPlace: trimmed().max(60, say`At most 60 letters.`),
  storeLevel: optionalNumber(say`A number.`)
    .min(0, say`Not below 0.`)
    .max(1_000_000, say`At most a tonne.`),
  storeMakes: optionalNumber(say`A number.`)
    .moreThan(0, say`Above 0.`)
    .max(1_000_000, say`At most a tonne.`),
};

/** How it is kept in store, as its form says it. */
export const inStoreFormOf = ({ inStore }: Formula) => ({
  storeBy: (inStore?.by ?? 'no') as (typeof KEPT)[number],
  storePlace: inStore?.place ?? 'freezer',
  storeDays: inStore ? inStore.keeps / 1440 : null,
  thawLeast: inStore?.thaw ? inStore.thaw.min / 60 : null,
  thawMost: inStore?.thaw ? inStore.thaw.max / 60 : null,
  thawPlace: inStore?.thaw?.place ?? '',
  storeLevel: inStore?.level ?? null,
  storeMakes: inStore?.makes ?? null,
});

/** What a form says of it; from the formula before it where it says nothing. */
export function inStoreIn(form: InStoreForm, before: Formula | null): InStore | undefined {
  const { storeBy, storePlace = '', storeDays, thawLeast, thawMost, thawPlace, storeLevel, storeMakes } = form;
  if (!storeBy) return before?.inStore;
  if (storeBy === 'no' || storeDays == null) return undefined;
  return present<InStore>({
    ...{ place: storePlace, keeps: Math.round(storeDays * 1440), by: storeBy as InStore['by'] },
    thaw:
      thawLeast == null || thawMost == null
        ? undefined
        : { min: Math.round(thawLeast * 60), max: Math.round(thawMost * 60), place: thawPlace || null },
    ...{ level: storeLevel ?? undefined, makes: storeMakes ?? undefined },
  });
}
