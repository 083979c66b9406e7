import { kitchenIdOf } from '../../core/ids/ids';
import { changeStream, closeStreams, tellChanged } from './live';

const OURS = kitchenIdOf('ours')!;
const text = new TextDecoder();

/** What has come through a stream, read until it has all of it, or the stream ends. */
async function heard(reader: ReadableStreamDefaultReader<Uint8Array>, pieces: number): Promise<string[]> {
  const said: string[] = [];
  while (said.length < pieces) {
    const { value, done } = await reader.read();
    if (done) return [...said, 'end'];
    said.push(text.decode(value));
  }
  return said;
}

describe('the stream of changes', () => {
  it('tells every open page what changed, in the order in which it was told', async () => {
    const streams = [new AbortController(), new AbortController()];
    const readers = streams.map((s) => changeStream(OURS, s.signal).getReader());
    tellChanged(OURS);
    tellChanged(OURS, 'planned');
    for (const reader of readers)
      expect(await heard(reader, 3)).toEqual([': open\n\n', 'data: changed\n\n', 'data: planned\n\n']);
    for (const s of streams) s.abort();
    for (const reader of readers) expect(await heard(reader, 1)).toEqual(['end']);
  });

  it('says nothing more to a page that has gone', async () => {
    const gone = changeStream(OURS, new AbortController().signal).getReader();
    const stays = changeStream(OURS, new AbortController().signal).getReader();
    await heard(gone, 1);
    await gone.cancel();
    tellChanged(OURS);
    expect(await heard(stays, 2)).toEqual([': open\n\n', 'data: changed\n\n']);
    expect(await heard(gone, 1)).toEqual(['end']);
    closeStreams();
  });

  it('tells pages of one kitchen nothing of another', async () => {
    const reader = changeStream(OURS, new AbortController().signal).getReader();
    tellChanged(kitchenIdOf('theirs')!);
    tellChanged(OURS, 'planned');
    expect(await heard(reader, 2)).toEqual([': open\n\n', 'data: planned\n\n']);
    closeStreams();
  });

  it('ends when the server does, so that nothing keeps it from ending', async () => {
    const reader = changeStream(OURS, new AbortController().signal).getReader();
    await heard(reader, 1);
    closeStreams();
    expect(await heard(reader, 1)).toEqual(['end']);
  });
});
