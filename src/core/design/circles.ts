import { say } from '../words/say';
import type { Design } from './design';
import type { DesignProblem } from './design-problem';

/** What of a design needs itself before it can be reckoned: parts that draw on each other, pieces that are cut from each other. */
export function circleProblems(design: Design): DesignProblem[] {
  const { parts, pieces } = design;
  const onParts = partsNeeded(design);
  const cutFrom = new Map(pieces.map((p) => [p.key, p.madeOf?.pieces ?? []]));
  const label = (role: string) => parts.find((p) => p.role === role)?.label || role;
  const called = (key: string) => pieces.find((p) => p.key === key)?.name ?? key;
  return [
    ...parts.flatMap(({ role }, i) => {
      const way = circleFrom(role, onParts);
      return way ? [{ path: `parts.${i}`, message: say`It draws on itself: ${way.map(label).join(' → ')}.` }] : [];
    }),
    ...pieces.flatMap(({ key }, i) => {
      const way = circleFrom(key, cutFrom);
      return way
        ? [{ path: `pieces.${i}.madeOf`, message: say`It is cut from itself: ${way.map(called).join(' → ')}.` }]
        : [];
    }),
  ];
}

/** The parts whose amounts are asked for before that of each can be said. */
function partsNeeded({ parts, blocks }: Design): Map<string, string[]> {
  const needed = new Map(parts.map((p) => [p.role, p.drawsOn === undefined ? [] : [p.drawsOn]]));
  for (const { takes } of blocks)
    for (const { role, amount } of takes) {
      const of =
        amount?.rule === 'share'
          ? amount.of
          : amount?.rule === 'glue' && typeof amount.per === 'object'
            ? amount.per.piecesOf
            : undefined;
      if (of !== undefined) needed.set(role, [...(needed.get(role) ?? []), of]);
    }
  return needed;
}

/** The way from something back to itself; null where there is none. */
function circleFrom(start: string, next: ReadonlyMap<string, readonly string[]>): string[] | null {
  const seen = new Set<string>();
  const look = (at: string, way: string[]): string[] | null => {
    for (const to of next.get(at) ?? []) {
      if (to === start) return [...way, to];
      if (seen.has(to)) continue;
      seen.add(to);
      const found = look(to, [...way, to]);
      if (found) return found;
    }
    return null;
  };
  return look(start, [start]);
}
