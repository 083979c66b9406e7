import { Worker } from 'node:worker_threads';
import type { FileRead, FileRequest } from '../../workers/read-kitchen-file';
import { AskedThread } from '../shared/asked-thread';

const held = globalThis as unknown as { zestFiles?: AskedThread };

/** Unpacks and reads a kitchen file in a thread of its own: whatever somebody sends, nobody’s page waits for it. */
export function readFileInThread(request: FileRequest): Promise<FileRead> {
  held.zestFiles ??= new AskedThread(
    'kitchen files',
    () => new Worker(new URL('../../workers/kitchen-file.thread.ts', import.meta.url)),
  );
  return held.zestFiles.ask(request);
}
