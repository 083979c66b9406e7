import { EventEmitter } from 'node:events';

/** Tells every open page of this process that something changed. */
const held = globalThis as unknown as { zestLive?: { emitter: EventEmitter; streams: Set<() => void> } };

function live() {
  return (held.zestLive ??= { emitter: new EventEmitter().setMaxListeners(0), streams: new Set() });
}

/** Ends every open stream: each would keep the server from ending. */
export function closeStreams(): void {
  for (const close of live().streams) close();
}

/** Something was written, or there is a new plan. */
export function tellChanged(what: 'changed' | 'planned' = 'changed'): void {
  live().emitter.emit('changed', what);
}

/** An event stream that says "changed" or "planned" whenever something was, and a comment now and then to keep it open. */
export function changeStream(signal: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let close = () => {};
  return new ReadableStream({
    start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      const changed = (what: string) => send(`data: ${what}\n\n`);
      const beat = setInterval(() => send(': still here\n\n'), 25_000);
      close = () => {
        clearInterval(beat);
        live().emitter.off('changed', changed);
        live().streams.delete(close);
        try {
          controller.close();
        } catch {
          // The reader has gone already.
        }
      };
      send(': open\n\n');
      live().emitter.on('changed', changed);
      live().streams.add(close);
      signal.addEventListener('abort', close);
    },
    cancel: () => close(),
  });
}
