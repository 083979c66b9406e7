import type { Answered, HouseAnswered, HousePostName, HouseSent, PostName, Sent } from '@/server/doors';
import type { Result } from '@/server/shared/result';
import { whoAmI } from './kitchens/who-am-i';
import { inThisKitchen } from './kitchens/in-kitchen';

/** The server could not be reached, or did not answer in time. */
export class NoAnswer extends Error {}

type Refused = Extract<Result, { ok: false }>;

/** Pauses before what got no answer is sent again. ms. */
const PAUSES = [300, 1200];
/** Longer than this nobody waits for an answer. ms. */
const PATIENCE = 60_000;

/** Keys of what was sent and not answered yet: trying the same again is the same write. */
const open = new Map<string, string>();

/**
 * Sends something to a door of the kitchen that the page is in, again if there is no answer. What was refused comes back as
 * `{ok: false, message}`. Throws `NoAnswer` where nothing can be reached; sending the same later is safe, as it goes out under the same key.
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
  for (let attempt = 0; ; attempt++) {
    const response = await post(url, key, body).catch(() => null);
    const unavailable = response === null || [502, 503, 504].includes(response.status);
    if (unavailable && attempt < PAUSES.length) {
      await new Promise((resolve) => setTimeout(resolve, PAUSES[attempt]));
      continue;
    }
    const answer: unknown = response && (await response.json().catch(() => null));
    if (response === null || answer === null || typeof answer !== 'object') throw new NoAnswer();
    return response.status < 500 ? answered(what, answer as Answer) : (answer as Refused);
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
