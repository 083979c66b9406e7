import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { namesOf } from '../situation/names';
import { durationText } from '../../core/time/duration-text';
import { timeOf } from '../../core/time/clock';
import type { Form } from '../../core/shape/form';
import type { OrderRow } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import { loadKitchen } from '../situation/load-kitchen';
import { readPickup } from '../../core/order/pickup';
import { pickupRule } from '../situation/pickup-rule';
import { orderId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { withOrder } from '../../core/situation/break-down-orders';
import { type Situation } from '../situation/situation';
import { askInThread } from '../plan/planner-thread';
import { refuse, type Result } from '../shared/result';
import { loadSituation } from '../situation/load-situation';
import { sizesFor, whyNoSize } from '../builds/sizes';

/** What the counter asks while the customer is on the telephone. */
export interface CapacityQuestion {
  build: string;
  portions: number;
  /** Wall-clock time, "2027-05-22T12:00". */
  pickup: string;
}

export interface CapacityAnswer {
  fits: 'yes' | 'if others give way' | 'no';
  /** The size that was asked for, in words. */
  size: string;
  /** JSON of its tiers, as the order form holds it. */
  tiers: string;
  /** The answer in a sentence, and what it would cost others. */
  sentence: string;
  others: string[];
  /** The first pickup that nobody else has to move for; wall-clock time as the form holds it, and in words. */
  earliest: { value: string; text: string } | null;
}

/** Time within which neighbours are asked to make room, s; what is known by then is the answer. */
const TIME_TO_ASK = 0.12;
/** A pickup is named on the next full quarter of an hour. Minutes. */
const QUARTER = 15;

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
  const first = found.earliest === null ? null : Math.ceil(found.earliest / QUARTER) * QUARTER;
  const earliest =
    first === null ? null : { value: timeOf(first, clock).toFormat("yyyy-MM-dd'T'HH:mm"), text: text(first) };
  const names = namesOf(situation);
  const asked = text(found.pickup);
  const helped = found.withOthers?.late === 0;
  const harmed = found.withOthers?.others ?? [];
  return {
    ok: true,
    answer: {
      ...{ size: drafted.size, tiers: JSON.stringify(drafted.draft.tiers), earliest },
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

/** The order that is asked about, made from a build, portions and a pickup; it has number 0. */
export function draftOf(
  db: KitchenDb,
  { build, portions, pickup }: CapacityQuestion,
  { kitchen }: Situation,
): { ok: true; draft: OrderRow; size: string } | Extract<Result, { ok: false }> {
  const known = kitchen.builds.get(build);
  if (!known) return refuse(say`There is no such build.`);
  if (!Number.isInteger(portions) || portions < 1 || portions > 400) return refuse(say`1 to 400 portions.`);
  const time = readPickup(pickup, pickupRule(db, kitchen));
  if (!time.ok) return refuse(time.message);
  const [size] = sizesFor(build, portions, kitchen);
  if (!size) return refuse(whyNoSize(known, portions, kitchen));
  const draft: OrderRow = {
    ...{ id: 0, version: 0, title: known.name, customer: '', pickup: time.pickup, portions, build },
    ...{ tiers: JSON.parse(size.value) as Form[], inscription: '', avoid: [], note: '', without: [], swaps: {} },
    ...{ overrides: {}, choices: {}, versions: {}, weight: 1, state: 'open', handedOverAt: null, createdAt: db.now() },
  };
  return { ok: true, draft, size: size.name };
}

/** Builds to choose from, for the question. */
export async function buildsToAsk(db: KitchenDb): Promise<{ id: string; name: string }[]> {
  const kitchen = await loadKitchen(db);
  return kitchen?.rows.builds.map(({ id, name }) => ({ id, name })) ?? [];
}
