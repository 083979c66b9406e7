import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { starterFile } from '../src/data/kitchens/starter';
import { demoFile } from '../src/data/kitchens/demo';
import { runCli } from './testing/run-cli';

const folder = mkdtempSync(path.join(tmpdir(), 'zest-cli-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const own = { ZEST_DATA: path.join(folder, 'data') };

it('npm run kitchen brings a file into a folder that nobody has open, and takes it out again', () => {
  const file = path.join(folder, 'whole.json');
  writeFileSync(file, JSON.stringify({ ...starterFile, ...demoFile, ingredients: starterFile.ingredients }));
  expect(runCli('kitchen', ['check', file]).stdout).toContain('Quillfennel Bakehouse: ');
  const brought = runCli('kitchen', ['import', file], undefined, own);
  expect([brought.stderr, brought.stdout]).toEqual(['', 'It is the kitchen “quillfennel-bakehouse” now.\n']);
  const out = path.join(folder, 'out.json');
  expect(runCli('kitchen', ['export', out], undefined, own).stdout).toBe(`${out} is written.\n`);
  const written = JSON.parse(readFileSync(out, 'utf8')) as typeof demoFile;
  expect(written.orders).toHaveLength(demoFile.orders!.length);
  writeFileSync(file, '{');
  expect(runCli('kitchen', ['import', file], undefined, own)).toMatchObject({
    ...{ status: 1, stdout: '' },
    stderr: expect.stringContaining('its JSON ends early'),
  });
}, 120_000);
