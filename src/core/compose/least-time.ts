import type { Breakdown } from '../breakdown/breakdown';

/**
 * Minutes from the first hand to the hand-over, if nobody and nothing else were in the way: the longest way through steps and waits, each step as long as
 * is likely. Of a wait that differs by its route the shortest counts.
 */
export function leastTime({ steps, waits }: Pick<Breakdown, 'steps' | 'waits'>): number {
  const shortest = new Map<string, { from: string; to: string; min: number }>();
  for (const { from, to, min } of waits) {
    const key = `${from}>${to}`;
    shortest.set(key, { from, to, min: Math.min(min, shortest.get(key)?.min ?? Infinity) });
  }
  const before = new Map<string, { from: string; min: number }[]>();
  for (const w of shortest.values()) before.set(w.to, [...(before.get(w.to) ?? []), w]);
  const minutes = new Map(steps.map((s) => [s.id as string, s.minutes.likely]));
  const ends = new Map<string, number>();
  const endOf = (id: string): number => {
    const known = ends.get(id);
    if (known !== undefined) return known;
    // Against a circle, which no breakdown has.
    ends.set(id, 0);
    const start = (before.get(id) ?? [])
      .filter((w) => minutes.has(w.from))
      .reduce((most, w) => Math.max(most, endOf(w.from) + w.min), 0);
    const end = start + minutes.get(id)!;
    ends.set(id, end);
    return end;
  };
  return steps.reduce((most, s) => Math.max(most, endOf(s.id)), 0);
}
