/** A box on the vertical axis, in pixels. */
export interface Box {
  top: number;
  bottom: number;
}

export interface Lane {
  /** Which lane, from the left, of how many share the width here. */
  lane: number;
  of: number;
}

/**
 * Gives boxes that overlap lanes side by side: the greedy colouring of an interval graph, cluster by cluster, so that a
 * box that stands alone keeps the whole width.
 */
export function lanes(boxes: Box[]): Lane[] {
  const order = boxes
    .map((_, i) => i)
    .sort((a, b) => boxes[a]!.top - boxes[b]!.top || boxes[b]!.bottom - boxes[a]!.bottom);
  const result: Lane[] = boxes.map(() => ({ lane: 0, of: 1 }));
  let cluster: number[] = [];
  let ends: number[] = [];
  let clusterEnd = -Infinity;
  const close = () => {
    for (const i of cluster) result[i]!.of = ends.length;
    cluster = [];
    ends = [];
  };
  for (const i of order) {
    const { top, bottom } = boxes[i]!;
    if (top >= clusterEnd) close();
    let lane = ends.findIndex((end) => end <= top);
    if (lane < 0) lane = ends.length;
    ends[lane] = bottom;
    result[i]!.lane = lane;
    cluster.push(i);
    clusterEnd = Math.max(clusterEnd, bottom);
  }
  close();
  return result;
}
