import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { lockFolder } from './folder-lock';

const NAMESPACE = ['unshare', '--pid', '--fork', '--kill-child'];
const holder = [process.execPath, '--import', 'tsx', 'src/data/testing/hold-lock.mjs'];
const mayUnshare = spawnSync(NAMESPACE[0]!, [...NAMESPACE.slice(1), 'true']).status === 0;
if (!mayUnshare)
  console.warn('unshare --pid is not allowed here: the lock is tested within one process namespace only.');

let folder: string;
const children: ChildProcess[] = [];
beforeEach(() => (folder = mkdtempSync(path.join(tmpdir(), 'zest-lock-'))));
afterEach(() => {
  for (const child of children.splice(0)) child.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});
const lockFile = () => path.join(folder, 'in-use-by.json');

/** Another process that wants the folder; what it says first, and how long that took. */
async function other(elsewhere = false): Promise<{ child: ChildProcess; said: string; ms: number }> {
  const [command, ...args] = [...(elsewhere ? NAMESPACE : []), ...holder, folder];
  const begun = Date.now();
  const child = spawn(command!, args, { stdio: ['ignore', 'pipe', 'inherit'] });
  children.push(child);
  const said = await new Promise<string>((resolve) =>
    child.stdout!.once('data', (text: Buffer) => resolve(`${text}`.trim())),
  );
  return { child, said, ms: Date.now() - begun };
}
const kill = (child: ChildProcess) =>
  new Promise<void>((resolve) => {
    child.once('exit', () => resolve());
    child.kill('SIGKILL');
  });

describe('the lock of a data folder', () => {
  it('is had by one, and given back', async () => {
    const lock = await lockFolder(folder);
    await expect(lockFolder(folder)).rejects.toThrow(`The data folder ${folder} is in use by another Zest Ladder`);
    lock.release();
    expect(existsSync(lockFile())).toBe(false);
    (await lockFolder(folder)).release();
  });

  it('keeps another process out, and is taken over at once when its holder was killed', async () => {
    const first = await other();
    expect(first.said).toBe('held');
    expect((await other()).said).toContain(`in use by another Zest Ladder (process ${first.child.pid})`);
    await kill(first.child);
    const begun = Date.now();
    (await lockFolder(folder)).release();
    expect(Date.now() - begun).toBeLessThan(1000);
  });

  it('of an earlier version, or damaged, whose holder is gone, is taken over', async () => {
    for (const text of ['{"pid": 999999, "started": "1"}', '', 'null', '{"pid": "x"}', '{']) {
      writeFileSync(lockFile(), text);
      (await lockFolder(folder)).release();
    }
  });

  it('of a process that has the number of a dead one is taken over', async () => {
    const lock = await lockFolder(folder);
    const own = JSON.parse(readFileSync(lockFile(), 'utf8')) as { started: string };
    lock.release();
    writeFileSync(lockFile(), JSON.stringify({ ...own, token: 'of before', started: `${Number(own.started) - 5}` }));
    (await lockFolder(folder)).release();
  });

  it('beats, and is lost in words if another took it', async () => {
    const lost = new Promise<string>((resolve) => void lockFolder(folder, () => resolve('lost')));
    await new Promise((resolve) => setTimeout(resolve, 2500));
    const now = JSON.parse(readFileSync(lockFile(), 'utf8')) as { beat: number };
    expect(now.beat).toBeGreaterThan(0);
    writeFileSync(lockFile(), JSON.stringify({ ...now, token: 'another' }));
    expect(await lost).toBe('lost');
  });

  if (mayUnshare)
    describe('across process namespaces', () => {
      it('keeps out one that cannot see its holder', async () => {
        const first = await other(true);
        expect(first.said).toBe('held');
        await expect(lockFolder(folder)).rejects.toThrow(/in use by another Zest Ladder .*of another container/);
        expect((await other(true)).said).toContain('of another container');
      });
      it('is taken over within fifteen seconds when its holder was killed, and not before it may be gone', async () => {
        const first = await other(true);
        await kill(first.child);
        const begun = Date.now();
        (await lockFolder(folder)).release();
        const took = Date.now() - begun;
        expect(took).toBeLessThan(15_000);
        expect(took).toBeGreaterThan(5_000);
      });
    });
});
