import type { Design } from '../../design/design';
import type { Lies } from '../../design/lies';

/** Where what a block takes lies; null is where it is usually found. */
export const withLies = (design: Design, key: string, take: number, lies: Lies | null): Design => ({
  ...design,
  blocks: design.blocks.map((b) => {
    if (b.key !== key) return b;
    return {
      ...b,
      takes: b.takes.map((t, at) => {
        if (at !== take) return t;
        const { lies: before, ...rest } = t;
        void before;
        return lies ? { ...rest, lies } : rest;
      }),
    };
  }),
});

/** Without what nothing is there any more to lie in turn with. */
export function turnsKept(design: Design): Design {
  const there = new Set(design.blocks.filter((b) => b.takes.some((t) => t.amount)).map((b) => b.key));
  const lost = (lies: Lies | undefined) => lies?.inTurnWith !== undefined && !there.has(lies.inTurnWith);
  if (!design.blocks.some((b) => b.takes.some((t) => lost(t.lies)))) return design;
  return {
    ...design,
    blocks: design.blocks.map((b) => ({
      ...b,
      takes: b.takes.map((t) => {
        if (!lost(t.lies)) return t;
        const { inTurnWith, ...lies } = t.lies!;
        void inTurnWith;
        return { ...t, lies };
      }),
    })),
  };
}
