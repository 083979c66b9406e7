import type { PGlite } from '@electric-sql/pglite';
import { kitchenIdOf, stageStepId, orderId } from '../../core/ids/ids';
import { undoable } from '../../core/steering/edit-history';
import { editFor, invertEdit } from '../../core/steering/plan-edit';
import { openClient } from '../database';
import type { KitchenDb } from '../kitchen-db';
import { restoreDump } from '../testing/restore-dump';
import { appendEdit, readEdits } from './edits';
import { appendEvents, type NewEvent } from './events';
import { readWorkLog } from './work-log';

let client: PGlite;
let db: KitchenDb;
const at = new Date('2027-05-21T08:00:00Z');
beforeAll(async () => {
  client = await restoreDump(0);
  const { db: rows } = await openClient(client);
  db = { kitchen: kitchenIdOf('demo')!, rows, now: () => at };
});
afterAll(() => client.close());

const snapshots = async () =>
  (await client.query<{ of: string; up_to: number }>('select of, up_to from snapshots order by of')).rows;
/** Makes what was told before an event unreadable. */
const spoilBefore = (event: number, kinds: string[]) =>
  client.query(`update events set body = '{"format": "none", "version": 99}' where id <= $1 and kind = any($2)`, [
    event,
    kinds,
  ]);

describe('histories that grow for ever', () => {
  it('edits come to the same from a snapshot as from all of them, and can be undone across it', async () => {
    for (let i = 1; i <= 120; i++) {
      const { adjustments } = await readEdits(db);
      const edit = editFor(adjustments, [{ kind: 'more', key: `item ${i % 7}`, to: 1 + (i % 20) }]);
      await appendEdit(db, at, { edit, undoes: null, before: i });
    }
    const history = await readEdits(db);
    expect(history.done.map((m) => m.before)).toEqual(Array.from({ length: 120 }, (_, i) => i + 1));
    expect(history.adjustments.more['item 1']).toBe(1 + (120 % 20));
    const [taken] = await snapshots();
    expect(taken?.of).toBe('zest-ladder/edit-history');
    // Two of them have been taken; what is before the last is not read any more.
    expect(history.done.filter((m) => m.id <= taken!.up_to)).toHaveLength(100);
    await spoilBefore(taken!.up_to, ['plan edit']);
    expect(await readEdits(db)).toEqual(history);
    for (let i = 0; i < 30; i++) {
      const { undo } = undoable(await readEdits(db));
      await appendEdit(db, at, { edit: invertEdit(undo!.edit), undoes: undo!.id, before: 200 + i });
    }
    const after = await readEdits(db);
    expect([after.done.length, after.undone.length]).toEqual([90, 30]);
    expect(undoable(after).undo!.before).toBe(90);
  });

  it('how long steps took comes to the same from a snapshot as from all that was told', async () => {
    const clock = { origin: '2027-05-21T00:00:00.000Z', zone: 'UTC' };
    const minute = (m: number) => new Date(Date.parse(clock.origin) + m * 60_000);
    const told = (nth: number): NewEvent[] => {
      const step = stageStepId(orderId(1), `s${nth}`);
      const body = { step, people: [], equipment: [] };
      return [
        { at: minute(nth), kind: 'start', order: 1, body },
        {
          at: minute(nth + 10 + (nth % 3)),
          kind: 'finish',
          order: 1,
          body: { step, name: `Work ${nth % 40}`, likely: 10 },
        },
      ];
    };
    await appendEvents(db, Array.from({ length: 600 }, (_, i) => told(i)).flat());
    const first = await readWorkLog(db, clock);
    expect(first.done).toHaveLength(600);
    expect(first.done.at(-1)).toMatchObject({ name: 'Work 39', likely: 10, took: 12 });
    const taken = (await snapshots()).find((s) => s.of === 'zest-ladder/work-log')!;
    await spoilBefore(taken.up_to, ['start', 'finish', 'extend', 'take back']);
    expect(await readWorkLog(db, clock)).toEqual(first);
    await appendEvents(db, told(601));
    expect((await readWorkLog(db, clock)).done).toHaveLength(601);
  });
});
