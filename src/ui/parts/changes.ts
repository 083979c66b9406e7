/** What is sent to `public/changes.js`: the address of the stream to be heard; null to hear no more. */
type ToChanges = string | null;

/** What a page hears: that there is a stream, that something has changed, that nothing is heard any more. */
export type Heard = 'open' | 'change' | 'silent';

/** Hears the changes that a stream tells; the function that is returned hears no more. The pages of a browser share one stream where they can. */
export function hearChanges(path: string, onHeard: (heard: Heard) => void): () => void {
  const url = new URL(path, location.href).href;
  return typeof SharedWorker === 'undefined' ? ownStream(url, onHeard) : sharedStream(url, onHeard);
}

function sharedStream(url: string, onHeard: (heard: Heard) => void): () => void {
  const { port } = new SharedWorker('/changes.js');
  const tell = (message: ToChanges) => port.postMessage(message);
  port.onmessage = ({ data }: MessageEvent<Heard>) => onHeard(data);
  tell(url);
  return () => {
    port.onmessage = null;
    tell(null);
    port.close();
  };
}

function ownStream(url: string, onHeard: (heard: Heard) => void): () => void {
  const source = new EventSource(url);
  source.onmessage = () => onHeard('change');
  source.onopen = () => onHeard('open');
  source.onerror = () => onHeard('silent');
  return () => source.close();
}
