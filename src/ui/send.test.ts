import { jest } from '@jest/globals';
import { NoAnswer, send } from './send';

type Sent = { url: string; key: string; body: unknown };
const sent: Sent[] = [];
/** What the next requests are answered; null is no answer at all. */
let answers: ({ status: number; body: unknown } | null)[] = [];

beforeEach(() => {
  sent.length = 0;
  jest.useFakeTimers({ advanceTimers: 50 });
  globalThis.fetch = (async (url: string, init: RequestInit) => {
    const key = (init.headers as Record<string, string>)['idempotency-key']!;
    sent.push({ url, key, body: JSON.parse(init.body as string) });
    const answer = answers.shift();
    if (!answer) throw new TypeError('fetch failed');
    return new Response(answer.body === undefined ? '<html>' : JSON.stringify(answer.body), { status: answer.status });
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

const tick = (key: string) => send('tick', { key, ticked: true });
const done = { status: 200, body: { ok: true } };

describe('what is sent to the server', () => {
  it('goes to its door, under a key of its own', async () => {
    answers = [done, done];
    expect(await tick('a')).toEqual({ ok: true });
    expect(await tick('a')).toEqual({ ok: true });
    expect(sent.map((s) => [s.url, s.body])).toEqual([
      ['/api/do/tick', { key: 'a', ticked: true }],
      ['/api/do/tick', { key: 'a', ticked: true }],
    ]);
    expect(sent[0]!.key).toMatch(/^[0-9a-f]{32}$/);
    expect(sent[1]!.key).not.toBe(sent[0]!.key);
  });

  it('is sent again under the same key where there is no answer', async () => {
    answers = [null, { status: 503, body: { ok: false, message: 'busy' } }, done];
    expect(await tick('b')).toEqual({ ok: true });
    expect(new Set(sent.map((s) => s.key)).size).toBe(1);
    expect(sent).toHaveLength(3);
  });

  it('that nobody answered keeps its key for the next try, and only that', async () => {
    answers = [null, null, null];
    await expect(tick('c')).rejects.toThrow(NoAnswer);
    answers = [done, done];
    await tick('d');
    await tick('c');
    const [first, , , other, again] = sent.map((s) => s.key);
    expect(again).toBe(first);
    expect(other).not.toBe(first);
  });

  it('that failed in the server says so in words, and keeps its key', async () => {
    answers = [{ status: 507, body: { ok: false, message: 'The disk is full.' } }, done];
    expect(await tick('e')).toEqual({ ok: false, message: 'The disk is full.' });
    await tick('e');
    expect(sent[1]!.key).toBe(sent[0]!.key);
  });

  it('that was refused is answered, and takes a new key when it is sent again', async () => {
    answers = [{ status: 422, body: { ok: false, message: 'Not yet.' } }, done];
    expect(await tick('f')).toEqual({ ok: false, message: 'Not yet.' });
    await tick('f');
    expect(sent[1]!.key).not.toBe(sent[0]!.key);
  });

  it('that something else answers is no answer', async () => {
    answers = [{ status: 200, body: undefined }];
    await expect(tick('g')).rejects.toThrow(NoAnswer);
  });
});
