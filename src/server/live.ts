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

export function tellChanged(): void {
  live().emitter.emit('changed');
}

/** An event stream that says "changed" whenever something did, and a comment now and then to keep it open. */
export function changeStream(signal: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let close = () => {};
  return new ReadableStream({
    start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      const changed = () => send('data: changed\n\n');
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
