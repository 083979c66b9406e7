import type { Design } from '../design/design';
import { fc, runs } from '../testing/chance';
import { starterBlocks, starterFile } from '../../data/kitchens/starter';
import { demoFile } from '../../data/kitchens/demo';
import { REGISTERS } from '../stored/registers';
import { compareFiles } from './compare';
import { instantOf, writeInstant } from './instants';
import { movedTo } from './move-days';
import { nothingKnown, readKitchenFile } from './read';
import type { KitchenFile } from './shape';
import { anyKitchen } from './testing/any-kitchen';
import { fileText } from './write';

/** What no field is meant to hold. */
const MALFORMED: unknown[] = [
  ...[
    null,
    true,
    0,
    -1,
    0.5,
    1e308,
    2_147_483_648,
    '',
    ' ',
    'x',
    '\0',
    '\ud800',
    '__proto__',
    '2027-13-45',
    '+1 25:00',
  ],
  ...[[], {}, [null], [[[]]], { format: 1 }, { format: 'zest-ladder/person', version: 99 }, 'a'.repeat(10_000)],
];

const known = nothingKnown(starterBlocks);

describe('a kitchen file', () => {
  it('of whatever kitchen is read as it was written', () => {
    fc.assert(
      fc.property(anyKitchen, (file) => {
        const read = readKitchenFile(JSON.parse(fileText(file)), known);
        expect(read).toEqual({ ok: true, file: JSON.parse(JSON.stringify(file)) });
        expect(fileText((read as { file: KitchenFile }).file)).toBe(fileText(file));
      }),
      runs(20, 60),
    );
  });

  it('in which anything stands that should not is refused with its place, or read: it never ends otherwise', () => {
    const [first] = fc.sample(anyKitchen, { numRuns: 1, seed: 7 });
    const small = { ...first!, formulas: starterFile.formulas!.slice(0, 2), builds: [], orders: [], events: [] };
    const paths: (string | number)[][] = [];
    const walk = (value: unknown, path: (string | number)[]) => {
      if (path.length > 0) paths.push(path);
      if (typeof value !== 'object' || value === null) return;
      for (const [k, v] of Object.entries(value)) walk(v, [...path, Array.isArray(value) ? Number(k) : k]);
    };
    walk(small, []);
    fc.assert(
      fc.property(fc.constantFrom(...paths), fc.constantFrom(...MALFORMED), (path, value) => {
        const file = structuredClone(small) as unknown as Record<string | number, unknown>;
        let at = file;
        for (const key of path.slice(0, -1)) at = at[key] as typeof at;
        at[path.at(-1)!] = value;
        const read = readKitchenFile(file, known);
        if (read.ok) return;
        expect(read.problems.length).toBeGreaterThan(0);
        for (const p of read.problems) expect(p.message.length).toBeGreaterThan(3);
      }),
      runs(150, 1500),
    );
  });

  it('nested beyond all reason is refused at once', () => {
    let deep: unknown = 1;
    for (let i = 0; i < 5000; i++) deep = { deep };
    const read = readKitchenFile({ ...starterFile, deep }, known);
    expect(read).toMatchObject({ ok: false, problems: [{ message: 'It is nested deeper than any kitchen.' }] });
  });

  it('says of each record whether it is new, the same, or another than what is there', () => {
    const changed = structuredClone(starterFile);
    changed.formulas![0]!.versions[0]!.body.story = 'Another.';
    changed.formulas![0]!.versions[0]!.savedAt = '2029-01-01T00:00:00Z';
    changed.builds = changed.builds!.slice(1).map((b) => ({ ...b, version: 9 }));
    const found = compareFiles(starterFile, changed).filter((r) => r.is !== 'same');
    expect(found.map((r) => `${r.section} ${r.is}`)).toEqual(['formulas changed', 'builds new']);
  });
});

describe('times of a file', () => {
  const anchor = { date: '2027-03-27', zone: 'Europe/London' };
  it('are instants, or so many days after an anchor by the clock on the wall, over its changes too', () => {
    expect(instantOf('2027-05-20T09:40:00+02:00', null)?.toISOString()).toBe('2027-05-20T07:40:00.000Z');
    expect(instantOf('+0 09:00', anchor)?.toISOString()).toBe('2027-03-27T09:00:00.000Z');
    expect(instantOf('+1 09:00', anchor)?.toISOString()).toBe('2027-03-28T08:00:00.000Z');
    expect(instantOf('-3 23:59:30', anchor)?.toISOString()).toBe('2027-03-24T23:59:30.000Z');
    for (const text of ['2027-05-20T09:40:00', '2027-05-20', 'soon', '+1 25:00', '1 09:00', ''])
      expect(instantOf(text, anchor)).toBeNull();
    expect(instantOf('+1 09:00', null)).toBeNull();
  });
  it('are written and read back, to the second', () => {
    fc.assert(
      fc.property(fc.date({ min: new Date('2026-01-01'), max: new Date('2029-01-01'), noInvalidDate: true }), (d) => {
        const second = new Date(Math.floor(d.getTime() / 1000) * 1000);
        expect(instantOf(writeInstant(second, null), null)).toEqual(second);
        const back = instantOf(writeInstant(second, anchor), anchor)!;
        // Of an hour that comes twice the first is meant.
        expect([0, 3_600_000]).toContain(Math.abs(back.getTime() - second.getTime()));
      }),
    );
  });
});

describe('a file at another day', () => {
  it('moves everything that names a day or a weekday, and comes back as it was', () => {
    const moved = movedTo(demoFile, '2027-05-24');
    const ines = (file: KitchenFile) => {
      const read = REGISTERS.people.read(file.people![0]!.body);
      if (!read.ok) throw new Error('not read');
      return read.value.weekly.map((s) => s.weekday);
    };
    // Four days later: Thursday is Monday.
    expect(ines(moved)).toEqual(ines(demoFile).map((d) => ((d + 3) % 7) + 1));
    expect(movedTo(moved, demoFile.anchor!)).toEqual(demoFile);
    fc.assert(
      fc.property(anyKitchen, fc.integer({ min: 1, max: 60 }), (file, days) => {
        const own = { ...file, anchor: '2027-05-20' };
        const there = movedTo(own, `2027-0${days > 27 ? 7 : 6}-${`${(days % 27) + 1}`.padStart(2, '0')}`);
        const back = movedTo(there, '2027-05-20');
        const sortedDays = (f: KitchenFile) =>
          JSON.stringify(f, (k, v: unknown) => (k === 'weekdays' ? [...(v as number[])].sort() : v));
        expect(sortedDays(back)).toBe(sortedDays(own));
      }),
      runs(15, 30),
    );
  });
});

describe('a build in a file', () => {
  const withBuild = (change: (design: Design) => Design) => {
    const file = structuredClone(starterFile);
    const body = file.builds![0]!.body as unknown as { design: Design };
    body.design = change(body.design);
    const read = readKitchenFile(JSON.parse(JSON.stringify(file)), known);
    return read.ok ? [] : read.problems;
  };
  it('is taken as it ships', () => expect(withBuild((d) => d)).toEqual([]));
  it('brings blocks of its own, which its builds are made with', () => {
    const { id: shipped, ...block } = [...starterBlocks.values()][0]!;
    void shipped;
    const file = JSON.parse(JSON.stringify(starterFile)) as KitchenFile;
    const design = (file.builds![0]!.body as unknown as { design: Design }).design;
    design.blocks[0] = { ...design.blocks[0]!, block: 'our-own' };
    expect(readKitchenFile(file, known).ok).toBe(false);
    const body = (of: object) => REGISTERS.blocks.write(of as never);
    file.blocks = [{ id: 'our-own', body: body({ ...block, name: 'Our own way' }) }];
    expect(readKitchenFile(file, known)).toMatchObject({ ok: true, file: { blocks: [{ id: 'our-own' }] } });
    file.blocks = [{ id: 'our-own', body: body({ ...block, stages: [] }) }];
    expect(readKitchenFile(file, known)).toMatchObject({
      ok: false,
      problems: [{ path: 'blocks.0.body.stages', message: 'It needs at least one stage of work.' }],
    });
  });

  it('that no kitchen could make is refused at its place: what is not there, and what it is cut from', () => {
    const [block, ...others] = starterFile.builds!.map((b) => (b.body as unknown as { design: Design }).design)[0]!
      .blocks;
    expect(withBuild((d) => ({ ...d, blocks: [{ ...block!, block: 'levitate' }, ...others] }))).toEqual([
      { path: 'builds.0.body.design.blocks.0.block', message: 'There is no block “levitate”.' },
    ]);
    const madeOf = { pieces: ['nowhere'], height: 50 };
    expect(withBuild((d) => ({ ...d, pieces: d.pieces.map((p) => ({ ...p, madeOf })) }))).toEqual([
      { path: 'builds.0.body.design.pieces.0.madeOf', message: 'There is no piece “nowhere” to cut it from.' },
    ]);
  });
});
