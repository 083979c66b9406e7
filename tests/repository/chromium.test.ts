import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '../e2e/chromium.mjs';

describe('the browser of the tests', () => {
  let folder: string;
  beforeAll(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'zest-browser-'));
    writeFileSync(path.join(folder, 'google-chrome'), '');
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it('is the one on the path', () => {
    const PATH = [path.join(folder, 'nothing'), folder].join(path.delimiter);
    expect(chromium({ NODE_ENV: 'test', PATH })).toBe(path.join(folder, 'google-chrome'));
  });
  it('is the one that the variable names', () => {
    const named = path.join(folder, 'google-chrome');
    expect(chromium({ NODE_ENV: 'test', PATH: '', ZEST_CHROMIUM: named })).toBe(named);
  });
  it('that the variable names, and that is not there, is told', () =>
    expect(() => chromium({ NODE_ENV: 'test', ZEST_CHROMIUM: '/no/such/browser' })).toThrow(
      'ZEST_CHROMIUM names “/no/such/browser”, and there is no such file.',
    ));
});
