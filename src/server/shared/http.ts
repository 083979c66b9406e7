import { say } from '../../core/words/say';
import { createHash } from 'node:crypto';
import type { Schema } from 'yup';
import { refuse, type Result } from './result';
import { hostAllowed, sameSite } from './allowed-hosts';
import { underKey } from './commit';
import { oddInput, readInput, type Door } from './door';
import { onlyKitchen, openKitchen } from './open-kitchen';
import { serverKey } from '../../data/folder-lock';
import type { KitchenDb } from '../../data/kitchen-db';
import { FileAnswer } from './file-answer';
import { decoded } from './first-of';
import { log } from './log';
import { readSettings } from './settings';

/** Keys are chosen by who sends: random, so that no two writes ever share one. */
const KEY = /^[\w-]{8,80}$/;

const { hosts } = readSettings(process.env).settings;

/** Next.js leaves the parts of an address out where it has none. */
type Context = { params: Promise<Record<string, string | string[]> | undefined> };
/** A door of the whole database. */
type HouseDoor = Door<never, unknown, void>;
type Refusal = Extract<Result, { ok: false }>;

const respond = (status: number, message: string) => Response.json(refuse(message) satisfies Refusal, { status });

/** Answers what is sent to one of these doors of a kitchen: `{…}` as JSON, and for a write its key in the header `Idempotency-Key`. */
export function answerPosts(doors: Record<string, Door>) {
  return async (request: Request, context: Context): Promise<Response> => {
    const name = await partOf(context, 'door');
    const door = doorOf(doors, name);
    if (!door) return respond(404, say`There is no such door.`);
    return answerPost(request, name!, door, async () => openKitchen(await partOf(context, 'kitchen')));
  };
}

/**
 * Answers what is sent to one of the doors of the whole database. Pages that were opened when there was one kitchen only send what is a
 * kitchen's here too; that is answered as long as there is still only one.
 */
export function answerHousePosts(house: Record<string, HouseDoor>, ofKitchens: Record<string, Door>) {
  return async (request: Request, context: Context): Promise<Response> => {
    const name = await partOf(context, 'door');
    const own = doorOf(house, name);
    if (own) {
      const refused = refusedPost(request);
      if (refused) return refused;
      const sent = await readJson(request, own.most);
      return sent.ok ? open(name!, own, sent.value, (input) => own.run(input, undefined)) : sent.refusal;
    }
    const door = doorOf(ofKitchens, name);
    if (!door) return respond(404, say`There is no such door.`);
    return answerPost(request, name!, door, onlyKitchen);
  };
}

const doorOf = <D>(doors: Record<string, D>, name: string | null): D | null =>
  name !== null && Object.hasOwn(doors, name) ? doors[name]! : null;

async function partOf({ params }: Context, name: string): Promise<string | null> {
  const part = (await params)?.[name];
  return typeof part === 'string' ? decoded(part) : null;
}

/** Whoever sends this may not: it is asked under another name, or does not come from a page of this server. */
function refusedPost(request: Request, type = /^application\/json\b/i): Response | null {
  if (!hostAllowed(request.headers.get('host'), hosts))
    return respond(421, say`This server is not known by that name: whoever runs it can add it to ZEST_HOSTS.`);
  if (!sameSite(request.headers)) return respond(403, say`Only the pages of this server may do this.`);
  if (!type.test(request.headers.get('content-type') ?? ''))
    return respond(415, say`This cannot be sent as this kind of content.`);
  return null;
}

async function readJson(
  request: Request,
  most: number,
): Promise<{ ok: true; value: unknown; text: string } | { ok: false; refusal: Response }> {
  const text = await readText(request, most);
  if (text === null)
    return {
      ok: false,
      refusal: respond(413, say`This is more than can be sent here (${Math.round(most / 1000)} kB).`),
    };
  try {
    return { ok: true, value: JSON.parse(text), text };
  } catch {
    return { ok: false, refusal: respond(400, say`This is no JSON.`) };
  }
}

async function answerPost(
  request: Request,
  name: string,
  door: Door,
  opened: () => Promise<KitchenDb | null>,
): Promise<Response> {
  const refused = refusedPost(request);
  if (refused) return refused;
  const key = request.headers.get('idempotency-key') ?? '';
  if (door.writes && !KEY.test(key))
    return respond(
      400,
      say`A write needs a key of its own in the header Idempotency-Key: 8 to 80 letters, digits and dashes.`,
    );
  const sent = await readJson(request, door.most);
  if (!sent.ok) return sent.refusal;
  return open(name, door, sent.value, async (input) => {
    const found = await opened();
    if (!found) return new Status(404, NO_KITCHEN);
    const db = { ...found, by: sentBy(request) };
    const run = () => door.run(input, db);
    return door.writes
      ? underKey(db, { key, door: name, sent: digest(sent.text) }, run as () => Promise<Result>)
      : run();
  });
}

/** Who the device says that it is used by; null where it does not, or says what no id can be. */
function sentBy(request: Request): string | null {
  const by = request.headers.get('zest-by') ?? '';
  return /^[a-z0-9-]{1,120}$/.test(by) ? by : null;
}

const NO_KITCHEN = say`There is no such kitchen, or more than one: open the page again.`;

/** Answers a question that an address of a kitchen asks: its own parts and its query are the input. */
export function answerGet(name: string, door: Door) {
  return async (request: Request, context: Context): Promise<Response> => {
    const query = new URL(request.url).searchParams;
    // Of what is named twice the first counts, as in every form.
    const asked = Object.fromEntries([...query.keys()].map((k) => [k, query.get(k)!]));
    const { kitchen, ...own } = (await context.params) ?? {};
    const parts = Object.entries(own).map(([k, v]) => [k, decoded(String(v))]);
    return open(name, door, { ...asked, ...Object.fromEntries(parts) }, async (input) => {
      const db = await openKitchen(typeof kitchen === 'string' ? kitchen : null);
      return db ? door.run(input, db) : new Status(404, NO_KITCHEN);
    });
  };
}

/** A file as it is sent, with what its address asks. */
export interface Upload<Input> {
  schema: Schema;
  /** The most bytes that it takes. */
  most: number;
  run: (input: Input, bytes: Uint8Array) => Promise<Result>;
}

/** Answers a file that is sent as it is (`application/octet-stream`): what is to be done with it stands in the query of its address. */
export function answerUpload<Input>(name: string, upload: Upload<Input>) {
  return async (request: Request): Promise<Response> => {
    const refused = refusedPost(request, /^application\/octet-stream\b/i) ?? refusedProgram(request);
    if (refused) return refused;
    const query = new URL(request.url).searchParams;
    const asked = Object.fromEntries([...query.keys()].map((k) => [k, query.get(k)!]));
    const bytes = await readBytes(request, upload.most);
    if (bytes === null)
      return respond(413, say`This is more than can be sent here (${Math.round(upload.most / 1e6)} MB).`);
    return open(name, { schema: upload.schema, strict: false, none: null }, asked, (input) =>
      upload.run(input as Input, bytes),
    );
  };
}

/** A program, which no browser vouches for, shows the key that stands in the lock of the data folder. */
function refusedProgram({ headers }: Request): Response | null {
  if (headers.get('origin') !== null || headers.get('authorization') === `Bearer ${serverKey()}`) return null;
  return respond(403, say`This may be sent by a page of this server, or with its key.`);
}

/** The body as it is, or null where it is longer than allowed: no more of it is read then. */
async function readBytes(request: Request, most: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return null;
  const parts: Uint8Array[] = [];
  let read = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader!.read()) {
    read += part.value.byteLength;
    if (read > most) {
      await reader!.cancel();
      return null;
    }
    parts.push(part.value);
  }
  return Buffer.concat(parts);
}

/** An answer that is only a refusal, with its status. */
class Status {
  constructor(
    readonly status: number,
    readonly message: string,
  ) {}
}

async function open(
  name: string,
  door: Pick<Door, 'schema' | 'strict' | 'none'>,
  sent: unknown,
  run: (input: never) => Promise<unknown>,
): Promise<Response> {
  const begun = performance.now();
  try {
    const odd = oddInput(sent);
    if (odd) return Response.json(odd, { status: 400 });
    const read = readInput(door, sent);
    if (!read.ok) return Response.json(read, { status: 422 });
    const answer = await run(read.input);
    if (answer instanceof Status) return respond(answer.status, answer.message);
    if (answer === null && door.none !== null) return respond(404, door.none);
    if (answer instanceof FileAnswer) return answer.respond();
    const refused = (answer as Result | null)?.ok === false;
    log.debug({ door: name, refused, ms: Math.round(performance.now() - begun) }, 'answered');
    return Response.json(answer, { status: refused ? 422 : 200 });
  } catch (error) {
    const { status, message } = troubleOf(error);
    log.error({ err: error, door: name, sent: JSON.stringify(sent).slice(0, 2000) }, 'a door failed');
    return respond(status, message);
  }
}

/** What a failure is in words: of the disk, of the database, or of ours. */
function troubleOf(error: unknown): { status: number; message: string } {
  const text = errorTexts(error);
  if (/ENOSPC|No space left|disk full|53100/i.test(text))
    return { status: 507, message: say`The disk is full: nothing of this was kept. Make room, then send it again.` };
  if (
    /ECONNREFUSED|ECONNRESET|EPIPE|Connection terminated|terminating connection|not queryable|after calling end|PGlite is clos|57P0\d|25P0[34]|08\d{3}|timeout exceeded/i.test(
      text,
    )
  )
    return {
      status: 503,
      message: say`The database does not answer: nothing of this was confirmed. Try again in a moment.`,
    };
  return {
    status: 500,
    message: say`Something went wrong in the server; its log says what. Nothing of this was confirmed.`,
  };
}

function errorTexts(error: unknown): string {
  if (!(error instanceof Error)) return String(error);
  const { code } = error as { code?: string };
  return [error.message, code ?? '', error.cause ? errorTexts(error.cause) : ''].join(' ');
}

/** The body as text, or null where it is longer than allowed. */
async function readText(request: Request, most: number): Promise<string | null> {
  const bytes = await readBytes(request, most);
  return bytes && new TextDecoder().decode(bytes);
}

const digest = (text: string) => createHash('sha256').update(text).digest('hex');
