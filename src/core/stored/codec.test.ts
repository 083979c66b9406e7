import { Type } from '@sinclair/typebox';
import { codec } from './codec';

interface Tin {
  name: string;
  depth: number;
}
const schema = Type.Object({ name: Type.String(), depth: Type.Number() });
/** Depths were in cm while there were no versions; in version 1 the name was called title. */
const tins = codec<Tin>()({
  format: 'test/tin',
  schema,
  migrations: [
    (v0) => ({ title: v0.title, depth: (v0.depth as number) * 10 }),
    ({ title, ...rest }) => ({ ...rest, name: title }),
  ],
});
const problemsOf = (stored: unknown) => {
  const read = tins.read(stored);
  return read.ok ? null : read.problems;
};

describe('a codec', () => {
  it('writes the newest version, and reads it', () => {
    const stored = tins.write({ name: 'deep', depth: 75 });
    expect(stored).toEqual({ format: 'test/tin', version: 2, name: 'deep', depth: 75 });
    expect(tins.read(stored)).toEqual({ ok: true, value: { name: 'deep', depth: 75 } });
  });

  it('brings every version before up to it', () => {
    const value = { name: 'deep', depth: 75 };
    expect(tins.read({ title: 'deep', depth: 7.5 })).toEqual({ ok: true, value });
    expect(tins.read({ format: 'test/tin', version: 0, title: 'deep', depth: 7.5 })).toEqual({ ok: true, value });
    expect(tins.read({ format: 'test/tin', version: 1, title: 'deep', depth: 75 })).toEqual({ ok: true, value });
  });

  it('refuses what is something else, or newer than it, or no document', () => {
    expect(problemsOf({ format: 'test/ring', version: 2, name: 'deep', depth: 75 })).toEqual([
      { path: 'format', message: 'It is “test/ring”, and should be “test/tin”.' },
    ]);
    expect(problemsOf({ format: 'test/tin', version: 3, name: 'deep', depth: 75 })).toEqual([
      { path: 'version', message: 'It was written by a newer program (version 3; this one reads up to 2).' },
    ]);
    for (const version of [-1, 1.5, '2', null])
      expect(problemsOf({ format: 'test/tin', version })).toEqual([
        { path: 'version', message: 'It must be a whole number.' },
      ]);
    for (const stored of [null, undefined, 3, 'deep', [], [1]])
      expect(problemsOf(stored)).toEqual([{ path: '', message: 'It must be an object with named fields.' }]);
  });

  it('keeps a field of an older document that is called like its own', () => {
    const notes = codec<{ text: string; of: number }>()({
      format: 'test/note',
      schema: Type.Object({ text: Type.String(), of: Type.Number() }),
      migrations: [({ version, ...rest }) => ({ ...rest, of: version })],
    });
    expect(notes.read({ text: 'x', version: 12 })).toEqual({ ok: true, value: { text: 'x', of: 12 } });
    const taken = Type.Object({ text: Type.String(), version: Type.Number() });
    const make = () =>
      codec<{ text: string; version: number }>()({ format: 'test/note', schema: taken, migrations: [] });
    expect(make).toThrow('test/note cannot have a field “version” of its own');
  });

  it('says where in the document something is wrong', () => {
    expect(problemsOf({ format: 'test/tin', version: 2, name: 7, depth: '75' })).toEqual([
      { path: 'name', message: 'Expected string' },
      { path: 'depth', message: 'Expected number' },
    ]);
    expect(problemsOf({ format: 'test/tin', version: 2, name: 'deep' })![0]).toMatchObject({ path: 'depth' });
  });

  it('says so where an older version cannot be brought up', () => {
    const broken = codec<Tin>()({
      format: 'test/tin',
      schema,
      migrations: [(v0) => ({ ...v0, name: (v0.names as string[])[0] })],
    });
    const read = broken.read({ depth: 75 });
    expect(read.ok ? null : read.problems[0]!.message).toContain('It is of version 0, and cannot be brought to 1');
  });
});
