import { say } from '../words/say';
import { array, boolean, mixed, number, object, string, type InferType } from 'yup';
import { ALLERGENS, BATTERS, type Allergen } from '../formula/formula';
import type { Item, ItemGroup, MouldTraits } from '../kitchen/item';
import { mouldKind, mouldName } from '../kitchen/mould-kind';
import { readMould, type MouldTyping } from '../kitchen/read-mould';
import { STORE_PLACES } from '../kinds/places';
import { OVEN } from '../planning-format/problem';
import { optionalNumber } from './optional-number';
import { trimmed } from './trimmed';
import { wallDateTime } from './wall-time';

const units = (most: number) =>
  number()
    .typeError(say`A number.`)
    .required(say`How many?`)
    .integer(say`Whole ones.`)
    .min(1, say`From 1.`)
    .max(most, say`At most ${most}.`);

const common = {
  name: trimmed()
    .required(say`What is it called here?`)
    .max(60, say`At most 60 letters.`),
  closed: array()
    .of(
      object({
        from: wallDateTime(),
        until: wallDateTime().test('after', say`Not before it begins.`, function (until) {
          return until === undefined || until > (this.parent as { from: string }).from;
        }),
        why: trimmed()
          .max(80, say`At most 80 letters.`)
          .default(''),
      }),
    )
    .max(60, say`At most 60 times.`)
    .default([]),
};

const ovenForm = object({
  ...common,
  units: units(200),
  fan: boolean().default(false),
  celsius: number()
    .typeError(say`°C, a number.`)
    .required(say`°C; 0 for none.`)
    .min(-60, say`Not below −60.`)
    .max(60, say`At most 60.`),
  minutes: number()
    .typeError(say`Minutes, a number.`)
    .required(say`Minutes; 0 for none.`)
    .integer(say`Whole minutes.`)
    .min(-60, say`Not below −60.`)
    .max(120, say`At most 120.`),
  heatRate: optionalNumber(say`°C a minute, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(60, say`At most 60.`),
  coolRate: optionalNumber(say`°C a minute, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(60, say`At most 60.`),
  /** cm. */
  deckLength: optionalNumber(say`cm, a number.`)
    .min(20, say`From 20 cm.`)
    .max(400, say`At most 4 m.`),
  deckWidth: optionalNumber(say`cm, a number.`)
    .min(20, say`From 20 cm.`)
    .max(400, say`At most 4 m.`)
    .test('both', say`Length and width, or neither.`, function (width) {
      return ((this.parent as { deckLength: number | null }).deckLength === null) === (width === null);
    }),
});

/** Kinds of machines that the product knows; a kitchen may have others. */
export const MACHINE_KINDS = [
  'mixer',
  'hob',
  'turntable',
  'microwave',
  'blast chiller',
  'proofer',
  'guitar',
  'mould',
] as const;

const machineForm = object({
  ...common,
  kind: trimmed()
    .required(say`What is it?`)
    .max(40, say`At most 40 letters.`)
    .test('other', say`Ovens, tins and cold places have lists of their own.`, (kind) => {
      return kind === undefined || !([OVEN, ...STORE_PLACES] as string[]).includes(kind.toLowerCase());
    }),
  units: units(200),
  litres: optionalNumber(say`Litres, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(500, say`At most 500.`),
  batches: array()
    .of(
      object({
        batter: string()
          .oneOf([...BATTERS], say`Choose a kind of mix.`)
          .required(say`Choose a kind of mix.`),
        least: number()
          .typeError(say`Grams, a number.`)
          .required(say`Grams; 0 for none.`)
          .min(0, say`Not below 0.`),
        most: number()
          .typeError(say`Grams, a number.`)
          .required(say`Grams.`)
          .max(500_000, say`At most 500 kg.`)
          .test('above', say`Not below the least.`, function (most) {
            return most === undefined || most >= (this.parent as { least: number }).least;
          }),
      }),
    )
    .max(BATTERS.length, say`Each kind of mix once.`)
    .default([]),
});

const tinForm = object({
  ...common,
  name: trimmed()
    .max(60, say`At most 60 letters.`)
    .default(''),
  /** In plain words: “round 24, 7 deep”. */
  words: string()
    .max(120, say`At most 120 letters.`)
    .required(say`Which tin? For example “round 24, 7 deep, 6 of them”.`),
  units: units(500),
});

const placeForm = object({
  ...common,
  kind: mixed<(typeof STORE_PLACES)[number]>()
    .oneOf([...STORE_PLACES], say`Choose what it is.`)
    .required(say`Choose what it is.`),
  units: units(500),
  celsius: optionalNumber(say`°C, a number.`)
    .min(-60, say`Not below −60.`)
    .max(60, say`At most 60.`),
  litres: optionalNumber(say`Litres, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(100_000, say`At most 100 000.`),
  free: array()
    .of(
      string()
        .oneOf<Allergen>([...ALLERGENS], say`This is not on the list.`)
        .required(),
    )
    .max(ALLERGENS.length, say`Each of them once.`)
    .default([]),
});

export const ITEM_FORMS = { ovens: ovenForm, machines: machineForm, tins: tinForm, places: placeForm } as const;

export interface ItemForms {
  ovens: InferType<typeof ovenForm>;
  machines: InferType<typeof machineForm>;
  tins: InferType<typeof tinForm>;
  places: InferType<typeof placeForm>;
}

const closedIn = (form: { closed: Item['closed'] }) =>
  form.closed.map(({ from, until, why }) => ({ from, until, why }));

/** An item laid out for the form of its group. */
export function itemFormOf<G extends ItemGroup>(group: G, item: Item): ItemForms[G] {
  const own = { name: item.name, closed: item.closed, units: item.units };
  const forms: { [K in ItemGroup]: () => ItemForms[K] } = {
    ovens: () => {
      const { fan, celsius, minutes, heatRate, coolRate, deck } = item.oven!;
      const cm = (mm: number | undefined) => (mm === undefined ? null : mm / 10);
      return {
        ...own,
        fan,
        celsius,
        minutes,
        heatRate,
        coolRate,
        deckLength: cm(deck?.length),
        deckWidth: cm(deck?.width),
      };
    },
    machines: () => ({
      ...own,
      kind: item.kind,
      litres: item.mixer?.litres ?? null,
      batches: item.mixer?.batches ?? [],
    }),
    tins: () => ({ ...own, words: mouldWords(item.mould!) }),
    places: () => ({
      ...own,
      kind: item.kind as ItemForms['places']['kind'],
      ...{ celsius: item.store!.celsius, litres: item.store!.litres, free: item.store!.free },
    }),
  };
  return forms[group]() as ItemForms[G];
}

/** A mould as it could have been typed, in centimetres. */
function mouldWords({ use, form, depth }: MouldTraits): string {
  const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;
  const sizes: { [F in MouldTraits['form']['form']]: (f: Extract<MouldTraits['form'], { form: F }>) => string } = {
    round: (f) => `round ${cm(f.diameter)} cm`,
    square: (f) => `square ${cm(f.side)} cm`,
    rectangle: (f) => `rectangle ${cm(f.length)} x ${cm(f.width)} cm`,
    ring: (f) => `ring ${cm(f.outer)} / ${cm(f.inner)} cm`,
    hexagon: (f) => `hexagon ${cm(f.across)} cm`,
    heart: (f) => `heart ${cm(f.side)} cm`,
    petal: (f) => `petal ${cm(f.across)} cm, ${f.petals} petals`,
    'half-sphere': (f) => `half-sphere ${cm(f.diameter)} cm`,
    loaf: (f) => `loaf ${cm(f.topLength)} x ${cm(f.topWidth)} cm`,
    roll: (f) => `roll ${cm(f.length)} cm`,
    house: (f) => `house ${cm(f.length)} x ${cm(f.width)} cm`,
  };
  const size = (sizes[form.form] as (f: MouldTraits['form']) => string)(form);
  const what = use === 'ring' ? 'ring, ' : use === 'sheet' ? 'sheet, ' : '';
  return `${what}${size}${depth === undefined ? '' : `, ${cm(depth)} cm deep`}`;
}

type ReadItem = { ok: true; item: Item } | { ok: false; fields: Record<string, string> };

/** The item that a form describes; what the form does not show stays as it was. */
export function itemOf<G extends ItemGroup>(
  group: G,
  form: ItemForms[G],
  before: Item | null,
  typing: MouldTyping,
): ReadItem {
  const closed = closedIn(form);
  const units = form.units;
  switch (group) {
    case 'ovens': {
      const { name, fan, celsius, minutes, heatRate, coolRate, deckLength, deckWidth } = form as ItemForms['ovens'];
      const deck =
        deckLength !== null && deckWidth !== null ? { length: deckLength * 10, width: deckWidth * 10 } : null;
      return {
        ok: true,
        item: { ...{ name, kind: OVEN, units, closed }, oven: { fan, celsius, minutes, heatRate, coolRate, deck } },
      };
    }
    case 'machines': {
      const { name, kind, litres, batches } = form as ItemForms['machines'];
      const mixer = { litres, batches: batches.map(({ batter, least, most }) => ({ batter, least, most })) };
      return { ok: true, item: { ...{ name, kind, units, closed }, ...(kind === 'mixer' && { mixer }) } };
    }
    case 'tins': {
      const { name, words } = form as ItemForms['tins'];
      // Untouched words keep what was measured to the last digit, and a form that words cannot say.
      const kept = before?.mould && mouldWords(before.mould) === words.trim() ? before.mould : null;
      if (kept)
        return { ok: true, item: { name: name || before!.name, kind: before!.kind, units, closed, mould: kept } };
      const read = readMould(words, typing);
      if (!read.ok) return { ok: false, fields: { words: read.message } };
      const { mould } = read;
      // A name that only says the old size says the new one.
      const usual = before?.mould && name.replace(/ \(\d+\)$/, '') === mouldName(before.mould);
      return {
        ok: true,
        item: { name: usual || !name ? mouldName(mould) : name, kind: mouldKind(mould), units, closed, mould },
      };
    }
    case 'places': {
      const { name, kind, celsius, litres, free } = form as ItemForms['places'];
      return { ok: true, item: { ...{ name, kind, units, closed }, store: { celsius, litres, free: [...free] } } };
    }
  }
  return { ok: false, fields: { name: say`This cannot be read.` } };
}
