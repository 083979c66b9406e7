import { jest } from '@jest/globals';
import { NoAnswer, send } from './send';
import { waiting } from './waiting';

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

  it('that nobody answers is sent until somebody does, under one key; meanwhile it waits, and whoever leaves is warned', async () => {
    const [heard, warned] = [jest.fn(), jest.fn()];
    const listening = { addEventListener: warned, removeEventListener: jest.fn() };
    Object.assign(globalThis, listening);
    const hearNoMore = waiting.subscribe(heard);
    answers = [null, null, null, { status: 502, body: undefined }, null, done];
    const asked = tick('c');
    while (sent.length < 4) await jest.advanceTimersByTimeAsync(100);
    expect(waiting.count()).toBe(1);
    expect(warned).toHaveBeenCalledWith('beforeunload', expect.any(Function));
    while (sent.length < 6) await jest.advanceTimersByTimeAsync(500);
    expect(await asked).toEqual({ ok: true });
    expect([waiting.count(), heard.mock.calls.length]).toEqual([0, 2]);
    expect(listening.removeEventListener).toHaveBeenCalledWith('beforeunload', expect.any(Function));
    hearNoMore();
    expect(new Set(sent.map((s) => s.key)).size).toBe(1);
  });

  it('that the server cannot do now is tried again, and then said', async () => {
    const away = { status: 503, body: { ok: false, message: 'The database does not answer.' } };
    answers = [away, away, away];
    expect(await tick('h')).toEqual(away.body);
    expect([sent.length, waiting.count()]).toEqual([3, 0]);
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
