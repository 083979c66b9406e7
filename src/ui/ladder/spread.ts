import type { Box } from './lanes';

/**
 * Moves boxes apart so far that none overlaps the next, each as little as may be: neighbours that meet share the move
 * (pool adjacent violators, for equal weights). Returns the new tops, in the order given.
 */
export function spread(boxes: Box[]): number[] {
  const order = boxes.map((_, i) => i).sort((a, b) => middle(boxes[a]!) - middle(boxes[b]!));
  const pools: { members: number[]; height: number; wanted: number }[] = [];
  for (const i of order) {
    const { top, bottom } = boxes[i]!;
    let pool = { members: [i], height: bottom - top, wanted: top };
    for (
      let last = pools[pools.length - 1];
      last && last.wanted + last.height > pool.wanted;
      last = pools[pools.length - 1]
    ) {
      pools.pop();
      const count = last.members.length + pool.members.length;
      // Where the joined pool would like to start: the mean of what its members would like, each seen from its place in it.
      const wanted = (last.wanted * last.members.length + (pool.wanted - last.height) * pool.members.length) / count;
      pool = { members: [...last.members, ...pool.members], height: last.height + pool.height, wanted };
    }
    pools.push(pool);
  }
  const tops: number[] = boxes.map((b) => b.top);
  for (const pool of pools) {
    let top = pool.wanted;
    for (const i of pool.members) {
      tops[i] = top;
      top += boxes[i]!.bottom - boxes[i]!.top;
    }
  }
  return tops;
}

const middle = (b: Box) => (b.top + b.bottom) / 2;
