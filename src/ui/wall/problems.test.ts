import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import { inTurn, nextRungs, problemsOf } from './problems';

const rung = (step: string, start: number, by: string[], state: RungView['state'] = 'planned'): RungView => ({
  ...{ step, name: step, start, end: start + 20, role: null, work: 'build', shared: false },
  ...{ who: by.map((id) => ({ id, initials: id })), items: [], state, pinned: false, given: false },
});
const ladder = (order: number, status: LadderView['status'], rungs: RungView[], decides: string | null = null) =>
  ({ order, status, rungs, decides, pickup: 900 }) as LadderView;
const holds = { state: 'holds', spare: 60, overdue: null } as const;
const late = { state: 'misses', late: 25, reason: null } as const;

describe('what needs a look', () => {
  it('are late and tight cakes where it is decided, and what should have begun, the earliest first', () => {
    const found = problemsOf([
      ladder(1, late, [rung('fill', 300, ['bo']), rung('box', 880, ['bo'])], 'fill'),
      ladder(2, holds, [rung('pipe', 200, ['ada'])]),
      ladder(3, holds, [rung('whip', 100, ['ada'], 'overdue')]),
      ladder(4, { ...late, late: 5 }, []),
    ]);
    expect(found).toEqual([
      { order: 3, step: 'whip', minute: 100 },
      { order: 1, step: 'fill', minute: 300 },
      { order: 4, step: null, minute: 900 },
    ]);
  });

  it('is gone through in turn, from either end', () => {
    expect([inTurn(-1, 1, 3), inTurn(0, 1, 3), inTurn(2, 1, 3)]).toEqual([0, 1, 0]);
    expect([inTurn(-1, -1, 3), inTurn(0, -1, 3), inTurn(2, -1, 3)]).toEqual([2, 2, 1]);
  });

  it('is next for each, whatever is done, runs, or is far', () => {
    const next = nextRungs(
      [
        ladder(1, holds, [
          rung('a', 10, ['bo'], 'done'),
          rung('b', 30, ['bo'], 'running'),
          rung('c', 60, ['bo', 'ada']),
        ]),
        ladder(2, holds, [rung('d', 50, ['ada']), rung('e', 90, ['bo']), rung('f', 5000, ['wim'])]),
      ],
      30,
    );
    expect([...next].sort()).toEqual(['c', 'd']);
  });
});
