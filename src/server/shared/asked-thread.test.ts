import { Worker } from 'node:worker_threads';

process.env.ZEST_LOG = 'silent';
const { AskedThread } = await import('./asked-thread');

const script = (code: string) => () =>
  new Worker(
    `const { parentPort } = require('node:worker_threads'); parentPort.on('message', ({ id, request }) => {${code}});`,
    {
      eval: true,
    },
  );

describe('a thread that is asked', () => {
  it('answers each question with its own answer', async () => {
    const thread = new AskedThread('sums', script('parentPort.postMessage({ id, answer: request * 2 })'));
    expect(await Promise.all([1, 2, 3].map((n) => thread.ask(n)))).toEqual([2, 4, 6]);
  });
  it('says what went wrong with one, with its stack, and answers the next', async () => {
    const code = `if (request < 0) parentPort.postMessage({ id, error: { message: 'below nothing', stack: 'at the till' } });
      else parentPort.postMessage({ id, answer: 0 });`;
    const thread = new AskedThread('sums', script(code));
    const wrong = await thread.ask(-1).catch((error: Error) => error);
    expect(wrong).toMatchObject({ message: 'below nothing', stack: 'at the till' });
    expect(await thread.ask(1)).toBe(0);
  });
  it('ends: all who wait are told, and the next question starts another', async () => {
    const code = `if (request === 'fall') throw new Error('fell over');
      if (request === 'leave') process.exit(7);
      if (request !== 'wait') parentPort.postMessage({ id, answer: 'up' });`;
    const thread = new AskedThread('plans', script(code));
    const told = (ask: string) => thread.ask(ask).catch((error: Error) => error.message);
    expect(await Promise.all([told('wait'), told('fall')])).toEqual(['fell over', 'fell over']);
    expect(await told('hello')).toBe('up');
    expect(await told('leave')).toBe('The thread of plans ended (7).');
    expect(await told('hello')).toBe('up');
  });
  it('is quiet as soon as nobody waits for it', async () => {
    const thread = new AskedThread('sums', script('parentPort.postMessage({ id, answer: request })'));
    await thread.quiet();
    const order: string[] = [];
    const asked = [thread.ask('a'), thread.ask('b')].map((a) => a.then((answer) => order.push(`${answer}`)));
    await Promise.all([...asked, thread.quiet().then(() => order.push('quiet'))]);
    expect(order).toEqual(['a', 'b', 'quiet']);
    const ending = new AskedThread('ends', script('process.exit(1)'));
    const [left] = await Promise.all([ending.ask('x').catch((error: Error) => error.message), ending.quiet()]);
    expect(left).toContain('ended');
  });
});
