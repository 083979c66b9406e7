import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { serve } from './kitchen-server.mjs';

/** Loads the demo once, into a folder that every file of journeys gets a copy of. */
export default async function makeTemplate(): Promise<() => void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'zest-ladder-template-'));
  process.env.ZEST_TEMPLATE = folder;
  const server = await serve(3216, folder);
  await server.stop();
  return () => rmSync(folder, { recursive: true, force: true });
}
