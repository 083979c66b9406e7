import { say, term } from '../words/say';
import { durationText } from '../time/duration-text';
import type { Formula, FormulaStep, FormulaWait, InStore } from './formula';

/** Something that two versions of a formula say differently; '' where one says nothing of it. */
export interface FormulaDifference {
  what: string;
  was: string;
  is: string;
}

/**
 * What two versions of a formula say differently, in the order in which a formula is read: itself, what goes in, steps, waits, keeping.
 *
 * @param nameOf an ingredient’s or a formula’s name by its id
 */
export function compareFormulas(was: Formula, is: Formula, nameOf: (id: string) => string): FormulaDifference[] {
  return [
    ...pairs(headOf(was), headOf(is)),
    ...pairs(linesOf(was, nameOf), linesOf(is, nameOf)),
    ...pairs(stepsOf(was), stepsOf(is)),
    ...pairs(waitsOf(was), waitsOf(is)),
  ];
}

type Told = readonly (readonly [what: string, said: string])[];

/** Both beside each other, as far as they differ. */
function pairs(was: Told, is: Told): FormulaDifference[] {
  const [before, after] = [new Map(was), new Map(is)];
  return [...new Set([...before.keys(), ...after.keys()])]
    .map((what) => ({ what, was: before.get(what) ?? '', is: after.get(what) ?? '' }))
    .filter((d) => d.was !== d.is);
}

const percent = (share: number) => `${Number((share * 100).toFixed(2))} %`;
const span = (min: number, max: number | null) =>
  max === null ? durationText(min) : say`${durationText(min)} to ${durationText(max)}`;

function headOf(f: Formula): Told {
  const { keeping, batch } = f;
  return [
    [say`Name`, f.name],
    [say`Family`, f.family],
    [say`In a sentence`, f.story],
    [say`For`, term(f.purpose)],
    [say`Batter`, f.batter === undefined ? '' : term(f.batter)],
    [say`Loss`, percent(f.loss)],
    [say`Finished`, say`${f.density} g/ml`],
    [say`Mix stands`, f.stands === undefined ? '' : durationText(f.stands)],
    [say`Batch`, batch ? say`${batch.least ?? 0} g to ${batch.most ?? '∞'} g` : ''],
    [say`Keeps`, `${span(keeping.min, keeping.max)}, ${term(keeping.place ?? 'bench')}`],
    [say`Better after`, keeping.betterAfter === undefined ? '' : durationText(keeping.betterAfter)],
    [say`In store`, f.inStore ? storeText(f.inStore) : ''],
    [
      say`If it goes wrong`,
      [f.rescue ?? '', ...(f.rescues ?? []).map((r) => `${r.failure}: ${r.help}`)].filter(Boolean).join('; '),
    ],
  ];
}

function storeText({ place, keeps, by, thaw, level, makes }: InStore): string {
  const unit = by === 'piece' ? say`pieces` : say`g`;
  return [
    `${term(place)}, ${durationText(keeps)}`,
    ...(thaw ? [say`thaws ${span(thaw.min, thaw.max)}, ${term(thaw.place ?? 'bench')}`] : []),
    ...(level === undefined ? [] : [say`made again below ${level} ${unit}`]),
    ...(makes === undefined ? [] : [say`${makes} ${unit} at a time`]),
  ].join('; ');
}

function linesOf({ lines, parts = [] }: Formula, nameOf: (id: string) => string): Told {
  const seen = new Map<string, number>();
  return [
    ...lines.map((l) => ({ ...l, id: l.ingredient })),
    ...parts.map((p) => ({ ...p, id: p.formula, range: undefined, keeps: undefined })),
  ].map(({ id, grams, note, range, keeps }): readonly [string, string] => {
    // The same thing may go in twice.
    const n = (seen.get(id) ?? 0) + 1;
    seen.set(id, n);
    const said = [
      `${Number(grams.toFixed(2))} g`,
      ...(range ? [say`${range.low} to ${range.high} g, until ${range.sign}`] : []),
      ...(keeps === undefined ? [] : [say`${percent(keeps)} of what is bought`]),
      ...(note ? [note] : []),
    ];
    return [n === 1 ? nameOf(id) : `${nameOf(id)} (${n})`, said.join(', ')];
  });
}

/** Everything of a step that stands beside its name, in words. */
function stepsOf({ steps }: Formula): Told {
  return steps.flatMap((s): Told => {
    const at = s.when ? `${s.name} (${s.when.choice})` : s.name;
    const { low, likely, high, perKilo, perPiece, perTin } = s.minutes;
    const grows = [
      ...(perKilo === undefined ? [] : [say`+ ${perKilo} a kg`]),
      ...(perPiece === undefined ? [] : [say`+ ${perPiece} a piece`]),
      ...(perTin === undefined ? [] : [say`+ ${perTin} a tin`]),
    ];
    return [
      [at, [say`${likely} min (${low}–${high})`, ...grows, ...withOf(s)].join(', ')],
      [say`${at}: how`, s.how],
      [say`${at}: until`, s.sign ?? ''],
      [
        say`${at}: check`,
        s.check ? `${s.check.text} ${s.check.limit ?? ''} ${s.check.otherwise} ${s.check.beyond ?? ''}` : '',
      ],
      [say`${at}: caution`, s.caution ?? ''],
      [
        say`${at}: said`,
        (s.reminders ?? []).map((r) => `${r.text} (${r.share === undefined ? r.after : percent(r.share)})`).join('; '),
      ],
    ];
  });
}

const withOf = ({ skill, uses = [], oven }: FormulaStep): string[] => [
  ...(skill ? [skill] : []),
  ...uses.map((u) => (u.units > 1 ? `${u.units} × ${term(u.kind)}` : term(u.kind))),
  ...(oven ? [`${oven.celsius} °C`] : []),
];

function waitsOf({ steps, waits }: Formula): Told {
  const name = (key: string) => steps.find((s) => s.key === key)?.name ?? key;
  const said = (w: FormulaWait) =>
    [
      span(w.min, w.max),
      w.ovenOff ? say`in the oven that is off` : term(w.place ?? 'bench'),
      ...(w.attended ? [say`somebody is in`] : []),
      ...(w.why ? [w.why] : []),
    ].join(', ');
  return waits.map((w) => [say`${name(w.from)} → ${name(w.to)}`, said(w)]);
}
