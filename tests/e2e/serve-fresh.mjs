/** Serves the built application with the demo in a new folder of its own, on loopback. Usage: serve-fresh.mjs PORT */
import { mkdtempSync, rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import path from 'node:path';

const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-'));
const child = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-p', process.argv[2], '-H', '127.0.0.1'],
  {
    stdio: 'inherit',
    env: { ...process.env, ZEST_DATA: folder, ZEST_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
  },
);
for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => {
  rmSync(folder, { recursive: true, force: true });
  process.exit(code ?? 0);
});
