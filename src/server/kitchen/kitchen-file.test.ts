import type { Design } from '../../core/design/design';
import { fc, runs } from '../../core/testing/chance';
import JSZip from 'jszip';
import { kitchenIdOf } from '../../core/ids/ids';
import { anyKitchen } from '../../core/kitchen-file/testing/any-kitchen';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import { openKitchenOfFew } from '../testing/demo-kitchen';
import type { KitchenDb } from '../../data/kitchen-db';

let db: KitchenDb;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await openKitchenOfFew());
}, 240_000);
afterAll(() => close());

const files = () => import('./kitchen-file');
const openKitchen = async (id: string) => (await (await import('../shared/open-kitchen')).openKitchen(id))!;
const bytesOf = (file: unknown) => new TextEncoder().encode(JSON.stringify(file));

/** The demo as a file, with a change in it. */
async function demoFile(change: (file: KitchenFile) => void = () => undefined): Promise<KitchenFile> {
  const { kitchenFileOf } = await files();
  const file = structuredClone(await kitchenFileOf(db));
  change(file);
  return file;
}

describe('a kitchen file', () => {
  it('taken out, brought in and taken out again is the same, plans and what was told included', async () => {
    const { exportKitchen, importAsKitchen, kitchenFileOf } = await files();
    const { content } = await exportKitchen(db, {});
    const made = await importAsKitchen(content as Uint8Array, null);
    if (!made.ok) throw new Error(JSON.stringify(made));
    const copy = await kitchenFileOf(await openKitchen(made.kitchen));
    const own = await kitchenFileOf(db);
    // Two kitchens of one name could not be told apart.
    expect({ ...copy.kitchen, name: own.kitchen!.name }).toEqual(own.kitchen);
    expect(copy.kitchen!.name).toBe('Quillfennel Bakehouse (2)');
    expect({ ...copy, kitchen: null }).toEqual({ ...own, kitchen: null });
    expect(own.orders!.length).toBeGreaterThan(60);
    expect(own.events!.length).toBeGreaterThan(1000);
    expect(own.plans!.length).toBeGreaterThan(0);
  });

  it('gives the same problem, byte for byte, and the same plan made anew from it', async () => {
    const { exportKitchen, importAsKitchen } = await files();
    const { loadSituation } = await import('../situation/load-situation');
    const { problemOf } = await import('../../core/situation/problem-of');
    const { runPlanningJob } = await import('../../workers/planning-job');
    const json = (await exportKitchen(db, { as: 'json' })).content as string;
    const copied = await importAsKitchen(new TextEncoder().encode(json), null);
    if (!copied.ok) throw new Error(JSON.stringify(copied));
    const problems = [];
    for (const one of [db, await openKitchen(copied.kitchen)]) {
      const situation = (await loadSituation(one))!;
      problems.push(problemOf({ ...situation, minute: 5000 }).problem);
    }
    expect(JSON.stringify(problems[1])).toBe(JSON.stringify(problems[0]));
    const plans = problems.map((problem) => {
      const answer = runPlanningJob({ problem, before: null, seconds: 1e6, rounds: 3 }, () => 0);
      if (!answer.ok) throw new Error('no plan');
      return JSON.stringify(answer.plan);
    });
    expect(plans[1]).toBe(plans[0]);
  });

  it('with times as days after an anchor comes in at another day, by the clock on the wall', async () => {
    const { kitchenFileOf, importAsKitchen } = await files();
    const file = await kitchenFileOf(db, undefined, '2027-05-20');
    const first = file.orders!.find((o) => o.state === 'open')!;
    expect(first.pickup).toMatch(/^[+-]\d+ \d\d:\d\d$/);
    const made = await importAsKitchen(bytesOf(file), '2027-06-17');
    if (!made.ok) throw new Error(JSON.stringify(made));
    const later = await kitchenFileOf(await openKitchen(made.kitchen));
    const was = Date.parse((await kitchenFileOf(db)).orders!.find((o) => o.id === first.id)!.pickup);
    const is = Date.parse(later.orders!.find((o) => o.id === first.id)!.pickup);
    expect((is - was) / 86_400_000).toBe(28);
  });

  it('is looked into before anything is taken: what is new, what is the same, what is another here', async () => {
    const { lookInto } = await files();
    const file = await demoFile((f) => {
      f.formulas![0]!.versions[0]!.body.story = 'Another story.';
      f.ingredients!.push({ id: 'quinoa', body: { ...f.ingredients![0]!.body, name: 'Quinoa' } });
    });
    const looked = await lookInto(bytesOf(file), db, null);
    if (!looked.ok) throw new Error(looked.message);
    const not = looked.found.records!.filter((r) => r.is !== 'same');
    expect(not.map((r) => `${r.section} ${r.id} ${r.is}`)).toEqual([
      'ingredients quinoa new',
      `formulas ${file.formulas![0]!.id} changed`,
    ]);
    expect((await demoFile()).ingredients!.some((i) => i.id === 'quinoa')).toBe(false);
  });

  it('is taken in parts: new records, and in the place of others only those that were chosen', async () => {
    const { importInto } = await files();
    const [first, second] = (await demoFile()).formulas!;
    const file = await demoFile((f) => {
      f.formulas![0]!.versions[0]!.body.story = 'Another story.';
      f.formulas![1]!.versions[0]!.body.story = 'Left alone.';
      f.ingredients!.push({ id: 'amaranth', body: { ...f.ingredients![0]!.body, name: 'Amaranth' } });
    });
    const nothing = await importInto(db, bytesOf(file), { sections: [], replace: [] }, null);
    expect(nothing).toMatchObject({ ok: false, message: expect.stringContaining('Nothing of this file') });
    const taken = await importInto(
      db,
      bytesOf(file),
      { sections: ['formulas', 'ingredients'], replace: [`formulas ${first!.id}`] },
      null,
    );
    expect(taken).toMatchObject({ ok: true, taken: 2 });
    const after = await demoFile();
    const formula = (id: string) => after.formulas!.find((f) => f.id === id)!;
    expect(
      formula(first!.id)
        .versions.map((v) => v.body.story)
        .slice(0, 1),
    ).toEqual(['Another story.']);
    expect(formula(first!.id).versions.length).toBe(first!.versions.length + 1);
    expect(formula(second!.id).versions).toEqual(second!.versions);
    expect(after.ingredients!.at(-1)).toMatchObject({ id: 'amaranth' });
  });

  it('that changes a build leaves the orders that were taken as they were, also those of before orders had designs', async () => {
    const { importInto } = await files();
    const { loadSituation } = await import('../situation/load-situation');
    const before = (await loadSituation(db))!;
    const old = before.orders.find((o) => !o.design && !o.kept && o.build === 'walnut-ganache')!;
    const was = before.breakdowns.get(old.id)!;
    const file = await demoFile((f) => {
      const build = f.builds!.find((b) => b.id === old.build)!;
      const { design } = build.body as unknown as { design: Design };
      build.body = {
        ...build.body,
        design: { ...design, pieces: design.pieces.map((p) => ({ ...p, inside: p.inside.slice(0, 1) })) },
      };
    });
    const taken = await importInto(db, bytesOf(file), { sections: ['builds'], replace: [`builds ${old.build}`] }, null);
    expect(taken).toMatchObject({ ok: true });
    const after = (await loadSituation(db))!;
    const now = after.orders.find((o) => o.id === old.id)!;
    expect(now.design!.pieces[0]!.inside.length).toBeGreaterThan(1);
    expect(after.breakdowns.get(old.id)!.components.map((c) => [c.role, c.amount.grams])).toEqual(
      was.components.map((c) => [c.role, c.amount.grams]),
    );
    expect(after.kitchen.builds.get(old.build)!.design.pieces[0]!.inside).toHaveLength(1);
  });

  it('orders whose numbers are taken get free ones, through what was told and what is under way', async () => {
    const { importInto } = await files();
    const before = await demoFile();
    const begun = before.work!.find((w) => w.owner.startsWith('o'))!;
    const number = Number(begun.owner.slice(1));
    const file = await demoFile((f) => {
      f.orders = f
        .orders!.filter((o) => o.id === number)
        .map((o) => ({
          ...o,
          ...{ title: 'Came from elsewhere', createdAt: '2027-05-01T10:00:00.000Z' },
        }));
      f.batches = [];
      f.work = f.work!.filter((w) => w.owner === begun.owner);
      f.events = f.events!.filter((e) => e.owner === begun.owner);
      f.plans = [];
    });
    const taken = await importInto(db, bytesOf(file), { sections: ['orders'], replace: [] }, null);
    expect(taken).toMatchObject({ ok: true, taken: 1 });
    const after = await demoFile();
    const came = after.orders!.find((o) => o.title === 'Came from elsewhere')!;
    expect(before.orders!.some((o) => o.id === came.id)).toBe(false);
    const told = after.events!.filter((e) => e.owner === `o${came.id}`);
    expect(told).toHaveLength(file.events!.length);
    expect(told.filter((e) => !((e.body as { step?: string }).step?.startsWith(`o${came.id}.`) ?? true))).toEqual([]);
    const work = JSON.stringify(after.work!.find((w) => w.owner === `o${came.id}`)!.body);
    expect(work).toContain(`"o${came.id}.`);
    expect(work).not.toContain(`"o${number}.`);
    // The same order, changed since, is not taken a second time.
    const again = await demoFile((f) => {
      f.orders = f.orders!.filter((o) => o.id === number).map((o) => ({ ...o, title: 'Another title' }));
      f.batches = [];
      f.plans = [];
    });
    expect(await importInto(db, bytesOf(again), { sections: ['orders'], replace: [] }, null)).toMatchObject({
      ok: false,
    });
    // Its steps are in the plan, and what was told of them counts.
    const { loadSituation } = await import('../situation/load-situation');
    const states = (await loadSituation(db))!.states;
    expect([...states.keys()].filter((s) => s.startsWith(`o${came.id}.`)).length).toBeGreaterThan(0);
  }, 120_000);

  it('of another kitchen comes in whole, whatever numbers its things need here, and a second time changes nothing', async () => {
    const { importInto, kitchenFileOf, lookInto } = await files();
    const { makeKitchen } = await import('./new-kitchen');
    const { demoFile: demo } = await import('../../data/kitchens/demo');
    const { starterFile } = await import('../../data/kitchens/starter');
    const made = await makeKitchen({
      ...{ name: 'Beside the mill', zone: 'Europe/London', country: 'metric', decimal: 'point' },
      ...{ weight: 'g', temperature: 'C', length: 'cm' },
    });
    if (!made.ok) throw new Error(JSON.stringify(made));
    const other = await openKitchen(made.kitchen);
    const all = {
      sections: ['people', 'items', 'ingredients', 'formulas', 'builds', 'orders', 'batches'],
      replace: [],
    };
    expect(await importInto(other, bytesOf(starterFile), all, null)).toMatchObject({ ok: true });
    // An order of its own has the number of one that comes.
    const first = structuredClone(demo);
    first.orders = first.orders!.slice(0, 1).map((o) => ({ ...o, title: 'Was here before', createdAt: '-51 11:00' }));
    first.events = [];
    first.batches = [];
    expect(await importInto(other, bytesOf(first), { ...all, sections: ['orders'] }, null)).toMatchObject({ ok: true });
    const taken = await importInto(other, bytesOf(demo), all, null);
    expect(taken).toMatchObject({ ok: true });
    const after = await kitchenFileOf(other);
    expect(after.orders!).toHaveLength(demo.orders!.length + 1);
    expect(new Set(after.orders!.map((o) => o.title)).size).toBe(
      new Set([...demo.orders!.map((o) => o.title), 'Was here before']).size,
    );
    const told = after.events!.filter((e) => e.order !== null || e.owner !== null);
    expect(told).toHaveLength(demo.events!.length);
    const looked = await lookInto(bytesOf(demo), other, null);
    if (!looked.ok) throw new Error(JSON.stringify(looked));
    const orders = looked.found.records!.filter((r) => r.section === 'orders');
    expect(orders.filter((r) => r.is !== 'same')).toEqual([]);
    expect(await importInto(other, bytesOf(demo), all, null)).toMatchObject({
      ok: false,
      message: expect.stringContaining('all of it is here already'),
    });
    expect(await kitchenFileOf(other)).toEqual(after);
  }, 120_000);

  it('of any made-up kitchen comes in and goes out as it was', async () => {
    const { kitchenFileOf } = await files();
    const { insertFile } = await import('./insert-file');
    let n = 0;
    await fc.assert(
      fc.asyncProperty(anyKitchen, async (file) => {
        const kitchen = kitchenIdOf(`any-${++n}`)!;
        const own = { kitchen, name: file.kitchen!.name, date: null, now: db.now };
        expect(await insertFile(db.rows, file, own)).toBe(true);
        expect(await kitchenFileOf({ ...db, kitchen })).toEqual(JSON.parse(JSON.stringify(file)));
      }),
      runs(10, 200),
    );
  }, 240_000);

  it('that is none, or damaged, is refused with its place and in words', async () => {
    const { lookInto } = await files();
    const look = async (bytes: Uint8Array) => {
      const looked = await lookInto(bytes, null, null);
      return looked.ok ? null : { message: looked.message, fields: looked.fields ?? {} };
    };
    const text = (s: string) => new TextEncoder().encode(s);
    expect(await look(text('{"format": "zest-ladder/kit'))).toMatchObject({
      message: expect.stringContaining('ends early'),
    });
    expect(await look(new Uint8Array([0xff, 0xfe, 0xfd]))).toMatchObject({
      message: expect.stringContaining('not text'),
    });
    expect((await look(text('[]')))!.fields).toEqual({ file: 'This is no kitchen file: it must be a JSON object.' });
    expect((await look(text('{"format":"zest-ladder/kitchen","version":7}')))!.fields.version).toContain(
      'newer program',
    );
    const zip = new JSZip().file('kitchen.json', JSON.stringify(await demoFile()));
    const bytes = await zip.generateAsync({ type: 'uint8array', compression: 'DEFLATE' });
    expect(await look(bytes.slice(0, bytes.length / 2))).toMatchObject({ message: expect.stringContaining('damaged') });
    const turned = bytes.slice();
    turned[2000]! ^= 0xff;
    expect(await look(turned)).toMatchObject({ message: expect.stringContaining('damaged') });
    const other = await new JSZip().file('readme.txt', 'x').generateAsync({ type: 'uint8array' });
    expect(await look(other)).toMatchObject({ message: expect.stringContaining('kitchen.json') });
    // 60 MB of nothing in 60 kB.
    const bomb = new JSZip().file('kitchen.json', new Uint8Array(60_000_000).fill(32));
    const small = await bomb.generateAsync({ type: 'uint8array', compression: 'DEFLATE' });
    expect(small.length).toBeLessThan(400_000);
    expect(await look(small)).toMatchObject({ message: 'What is in this zip is larger than 40 MB.' });
    const wrong = async (change: (f: KitchenFile) => void) => (await look(bytesOf(await demoFile(change))))!.fields;
    expect(await wrong((f) => void (f.orders![3]!.pickup = 'soon'))).toHaveProperty(['orders.3.pickup']);
    expect(await wrong((f) => void (f.orders![2]!.build = 'nothing'))).toEqual({
      'orders.2.build': 'There is no build “nothing”, neither in the file nor in the kitchen.',
    });
    expect(await wrong((f) => void (f.people![0]!.body = { ...f.people![0]!.body, skills: 'all' }))).toHaveProperty([
      'people.0.body.skills',
    ]);
    expect(await wrong((f) => void f.items!.push(f.items![0]!))).toHaveProperty([
      `items.${(await demoFile()).items!.length}`,
    ]);
    expect(await wrong((f) => void (f.kitchen!.zone = 'Moon/Sea'))).toHaveProperty(['kitchen.zone']);
  });

  it('is asked through the network by its address, and sent as it is', async () => {
    const { KITCHEN_UPLOAD } = await import('./kitchen-doors');
    const { answerUpload } = await import('../shared/http');
    const post = answerUpload('kitchen-file', KITCHEN_UPLOAD);
    const send = async (query: string, body: Uint8Array, headers: Record<string, string> = {}) => {
      const response = await post(
        new Request(`http://localhost/api/kitchen-file?${query}`, {
          method: 'POST',
          body: body as never,
          headers: {
            ...{ 'content-type': 'application/octet-stream', host: 'localhost', origin: 'http://localhost' },
            ...headers,
          },
        }),
      );
      return [response.status, (await response.json()) as Record<string, unknown>] as const;
    };
    const file = bytesOf(await demoFile());
    expect((await send('do=look&into=demo', file))[1]).toMatchObject({
      ok: true,
      found: { name: 'Quillfennel Bakehouse' },
    });
    expect((await send('do=eat', file))[0]).toBe(422);
    expect((await send('do=look&into=nobody', file))[1]).toMatchObject({ ok: false });
    expect((await send('do=look', file, { 'content-type': 'text/plain' }))[0]).toBe(415);
    expect((await send('do=look', file, { origin: 'https://elsewhere.example' }))[0]).toBe(403);
    // A program has no page that vouches for it: it shows the server’s key.
    const { serverKey } = await import('../../data/folder-lock');
    const asProgram = (authorization: string) =>
      post(
        new Request('http://localhost/api/kitchen-file?do=look', {
          method: 'POST',
          body: file as never,
          headers: { 'content-type': 'application/octet-stream', host: 'localhost', authorization },
        }),
      );
    expect((await asProgram('Bearer something')).status).toBe(403);
    expect((await asProgram(`Bearer ${serverKey()}`)).status).toBe(200);
  });
});
