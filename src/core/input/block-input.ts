import { array, boolean, number, object, string, type InferType } from 'yup';
import type { Block, BlockStage, BlockWait, KeptBlock } from '../design/block';
import { say } from '../words/say';
import {
  benchFields,
  checkForm,
  checkFormOf,
  minuteFields,
  minutes,
  NO_CHECK,
  reminderFormsOf,
  remindersForm,
  usesForm,
} from './formula-step-input';
import { optionalNumber } from './optional-number';
import { present } from './present';
import { checkOf, newKey, remindersOf } from './steps-in-form';
import { trimmed } from './trimmed';

const more = (what: string) =>
  optionalNumber(say`${what}: minutes, a number.`)
    .min(0, say`${what}: not below 0.`)
    .max(600, say`${what}: at most 600.`);

/** How a cake stands before, between or after work; nothing where `stands` is off. */
const standForm = object({
  stands: boolean().default(false),
  /** The way of the block's route that it belongs to; empty is always. */
  choice: string().max(60).default(''),
  min: minutes(say`Stands, at least`),
  max: optionalNumber(say`Stands, at most: minutes, or nothing.`).test(
    'after-min',
    say`At most is not less than at least.`,
    function (value) {
      return value === null || value === undefined || value >= (this.parent as { min: number }).min;
    },
  ),
  place: trimmed()
    .max(60, say`At most 60 letters.`)
    .default(''),
  why: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
});
type StandForm = InferType<typeof standForm>;

const stageForm = object({
  /** Empty of a stage that is new. */
  key: string().max(60).default(''),
  name: trimmed()
    .required(say`What is this work called?`)
    .max(40, say`At most 40 letters: it stands on a rung.`),
  ...minuteFields,
  perTier: more(say`For each further tier`),
  perPortion: more(say`For each portion`),
  perPiece: more(say`For each piece that is placed`),
  perArea: more(say`For each 100 cm²`),
  skill: string()
    .max(60, say`At most 60 letters.`)
    .default(''),
  people: number()
    .typeError(say`How many hands? A number.`)
    .required(say`How many hands?`)
    .integer(say`Whole ones.`)
    .min(1, say`At least one.`)
    .max(6, say`At most six.`)
    .default(1),
  uses: usesForm,
  ...benchFields,
  check: checkForm.required(),
  reminders: remindersForm,
  /** How it stands after the stage before this one, on each way. */
  waits: array().of(standForm).max(4).default([]),
});
export type StageForm = InferType<typeof stageForm>;

/** One of several ways to do the work. */
const wayForm = object({
  key: string().max(60).required(),
  name: trimmed()
    .required(say`What is this way called?`)
    .max(60, say`At most 60 letters.`),
});

const thawForm = object({
  thaws: boolean().default(false),
  min: minutes(say`Thaws, at least`),
  why: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
  /** On this way only; empty is on each. */
  way: string().max(60).default(''),
});

/** A kind of work on a cake, as a kitchen has it. */
export const blockForm = object({
  /** The block that it is made after: itself, or the one that a new one is like. */
  like: string().max(120).required(),
  name: trimmed()
    .required(say`What is it called?`)
    .max(60, say`At most 60 letters.`),
  story: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
  stages: array()
    .of(stageForm)
    .max(8, say`At most eight.`)
    .default([]),
  /** Ways of doing it, of which the plan or the order takes one; none where there is only one. */
  ways: array()
    .of(wayForm)
    .max(4, say`At most four ways.`)
    .test('two', say`One way alone is none: two or more.`, (ways) => ways?.length !== 1)
    .default([]),
  before: standForm.required(),
  after: standForm.required(),
  thaw: thawForm.required(),
  /** Minutes that the cake may stand dry each time, where it bears no cold from here on. */
  dry: optionalNumber(say`Minutes, a number, or nothing.`).min(0, say`Not below 0.`),
  /** What it is has to be agreed once it is on a cake. */
  open: boolean().default(false),
});
export type BlockForm = InferType<typeof blockForm>;

const NO_STAND: StandForm = { stands: false, choice: '', min: 0, max: null, place: '', why: '' };

export const EMPTY_STAGE: StageForm = {
  ...{ key: '', name: '', low: 8, likely: 10, high: 14, perTier: null, perPortion: null, perPiece: null },
  ...{ perArea: null, skill: '', people: 1, uses: [], how: '', sign: '', caution: '', check: NO_CHECK },
  ...{ reminders: [], waits: [] },
};

/** The ways that something stands between the stages of a block, each once; empty is always. */
const waysOf = ({ between = [] }: Pick<Block, 'between'>): string[] => {
  const ways = [...new Set(between.map((b) => b.choice ?? ''))];
  return ways.length > 0 ? ways : [''];
};

/** Of a stage more than there was: how it stands before it, on each way. */
export const standsBetween = (ways: readonly { key: string }[]): StandForm[] =>
  (ways.length > 0 ? ways.map((w) => w.key) : ['']).map((choice) => ({ ...NO_STAND, choice, stands: true }));

/** How it stands before a stage, where the ways are these now: what was said of a way stays, a new one begins as the first is. */
export function standsOn(ways: readonly { key: string }[], waits: readonly StandForm[]): StandForm[] {
  const [first = { ...NO_STAND, stands: true }] = waits;
  const keys = ways.length > 0 ? ways.map((w) => w.key) : [''];
  return keys.map((choice) => waits.find((w) => w.choice === choice) ?? { ...first, choice });
}

const standOf = (wait: BlockWait | undefined, choice = ''): StandForm =>
  wait
    ? { stands: true, choice, min: wait.min, max: wait.max, place: wait.place ?? '', why: wait.why }
    : { ...NO_STAND, choice };

/** A block laid out for its form. */
export function blockFormOf(block: Block): BlockForm {
  const ways = waysOf(block);
  const onWay = (choice: string) => (block.between ?? []).filter((b) => (b.choice ?? '') === choice);
  return {
    ...{ like: block.id, name: block.name, story: block.story },
    stages: block.stages.map((s, i) => ({
      ...{ key: s.key, name: s.name, low: s.minutes.low, likely: s.minutes.likely, high: s.minutes.high },
      ...{ perTier: s.minutes.perTier ?? null, perPortion: s.minutes.perPortion ?? null },
      ...{ perPiece: s.minutes.perPiece ?? null, perArea: s.minutes.perArea ?? null },
      ...{ skill: s.skill ?? '', people: s.people ?? 1, how: s.how, sign: s.sign ?? '', caution: s.caution ?? '' },
      uses: (s.uses ?? []).map(({ kind, units }) => ({ kind, units })),
      check: checkFormOf(s.check),
      reminders: reminderFormsOf(s.reminders),
      waits: i === 0 ? [] : ways.map((choice) => standOf(onWay(choice)[i - 1], choice)),
    })),
    ...{ before: standOf(block.before), after: standOf(block.after), dry: block.dry ?? null },
    open: block.open ?? false,
    ways: (block.route?.choices ?? []).map(({ key, name }) => ({ key, name })),
    thaw: {
      thaws: block.thaw !== undefined,
      ...{ min: block.thaw?.min ?? 0, why: block.thaw?.why ?? '', way: block.thaw?.choice ?? '' },
    },
  };
}

/** The block that a form describes. What the form does not show is as it was: its kind, what it is held in. */
export function blockOf(form: BlockForm, like: KeptBlock): KeptBlock {
  const taken = new Set(form.stages.map((s) => s.key).filter((k) => k !== ''));
  const stages = form.stages.map((s): BlockStage => {
    const was = like.stages.find((x) => x.key === s.key);
    const key = s.key !== '' ? s.key : newKey(s.name, taken);
    return stageOf(s, key, was);
  });
  const between = form.stages.slice(1).flatMap((s, i) =>
    s.waits.flatMap((w) => {
      const was = like.between?.filter((b) => (b.choice ?? '') === w.choice)[i];
      const { choice } = w;
      return { ...waitOf({ ...w, stands: true }, was), ...(choice !== '' && { choice }) };
    }),
  );
  const { kind, holds } = like;
  const { ways, thaw } = form;
  const route =
    ways.length > 0
      ? {
          key: like.route?.key ?? newKey(form.name, new Set()),
          name: like.route?.name ?? form.name,
          choices: ways.map(({ key, name }) => ({ key, name })),
        }
      : undefined;
  return present<KeptBlock>({
    ...{ name: form.name, story: form.story, kind, stages },
    between: between.length > 0 ? between : undefined,
    ...{ route, holds },
    thaw: thaw.thaws ? present({ min: thaw.min, why: thaw.why, choice: thaw.way || undefined }) : undefined,
    before: form.before.stands ? waitOf(form.before, like.before) : undefined,
    after: form.after.stands ? waitOf(form.after, like.after) : undefined,
    dry: form.dry ?? undefined,
    open: form.open ? true : undefined,
  });
}

function stageOf(s: StageForm, key: string, was: BlockStage | undefined): BlockStage {
  const { low, likely, high } = s;
  return present<BlockStage>({
    ...{ key, name: s.name, oneTier: was?.name === s.name ? was.oneTier : undefined },
    minutes: present<BlockStage['minutes']>({
      ...{ low, likely, high, perTier: s.perTier ?? undefined, perPortion: s.perPortion ?? undefined },
      ...{ perPiece: s.perPiece ?? undefined, perArea: s.perArea ?? undefined },
    }),
    skill: s.skill || null,
    people: s.people > 1 ? s.people : undefined,
    uses: s.uses.length > 0 ? s.uses.map(({ kind, units }) => ({ kind, units })) : undefined,
    how: s.how,
    inscribes: was?.inscribes,
    ...{ sign: s.sign || undefined, caution: s.caution || undefined },
    check: checkOf(s.check),
    reminders: remindersOf(s.reminders),
  });
}

const waitOf = ({ min, max, place, why }: StandForm, was: BlockWait | undefined): BlockWait =>
  present<BlockWait>({
    ...{ min, max, place: place === '' ? null : place, why },
    ...{ ageing: was?.ageing, units: was?.units },
  });
