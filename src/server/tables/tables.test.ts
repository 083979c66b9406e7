import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';
import type { KitchenDb } from '../../data/kitchen-db';

let db: KitchenDb;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await openKitchenOfFew());
}, 240_000);
afterAll(() => close());

type Name = 'people' | 'tins' | 'ingredients' | 'formulas' | 'orders' | 'log';
const csv = async (name: Name, template = false) => {
  const { tableFile } = await import('./tables');
  return (await tableFile(db, name, template))!.content as string;
};
const look = async (table: Name, text: string) => {
  const answer = await sendTo('look-into-table', { table, text });
  return answer.ok
    ? (answer as unknown as { lines: { line: number; name: string; is: string; detail: string }[] }).lines
    : [];
};
const sections = async () => (await (await import('../kitchen/kitchen-sections')).loadKitchenSections(db))!;

describe('tables of the kitchen', () => {
  it.each(['people', 'tins', 'ingredients'] as const)('%s that go out come back as they are here', async (name) => {
    const lines = await look(name, await csv(name));
    expect(lines.length).toBeGreaterThanOrEqual(5);
    expect(lines.filter((l) => l.is !== 'same')).toEqual([]);
    expect(await sendTo('take-table', { table: name, text: await csv(name) })).toMatchObject({ ok: false });
  });

  it.each(['people', 'tins', 'ingredients', 'log'] as const)(
    '%s have a template that can be brought in',
    async (name) => {
      const lines = await look(name, await csv(name, true));
      expect(lines.map((l) => l.is).filter((is) => is !== 'new')).toEqual([]);
      expect(lines.length).toBeGreaterThan(0);
    },
  );

  it('change and add people, all lines or none, and can be put back', async () => {
    const wrong = 'name;overtime;tuesday\nBo;30;\nNela;lots;6-14\n';
    expect(await look('people', wrong)).toMatchObject([
      { line: 2, name: 'Bo', is: 'changed', detail: 'overtime' },
      { line: 3, name: 'Nela', is: 'wrong', detail: expect.stringContaining('overtime') },
    ]);
    expect(await sendTo('take-table', { table: 'people', text: wrong, sure: true })).toMatchObject({
      ok: false,
      fields: { 3: expect.stringContaining('overtime') },
    });
    const before = await sections();
    const text = 'name\tovertime\tskills\tthursday\nBo\t75\t\t\nNela\t\tmix; bake (learning)\t6-14\n';
    const bo = before.people.find((p) => p.name === 'Bo')!;
    // Without the columns of skills and hours only what stands there changes.
    expect(await sendTo('take-table', { table: 'people', text: 'name,overtime\nBo,75\n' })).toMatchObject({
      ok: true,
      taken: 1,
    });
    expect((await sections()).people.find((p) => p.name === 'Bo')).toMatchObject({
      overtime: 75,
      skills: bo.skills,
      weekly: bo.weekly,
    });
    expect(await look('people', text)).toMatchObject([{ is: 'changed' }, { is: 'new' }]);
    const nela = 'name\tskills\tthursday\nNela\tmix; bake (learning)\t6-14\nNela\t\t\n';
    expect(await look('people', nela)).toMatchObject([
      { is: 'new' },
      { is: 'wrong', detail: expect.stringContaining('Line 2') },
    ]);
    expect(
      await sendTo('take-table', { table: 'people', text: nela.split('\n').slice(0, 2).join('\n') }),
    ).toMatchObject({ ok: true, planned: true });
    expect((await sections()).people.find((p) => p.name === 'Nela')).toMatchObject({
      ...{
        initials: 'NE',
        skills: [
          { name: 'mix', pace: 1 },
          { name: 'bake', pace: 1.6 },
        ],
      },
      weekly: [{ weekday: 4, start: '06:00', end: '14:00', breaks: [] }],
    });
  });

  it('ask first where open orders leave later by them', async () => {
    const rows = (await csv('people')).split('\r\n');
    const week = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];
    const names = (await sections()).people.filter((p) => p.retiredAt === null).map((p) => p.name);
    expect(rows[0]).toContain('monday');
    const nobody = `name,${week.join(',')}\n${names.map((n) => `${n},,,,,,,`).join('\n')}`;
    expect(await sendTo('take-table', { table: 'people', text: nobody })).toMatchObject({ ok: false, asks: 'sure' });
  });

  it('take orders that are new, and leave those that are here', async () => {
    const out = await csv('orders');
    expect((await look('orders', out)).filter((l) => l.is !== 'left out')).toEqual([]);
    const build = out.split('\r\n')[1]!.split(',')[5]!;
    const head = 'title,customer,pickup,portions,build\n';
    const later = `Weir club,Ada Weir,2027-05-26 12:00,12,${build}\n`;
    expect(await look('orders', `${head}${later}Late,Ada,2027-05-01 12:00,12,${build}\n`)).toMatchObject([
      { is: 'new' },
      { is: 'wrong', detail: expect.stringContaining('pickup') },
    ]);
    expect(await sendTo('take-table', { table: 'orders', text: head + later })).toMatchObject({
      ok: true,
      taken: 1,
      planned: true,
    });
    expect(await look('orders', head + later)).toMatchObject([{ is: 'left out', detail: 'is here already' }]);
  });

  it('bring in how long steps took elsewhere, and plan with it', async () => {
    const { readWorkLog } = await import('../../data/repositories/work-log');
    const { loadKitchen } = await import('../situation/load-kitchen');
    const { pacesOf } = await import('../../core/records/pace');
    const { clock } = (await loadKitchen(db))!;
    const out = await csv('log');
    expect((await look('log', out)).filter((l) => l.is !== 'left out')).toEqual([]);
    expect(out.split('\r\n').filter((l) => /,finish,.*,\d+,\d+$/.test(l)).length).toBeGreaterThan(20);
    const lines = Array.from({ length: 8 }, (_, i) => `2026-03-0${i + 1} 09:00,Fold the clouds,20,${24 + i}`);
    const text = `when,step,planned,took\n${lines.join('\n')}`;
    expect(await sendTo('take-table', { table: 'log', text })).toMatchObject({ ok: true, taken: 8 });
    const paces = pacesOf((await readWorkLog(db, clock)).done);
    expect(paces['Fold the clouds']).toEqual([1.2, 1.25, 1.3, 1.35, 1.4, 1.45, 1.5, 1.55]);
    expect(await look('log', `when,step,planned,took\n2028-01-01 10:00,X,5,6`)).toMatchObject([{ is: 'wrong' }]);
    expect((await look('log', text)).map((l) => l.is)).toEqual(Array(8).fill('left out'));
  });

  it('are refused where they are none', async () => {
    const refused = async (table: Name, text: string) => await sendTo('look-into-table', { table, text });
    expect(await refused('tins', 'a;b\n1;2')).toMatchObject({ message: expect.stringContaining('name the columns') });
    expect(await refused('tins', 'tin;colour\nround 20;red')).toMatchObject({
      message: expect.stringContaining('colour'),
    });
    expect(await refused('tins', 'tin\n\n')).toMatchObject({ message: expect.stringContaining('no line') });
    expect(await refused('formulas', 'kind,name\nformula,x')).toMatchObject({ ok: false });
    expect(await refused('tins', `tin\n${'round 20\n'.repeat(2001)}`)).toMatchObject({
      message: expect.stringContaining('2000'),
    });
  });

  it('give formulas that the import of recipes reads', async () => {
    const { readRecipeFile } = await import('../formulas/formulas');
    const read = await readRecipeFile(db, 'formulas.csv', await csv('formulas'), 'metric');
    expect(read.ok && read.recipes.length).toBeGreaterThan(20);
    const template = await readRecipeFile(db, 'formulas.csv', await csv('formulas', true), 'metric');
    expect(template.ok && template.recipes.map((r) => r.form.name)).toEqual(['Plum filling']);
  });
});
