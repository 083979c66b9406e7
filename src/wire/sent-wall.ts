import type { LadderView, RailView, RungView } from '@/server/ladder/ladder-view';
import type { OvenView } from '@/server/wall/strips-view';
import type { WallView } from '@/server/wall/wall-view';
import { fromColumns, toColumns, type Columns } from './columns';

/** Which of a list that is sent as one belong to the same owner: its number in the list of owners. */
type Owned<T> = T & { of: number };
const LONG = ['rungs', 'rails', 'components', 'leans'] as const;
type Long = (typeof LONG)[number];
type Load = OvenView['loads'][number];

/** A wall as it is sent: its long lists as columns. */
export interface SentWall extends Omit<WallView, 'ladders' | 'ovens' | 'pinches' | 'things'> {
  ladders: Columns<Omit<LadderView, Long>>;
  rungs: Columns<Owned<RungView>>;
  rails: Columns<Owned<RailView>>;
  components: Columns<Owned<LadderView['components'][number]>>;
  leans: Columns<Owned<LadderView['leans'][number]>>;
  ovens: Omit<OvenView, 'loads'>[];
  loads: Columns<Owned<Load>>;
  pinches: Columns<WallView['pinches'][number]>;
  things: Columns<WallView['things'][number]>;
}

export function sentWall({ ladders, ovens, pinches, things, ...rest }: WallView): SentWall {
  return {
    ...rest,
    pinches: toColumns(pinches),
    things: toColumns(things),
    ladders: toColumns(ladders.map((l) => without(l, LONG))),
    rungs: owned(ladders.map((l) => l.rungs)),
    rails: owned(ladders.map((l) => l.rails)),
    components: owned(ladders.map((l) => l.components)),
    leans: owned(ladders.map((l) => l.leans)),
    ovens: ovens.map((o) => without(o, ['loads'])),
    loads: owned(ovens.map((o) => o.loads)),
  };
}

export function readWall(sent: SentWall): WallView {
  const { ladders, rungs, rails, components, leans, ovens, loads, pinches, things, ...rest } = sent;
  const heads = fromColumns(ladders);
  const ofLadder = {
    rungs: byOwner(rungs, heads.length),
    rails: byOwner(rails, heads.length),
    components: byOwner(components, heads.length),
    leans: byOwner(leans, heads.length),
  };
  const ofOven = byOwner(loads, ovens.length);
  return {
    ...rest,
    pinches: fromColumns(pinches),
    things: fromColumns(things),
    ladders: heads.map((head, i) => ({
      ...head,
      ...{ rungs: ofLadder.rungs[i]!, rails: ofLadder.rails[i]! },
      ...{ components: ofLadder.components[i]!, leans: ofLadder.leans[i]! },
    })),
    ovens: ovens.map((oven, i) => ({ ...oven, loads: ofOven[i]! })),
  };
}

function owned<T extends object>(lists: T[][]): Columns<Owned<T>> {
  return toColumns(lists.flatMap((list, of) => list.map((x) => ({ ...x, of }))));
}

function byOwner<T extends object>(columns: Columns<Owned<T>>, owners: number): T[][] {
  const lists = Array.from({ length: owners }, (): T[] => []);
  for (const { of, ...x } of fromColumns(columns)) lists[of]!.push(x as unknown as T);
  return lists;
}

function without<T extends object, K extends keyof T>(whole: T, keys: readonly K[]): Omit<T, K> {
  const rest = { ...whole };
  for (const key of keys) delete rest[key];
  return rest;
}
