import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { namesOf } from '../situation/names';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import type { Form } from '../../core/shape/form';
import type { OrderRow } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { cakeName } from '../../core/breakdown/amounts/cake';
import type { Allergen } from '../../core/formula/formula';
import { readTiers } from '../../core/order/tiers';
import { readPickup } from '../../core/order/pickup';
import { pickupRule } from '../situation/pickup-rule';
import { orderId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { withOrder } from '../../core/situation/break-down-orders';
import { type Situation } from '../situation/situation';
import { askInThread } from '../plan/planner-thread';
import { refuse, type Result } from '../shared/result';
import { loadSituation } from '../situation/load-situation';
import { beginningsFor, type Beginning } from '../builds/beginnings';
import { buildsInUse } from '../builds/in-use';
import { portionsOf, sizesFor, whyNoSize } from '../builds/sizes';
import { earliestPickup, type NamedPickup } from './earliest-pickup';

/** What the counter asks while the customer is on the telephone. */
export interface CapacityQuestion {
  portions: number;
  /** Wall-clock time, "2027-05-22T12:00". */
  pickup: string;
  /** Which cake, where it is known; else what fits `words` best. */
  build?: string | undefined;
  /** JSON of its tiers; the one with the smallest surplus where nothing is said. */
  size?: string | undefined;
  swaps?: Record<string, string> | undefined;
  /** A flavour, or what a cake is called. */
  words?: string | undefined;
  avoid?: Allergen[] | undefined;
}

/** A cake that was thought of, in words and as the order form begins from it. */
export interface CakeOffer extends Pick<Beginning, 'build' | 'size' | 'swaps' | 'portions'> {
  text: string;
}

export interface CapacityAnswer {
  fits: 'yes' | 'if others give way' | 'no';
  /** The cake that was asked for. */
  cake: CakeOffer;
  /** What else would fit what was asked. */
  instead: CakeOffer[];
  /** The answer in a sentence, and what it would cost others. */
  sentence: string;
  others: string[];
  /** The first pickup that nobody else has to move for; wall-clock time as the form holds it, and in words. */
  earliest: NamedPickup | null;
}

/** Time within which neighbours are asked to make room, s; what is known by then is the answer. */
const TIME_TO_ASK = 0.12;

/** "Can we take this too?", against the newest plan. Nothing is saved. */
export async function canWeTake(
  db: KitchenDb,
  question: CapacityQuestion,
): Promise<Result<{ answer: CapacityAnswer }>> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return refuse(say`There is no plan yet.`);
  const drafted = draftOf(db, question, situation);
  if (!drafted.ok) return drafted;
  const { problem } = problemOf(withOrder(situation, drafted.draft));
  const found = await askInThread(db.kitchen, 'capacity', {
    ...{ problem, old: plan.plan, order: orderId(drafted.draft.id), seconds: TIME_TO_ASK },
  });
  const { clock } = situation.kitchen;
  const text = (m: number) => timeOf(m, clock).toFormat('cccc d LLL, HH:mm');
  const earliest = earliestPickup(found.earliest, situation);
  const names = namesOf(situation);
  const asked = text(found.pickup);
  const helped = found.withOthers?.late === 0;
  const harmed = found.withOthers?.others ?? [];
  return {
    ok: true,
    answer: {
      ...{ cake: drafted.cake, instead: drafted.instead, earliest },
      fits: found.late === 0 ? 'yes' : helped ? 'if others give way' : 'no',
      sentence:
        found.late === 0
          ? say`Yes: it can be ready for ${asked}, and nobody else moves.`
          : helped
            ? harmed.length === 0
              ? say`Yes, if work of others is moved: all of them stay on time.`
              : say`Only if others are late.`
            : found.late === null
              ? say`No: it finds no place at all.`
              : say`Not for ${asked}: it would be ${durationText(found.late)} late.`,
      others: harmed.map((o) => say`${names.order(o.order) ?? say`Another order`}: ${durationText(o.late)} late`),
    },
  };
}

/** The order that is asked about, made from a cake, portions and a pickup; it has number 0. */
export function draftOf(
  db: KitchenDb,
  question: CapacityQuestion,
  { kitchen }: Situation,
): { ok: true; draft: OrderRow; cake: CakeOffer; instead: CakeOffer[] } | Extract<Result, { ok: false }> {
  const { portions, pickup, avoid = [] } = question;
  if (!Number.isInteger(portions) || portions < 1 || portions > 400) return refuse(say`1 to 400 portions.`);
  const time = readPickup(pickup, pickupRule(db, kitchen));
  if (!time.ok) return refuse(time.message);
  const offers = offersFor(question, kitchen);
  if (typeof offers === 'string') return refuse(offers);
  const [cake, ...instead] = offers;
  const { name, design } = kitchen.builds.get(cake!.build)!;
  const tiers = JSON.parse(cake!.size) as Form[];
  const roles = new Set(design.parts.map((p) => p.role));
  const swaps = Object.fromEntries(Object.entries(cake!.swaps).filter(([role]) => roles.has(role)));
  const draft: OrderRow = {
    ...{ id: 0, version: 0, title: name, customer: '', pickup: time.pickup, portions, build: cake!.build },
    ...{ tiers, inscription: '', avoid: [...avoid], note: '', without: [], swaps },
    ...{ overrides: {}, choices: {}, versions: {}, weight: 1, state: 'open', handedOverAt: null, createdAt: db.now() },
    ...{ details: {}, holdsUntil: null, together: null },
  };
  return { ok: true, draft, cake: cake!, instead };
}

/** So many other cakes are named. */
const INSTEAD = 3;

/** The cake that is asked about and others that would do; or why there is none. */
function offersFor(
  { build, size, swaps = {}, words = '', portions, avoid = [] }: CapacityQuestion,
  kitchen: LoadedKitchen,
): CakeOffer[] | string {
  if (build === undefined || build === '') {
    const found = beginningsFor({ portions, words, avoid }, kitchen);
    if (found.length > 0) return found.slice(0, INSTEAD + 1).map(offerOf);
    return words === ''
      ? say`No set of the kitchen’s tins gives ${portions} portions without that.`
      : say`Nothing here is called “${words}” or can be made with it for ${portions}.`;
  }
  const known = kitchen.builds.get(build);
  if (!known) return say`There is no such build.`;
  const tiers = size === undefined ? null : readTiers(size, known, kitchen);
  if (tiers)
    return [
      {
        ...{ build, size: JSON.stringify(tiers), swaps, portions: portionsOf(known, tiers, kitchen) },
        text: cakeText(known.name, swaps, cakeName(tiers), kitchen),
      },
    ];
  const [first] = sizesFor(build, portions, kitchen);
  return first
    ? [
        {
          ...{ build, size: first.value, swaps, portions: first.portions },
          text: cakeText(known.name, swaps, first.name, kitchen),
        },
      ]
    : whyNoSize(known, portions, kitchen);
}

const offerOf = ({ build, size, swaps, portions, name, with: exchanged, cake }: Beginning): CakeOffer => ({
  ...{ build, size, swaps, portions, text: offerText(name, exchanged, cake) },
});

const cakeText = (name: string, swaps: Record<string, string>, size: string, { library }: LoadedKitchen) =>
  offerText(
    name,
    Object.values(swaps).flatMap((id) => library.formulas.get(id)?.name ?? []),
    size,
  );

const offerText = (name: string, exchanged: readonly string[], size: string) =>
  exchanged.length > 0 ? say`${name} with ${exchanged.join(', ')}, ${size}` : `${name}, ${size}`;

/** Builds to choose from, for the question. */
export async function buildsToAsk(db: KitchenDb): Promise<{ id: string; name: string }[]> {
  const kitchen = await loadKitchen(db);
  return kitchen ? buildsInUse(kitchen).map(({ id, name }) => ({ id, name })) : [];
}
