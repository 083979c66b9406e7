import { spawnSync } from 'node:child_process';

/** Runs a command of this folder with what it would get from a shell; without npm between, which has things of its own to say. */
export function runCli(name: string, args: string[], input?: string, settings: Record<string, string> = {}) {
  return spawnSync(process.execPath, ['--import', 'tsx', `cli/${name}.ts`, ...args], {
    encoding: 'utf8',
    input,
    env: { ...process.env, ...settings },
  });
}
