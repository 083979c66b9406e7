import { Type } from '@sinclair/typebox';
import type { WorkLog } from '../records/work-log';
import type { EditHistory } from '../steering/edit-history';
import type { Adjustments, MadeEdit } from '../steering/plan-edit';
import { codec, describes } from './codec';
import { adjustments, editFields } from './plan-edit';
import { byName, list, number, optional, text } from './shapes';

const made = describes<MadeEdit>()(Type.Object({ id: number, ...editFields }));

/** What all edits up to one of them came to. */
export const editHistoryCodec = codec<EditHistory>()({
  format: 'zest-ladder/edit-history',
  schema: Type.Object({ adjustments: Type.Unsafe<Adjustments>(adjustments), done: list(made), undone: list(made) }),
  migrations: [(v0) => v0],
});

/** How long steps took, up to one event. */
export const workLogCodec = codec<WorkLog>()({
  format: 'zest-ladder/work-log',
  schema: Type.Object({
    done: list(
      Type.Object({
        name: text,
        likely: number,
        took: number,
        event: number,
        begun: number,
        step: text,
        start: number,
        ahead: optional(number),
      }),
    ),
    running: byName(Type.Object({ start: number, event: number, ahead: optional(number) })),
  }),
  migrations: [(v0) => v0],
});
