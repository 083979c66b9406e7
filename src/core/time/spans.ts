/** Union of spans, sorted; spans that touch become one. */
export function mergeSpans(spans: Span[]): Span[] {
  const merged: Span[] = [];
  for (const [start, end] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = merged[merged.length - 1];
    if (last && start <= last[1]) last[1] = Math.max(last[1], end);
    else merged.push([start, end]);
  }
  return merged;
}

/** Spans without what lies in others. All half-open; `spans` must be sorted and disjoint. */
export function without(spans: Span[], cuts: Span[]): Span[] {
  return cuts.reduce<Span[]>(
    (left, [from, to]) =>
      left.flatMap(([start, end]): Span[] =>
        to <= start || from >= end
          ? [[start, end]]
          : [...(from > start ? [[start, from] as Span] : []), ...(to < end ? [[to, end] as Span] : [])],
      ),
    spans,
  );
}

/** `[start, end)` in minutes after the origin. */
export type Span = [start: number, end: number];
