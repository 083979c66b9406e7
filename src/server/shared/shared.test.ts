import { hostAllowed, sameSite } from './allowed-hosts';
import { plainProblem } from './plain';
import { readSettings } from './settings';

describe('settings', () => {
  it('of nothing are the usual ones', () =>
    expect(readSettings({})).toEqual({
      settings: { clock: null, hosts: [], improves: true, backups: 'data/kitchen/backups' },
      problems: [],
    }));
  it('are read', () =>
    expect(
      readSettings({
        ...{ ZEST_CLOCK: '2027-05-20T09:40:00Z', HOST: '0.0.0.0', ZEST_HOSTS: 'Bakery.local, 192.168.1.5', PORT: '80' },
        ...{ DATABASE_URL: 'postgres://a:b@localhost/zest', ZEST_LOG: 'debug', ZEST_DEMO: '1', ZEST_IMPROVE: '0' },
        ZEST_BACKUPS: '0',
      }),
    ).toEqual({
      settings: {
        clock: new Date('2027-05-20T09:40:00Z'),
        hosts: ['bakery.local', '192.168.1.5'],
        improves: false,
        backups: null,
      },
      problems: [],
    }));
  it('of backups is a folder, beside the data where none is named; 0 is none', () => {
    const backups = (env: Record<string, string>) => readSettings(env).settings.backups;
    expect(backups({ ZEST_DATA: '/srv/cakes' })).toBe('/srv/cakes/backups');
    expect(backups({ ZEST_BACKUPS: '/mnt/safe' })).toBe('/mnt/safe');
    expect(backups({ ZEST_BACKUPS: '0' })).toBeNull();
  });
  it.each([
    [{ ZEST_CLOCK: 'tomorrow' }, 'ZEST_CLOCK is “tomorrow”'],
    [{ ZEST_CLOCK: '2027-05-20T09:40:00' }, 'with its offset'],
    [{ ZEST_CLOCK: '2027-13-20T09:40:00Z' }, 'must be an instant'],
    [{ ZEST_LOG: 'loud' }, 'it is one of fatal, error'],
    [{ PORT: 'http' }, 'a number from 0 to 65535'],
    [{ PORT: '70000' }, 'a number from 0 to 65535'],
    [{ ZEST_DEMO: 'yes' }, 'it is 1 to load the demo'],
    [{ ZEST_IMPROVE: 'no' }, 'searched on while nobody taps'],
    [{ DATABASE_URL: 'mysql://x' }, 'must begin with postgres://'],
    [{ ZEST_HOSTS: 'bakery:3000' }, '“bakery:3000” is no name of a host'],
    [{ HOST: 'http://x/' }, 'is no name of a host'],
  ])('%j is refused with what it should be', (env, words) => {
    const { problems } = readSettings(env);
    expect(problems).toHaveLength(1);
    expect(problems[0]).toContain(words);
  });
});

describe('names of the server', () => {
  it.each([
    ['localhost:3000', true],
    ['127.0.0.1', true],
    ['[::1]:80', true],
    ['Bakery.Local:3000', true],
    ['192.168.1.5:3000', true],
    ['[fd00::5]:3000', true],
    ['elsewhere.example', false],
    ['localhost.elsewhere.example', false],
    ['127.0.0.1.elsewhere.example', false],
    ['', false],
    [null, false],
  ])('%s: %s', (host, allowed) => expect(hostAllowed(host, ['bakery.local', '192.168.1.5', 'fd00::5'])).toBe(allowed));
});

describe('where a write comes from', () => {
  it.each([
    [{}, true],
    [{ 'sec-fetch-site': 'same-origin', origin: 'http://a:1', host: 'a:1' }, true],
    [{ origin: 'http://a:1', host: 'a:1' }, true],
    [{ origin: 'http://A:1', host: 'a:1' }, true],
    [{ origin: 'http://a:2', host: 'a:1' }, false],
    [{ origin: 'null', host: 'a:1' }, false],
    [{ origin: '', host: 'a:1' }, false],
    [{ 'sec-fetch-site': 'same-site', host: 'a:1' }, false],
    [{ 'sec-fetch-site': 'cross-site', origin: 'http://a:1', host: 'a:1' }, false],
  ])('%j: %s', (headers, own) => {
    const map = { get: (k: string) => (headers as Record<string, string>)[k] ?? null };
    expect(sameSite(map)).toBe(own);
  });
});

describe('plain JSON', () => {
  const nested = (levels: number): unknown => (levels === 0 ? 1 : { a: nested(levels - 1) });
  it('is let through', () => {
    for (const value of [null, 1, 'Łukasz 🍰', [], { a: [{ b: 'x' }] }, nested(12)])
      expect(plainProblem(value)).toBeNull();
  });
  it.each<[unknown, string, string]>([
    ['a\0b', '', 'cannot be kept'],
    [{ a: [{ b: '\0' }] }, 'a.0.b', 'cannot be kept'],
    [{ a: '\ud800' }, 'a', 'cannot be kept'],
    [{ 'a\0': 1 }, '', 'cannot be kept'],
    [JSON.parse('{"a": {"__proto__": {"x": 1}}}'), 'a.__proto__', 'No field'],
    [nested(14), 'a.a.a.a.a.a.a.a.a.a.a.a.a', 'too deeply'],
    [{ list: Array.from({ length: 2001 }, () => 0) }, 'list', 'At most 2000'],
    [Array.from({ length: 100 }, () => Array.from({ length: 400 }, () => 0)), '74.325', 'more than can be read'],
  ])('%#: is refused with where', (value, where, words) => {
    const problem = plainProblem(value);
    expect(problem?.message).toContain(words);
    if (words !== 'more than can be read') expect(problem?.path).toBe(where);
  });
});
