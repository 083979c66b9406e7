import type { Check, Formula, FormulaStep, FormulaWait, OwnPreparation, Reminder } from '../formula/formula';
import type { CheckName } from '../kinds/checks';
import { slug } from '../exchange/slug';
import { isDraft, shareOf, type StepForm, type WaitForm } from './formula-step-input';
import { present } from './present';

/** Steps and waits that a form describes, and the key of each step by what the form calls it. */
export function stepsIn(
  forms: readonly StepForm[],
  before: Formula | null,
): { steps: FormulaStep[]; waits: FormulaWait[]; keyOf: ReadonlyMap<string, string> } {
  const taken = new Set(forms.map((s) => s.key).filter((key) => !isDraft(key)));
  const keyOf = new Map<string, string>();
  const keys = forms.map((s) => {
    const known = s.key === '' ? undefined : keyOf.get(s.key);
    const key = known ?? (isDraft(s.key) ? newKey(s.name, taken) : s.key);
    if (s.key !== '') keyOf.set(s.key, key);
    return key;
  });
  const lasting = new Set(keys);
  const steps = forms.map((s, i) =>
    stepOf(s, keys[i]!, (key) => tinsFree(keyOf.get(key) ?? key, lasting, keys.at(-1)!)),
  );
  const distinct = [...lasting];
  const found = forms.flatMap((s, i): FormulaWait[] => {
    const to = keys[i]!;
    if (keys.indexOf(to) !== i) return [];
    const above = distinct[distinct.indexOf(to) - 1];
    return s.waits.flatMap((w) => {
      const from = w.from === '' ? above : (keyOf.get(w.from) ?? w.from);
      return from === undefined || from === to || !lasting.has(from) ? [] : [waitOf(w, from, to)];
    });
  });
  // What was there keeps its place, so that a formula that is not changed stays the same.
  const place = (w: FormulaWait) => {
    const at = before?.waits.findIndex((x) => x.from === w.from && x.to === w.to) ?? -1;
    return at < 0 ? Infinity : at;
  };
  const waits = found
    .map((wait, i) => ({ wait, i, at: place(wait) }))
    .sort((a, b) => (a.at === b.at ? a.i - b.i : a.at - b.at))
    .map(({ wait }) => wait);
  return { steps, waits, keyOf };
}

const tinsFree = (key: string, lasting: ReadonlySet<string>, last: string) => (lasting.has(key) ? key : last);

function waitOf(w: WaitForm, from: string, to: string): FormulaWait {
  return present<FormulaWait>({
    ...{ from, to, min: w.min, max: w.max, place: w.place === '' ? null : w.place, why: w.why },
    ageing: w.ageing ?? undefined,
    attended: w.attended || undefined,
    ovenOff: w.ovenOff || undefined,
  });
}

function stepOf(s: StepForm, key: string, tinsUntil: (key: string) => string): FormulaStep {
  const { low, likely, high } = s;
  const [school, choice] = s.when.split('=');
  return present<FormulaStep>({
    ...{ key, name: s.name, work: s.work as FormulaStep['work'], how: s.how },
    minutes: present<FormulaStep['minutes']>({
      ...{ low, likely, high },
      perKilo: s.perKilo ?? undefined,
      perPiece: s.perPiece ?? undefined,
      perTin: s.perTin ?? undefined,
    }),
    skill: s.work === 'hands' ? s.skill || null : undefined,
    uses: s.uses.length > 0 ? s.uses.map(({ kind, units }) => ({ kind, units })) : undefined,
    oven:
      s.work === 'oven'
        ? present<NonNullable<FormulaStep['oven']>>({
            ...{ celsius: s.celsius ?? 170, slots: s.slots ?? 1 },
            bySize: s.bySize || undefined,
          })
        : undefined,
    each: (s.each || undefined) as FormulaStep['each'],
    tinsUntil: s.tinsUntil === '' ? undefined : tinsUntil(s.tinsUntil),
    sign: s.sign || undefined,
    check: checkOf(s.check),
    reminders: remindersOf(s.reminders),
    caution: s.caution || undefined,
    chill: s.chill || undefined,
    prepare: s.prepare.length > 0 ? s.prepare.map(({ text, before }): OwnPreparation => ({ text, before })) : undefined,
    when: s.when === '' ? undefined : { school: school!, choice: choice! },
  });
}

/** The check that a form describes; undefined where it describes none. */
export function checkOf({ kind, text, limit, tooFar, otherwise, beyond }: StepForm['check']): Check | undefined {
  if (kind === '') return undefined;
  return present<Check>({
    ...{ kind: kind as CheckName, text, otherwise },
    limit: limit ?? undefined,
    tooFar: tooFar ?? undefined,
    beyond: beyond || undefined,
  });
}

/** Reminders that a form describes; undefined where there are none. */
export const remindersOf = (forms: StepForm['reminders']): Reminder[] | undefined =>
  forms.length > 0 ? forms.map(reminderOf) : undefined;

function reminderOf({ after, share, every, text }: StepForm['reminders'][number]): Reminder {
  return present<Reminder>({
    after: after ?? 0,
    share: after === null && share !== null ? shareOf(share) : undefined,
    every: every ?? undefined,
    text,
  });
}

/** A key from a name that is not taken yet; it is from then on. */
export function newKey(name: string, taken: Set<string>): string {
  const stem = slug(name).slice(0, 24) || 'step';
  let key = stem;
  for (let n = 2; taken.has(key); n++) key = `${stem}-${n}`;
  taken.add(key);
  return key;
}
