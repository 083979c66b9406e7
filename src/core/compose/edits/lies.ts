import type { BlockTake, Design } from '../../design/design';
import type { Lies } from '../../design/lies';
import type { Texture } from '../../design/texture';

/** Where what a block takes lies; null is where it is usually found. */
export const withLies = (design: Design, key: string, take: number, lies: Lies | null): Design =>
  withTake(design, key, take, ({ lies: before, ...rest }) => {
    void before;
    return lies ? { ...rest, lies } : rest;
  });

/** How what a block coats with is finished; null is as the library says. */
export const withTexture = (design: Design, key: string, take: number, texture: Texture | null): Design =>
  withTake(design, key, take, ({ texture: before, ...rest }) => {
    void before;
    return texture ? { ...rest, texture } : rest;
  });

const withTake = (design: Design, key: string, take: number, edit: (t: BlockTake) => BlockTake): Design => ({
  ...design,
  blocks: design.blocks.map((b) =>
    b.key === key ? { ...b, takes: b.takes.map((t, at) => (at === take ? edit(t) : t)) } : b,
  ),
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
