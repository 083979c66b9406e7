import type { Answered, HouseAnswered, HousePostName, HouseSent, PostName, Sent } from '@/server/doors';
import type { Result } from '@/server/shared/result';
import { whoAmI } from './kitchens/who-am-i';
import { waits } from './waiting';
import { inThisKitchen } from './kitchens/in-kitchen';

/** Something else than the kitchen's server has answered. */
export class NoAnswer extends Error {}

type Refused = Extract<Result, { ok: false }>;

/** Pauses before what got no answer is sent again: quickly at first, as an answer may only have got lost; then as long as it takes. ms. */
const PAUSES = [300, 1200];
const PAUSE = 2500;
/** Longer than this nobody waits for an answer. ms. */
const PATIENCE = 60_000;

/** Keys of what was sent and not answered yet: trying the same again is the same write. */
const open = new Map<string, string>();

/**
 * Sends something to a door of the kitchen that the page is in, again and under the same key until there is an answer, as long as the page is open.
 * What was refused comes back as `{ok: false, message}`. Throws `NoAnswer` where something else has answered.
 */
export function send<K extends PostName>(name: K, sent: Sent<K>): Promise<Answered<K> | Refused> {
  return deliver(inThisKitchen(`/api/do/${name}`), sent);
}

/** The same to a door of the whole database. */
export function sendToHouse<K extends HousePostName>(name: K, sent: HouseSent<K>): Promise<HouseAnswered<K> | Refused> {
  return deliver(`/api/do/${name}`, sent);
}

async function deliver<Answer>(url: string, sent: unknown): Promise<Answer | Refused> {
  const body = JSON.stringify(sent ?? {});
  const what = `${url} ${body}`;
  const key = open.get(what) ?? newKey();
  open.set(what, key);
  const response = await answeredOnce(() => post(url, key, body));
  const answer: unknown = await response.json().catch(() => null);
  if (answer === null || typeof answer !== 'object') throw new NoAnswer();
  return response.status < 500 ? answered(what, answer as Answer) : (answer as Refused);
}

/** What is between here and the server says so where it cannot be reached. */
const AWAY = [502, 504];

/** What comes back at last. A server that answers that it cannot now is asked a few times; one that does not answer, until it does. */
async function answeredOnce(post: () => Promise<Response>): Promise<Response> {
  let waitsNoMore: (() => void) | undefined;
  try {
    for (let attempt = 0; ; attempt++) {
      const response = await post().catch(() => null);
      const quick = PAUSES[attempt];
      if (response && !AWAY.includes(response.status) && (response.status !== 503 || quick === undefined))
        return response;
      if (quick === undefined) waitsNoMore ??= waits();
      await new Promise((resolve) => setTimeout(resolve, quick ?? PAUSE));
    }
  } finally {
    waitsNoMore?.();
  }
}

function answered<T>(what: string, answer: T): T {
  open.delete(what);
  return answer;
}

function post(url: string, key: string, body: string): Promise<Response> {
  return fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': key, ...whoAmI() },
    body,
    signal: AbortSignal.timeout(PATIENCE),
  });
}

/** 128 random bits; tablets that are served without a certificate have no `randomUUID`. */
function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('');
}
