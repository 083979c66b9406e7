import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * Two processes on one PGlite folder both succeed, and rows are lost. So the folder carries the id and the start time of
 * the process that has it; a lock whose process is gone is taken over. Throws, in plain words, if it is in use.
 */
export function lockFolder(folder: string): void {
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, 'in-use-by.json');
  const own = JSON.stringify({ pid: process.pid, started: startOf(process.pid) });
  try {
    writeFileSync(file, own, { flag: 'wx' });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    const holder = readHolder(file);
    if (holder && holder.pid !== process.pid && startOf(holder.pid) === holder.started && holder.started !== null)
      throw new Error(
        `The data folder is in use by another Zest Ladder (process ${holder.pid}). Stop it first, or use another folder.`,
      );
    writeFileSync(file, own);
  }
  process.once('exit', () => rmSync(file, { force: true }));
}

function readHolder(file: string): { pid: number; started: string | null } | null {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as { pid: number; started: string | null };
  } catch {
    return null;
  }
}

/** When a living process began, in a form that only has to differ between processes; null if it is gone. */
function startOf(pid: number): string | null {
  try {
    process.kill(pid, 0);
  } catch {
    return null;
  }
  try {
    // Field 22 of the stat line, counted after the name in brackets, which may hold spaces.
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')[19]!;
  } catch {
    return 'unknown';
  }
}
