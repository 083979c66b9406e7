import { EventEmitter } from 'node:events';
import type { KitchenId } from '../../core/ids/ids';

/** Tells every open page of a kitchen in this process that something changed. */
const held = globalThis as unknown as { zestLive?: { emitter: EventEmitter; streams: Set<() => void> } };

function live() {
  return (held.zestLive ??= { emitter: new EventEmitter().setMaxListeners(0), streams: new Set() });
}

/** Ends every open stream: each would keep the server from ending. */
export function closeStreams(): void {
  for (const close of live().streams) close();
}

/** Something of a kitchen was written, or there is a new plan of it. */
export function tellChanged(kitchen: KitchenId, what: 'changed' | 'planned' = 'changed'): void {
  live().emitter.emit(kitchen, what);
}

/** An event stream that says "changed" or "planned" whenever something of a kitchen was, and a comment now and then to keep it open. */
export function changeStream(kitchen: KitchenId, signal: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let close = () => {};
  return new ReadableStream({
    start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      const changed = (what: string) => send(`data: ${what}\n\n`);
      const beat = setInterval(() => send(': still here\n\n'), 25_000);
      close = () => {
        clearInterval(beat);
        live().emitter.off(kitchen, changed);
        live().streams.delete(close);
        try {
          controller.close();
        } catch {
          // The reader has gone already.
        }
      };
      send(': open\n\n');
      live().emitter.on(kitchen, changed);
      live().streams.add(close);
      signal.addEventListener('abort', close);
    },
    cancel: () => close(),
  });
}
