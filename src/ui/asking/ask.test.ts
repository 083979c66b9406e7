import { makeQueryClient } from './asking-provider';
import { ask, NO_ANSWER, NotAnswered } from './ask';
import { BUILDS } from './questions';

const real = globalThis.fetch;
let answers: (Response | Error)[] = [];
let asked: string[] = [];

beforeEach(() => {
  asked = [];
  globalThis.fetch = ((path: string) => {
    asked.push(path);
    const next = answers.shift() ?? new Error('nothing listens');
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
  }) as typeof fetch;
});
afterAll(() => {
  globalThis.fetch = real;
});

const once = () => ask(BUILDS, new AbortController().signal);
/** As the hook asks, with its rules for asking again; without its pauses. */
const asScreensDo = () =>
  makeQueryClient().fetchQuery({ queryKey: ['builds'], queryFn: once, retryDelay: 0, ...retryOf() });
const retryOf = () => {
  const { retry } = makeQueryClient().getDefaultOptions().queries!;
  return retry === undefined ? {} : { retry };
};

describe('asking the server', () => {
  it('gives what it answers', async () => {
    answers = [Response.json([{ id: 'a', name: 'A' }])];
    await expect(once()).resolves.toEqual([{ id: 'a', name: 'A' }]);
    expect(asked).toEqual(['/api/builds']);
  });

  it('says in the server’s words why not, and does not ask again', async () => {
    answers = [Response.json({ ok: false, message: 'There is no plan yet.' }, { status: 422 })];
    await expect(asScreensDo()).rejects.toEqual(new NotAnswered('There is no plan yet.', true));
    expect(asked).toHaveLength(1);
  });

  it('asks again where there is no answer, or one that cannot be read', async () => {
    answers = [new Error('refused'), new Response('<html>', { status: 502 }), Response.json([])];
    await expect(asScreensDo()).resolves.toEqual([]);
    expect(asked).toHaveLength(3);
  });

  it('gives up in words after three times', async () => {
    answers = [];
    await expect(asScreensDo()).rejects.toThrow(NO_ANSWER);
    expect(asked).toHaveLength(3);
  });
});
