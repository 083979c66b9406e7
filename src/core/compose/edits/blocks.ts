import type { AmountRule } from '../../design/amount-rule';
import type { Block, BlockStage } from '../../design/block';
import type { Design, DesignBlock } from '../../design/design';
import type { Lies } from '../../design/lies';
import { KINDS } from '../../design/kinds/kinds';
import { freeKey, onlyUsed } from './only-used';
import { withPart, type Taken } from './parts';

type Library = ReadonlyMap<string, Block>;

/**
 * A design whose work follows what its blocks say: a kitchen that told all waits of a build itself told them for the work that it had then, and not
 * for more. What a stage of one rung says of itself stays.
 */
export function asBlocksSay(design: Design, library: Library): Design {
  if (!design.waits && !design.blocks.some((b) => b.ownStages)) return design;
  const { waits, ringHold, routes, ...plain } = design;
  void [waits, ringHold, routes];
  const blocks = design.blocks.map((b) => ownRung(b, library));
  return { ...plain, blocks: blocks.filter((b) => !isLiftedAlready(b, blocks, library)) };
}

/** Of work that lifts its own ring as the library has it: a rung that lifts the ring once more, and does nothing else. */
function isLiftedAlready(placed: DesignBlock, blocks: readonly DesignBlock[], library: Library): boolean {
  if (library.get(placed.block)?.kind !== 'lift' || placed.takes.length > 0) return false;
  return blocks.some((b) => {
    const block = library.get(b.block);
    const lifts = block?.holds !== undefined && (b.ownStages ?? block.stages).length > 1;
    return lifts && (!b.pieces || !placed.pieces || placed.pieces.every((p) => b.pieces!.includes(p)));
  });
}

function ownRung(placed: DesignBlock, library: Library): DesignBlock {
  // Ways of doing it were the build's own as well.
  const { ownStages, when, ...plain } = placed;
  void when;
  const [only, ...more] = ownStages ?? [];
  const kind = library.get(placed.block)?.kind;
  // A rung of the kitchen's own that puts several kinds of things on stays one.
  if (ownStages && kind && placed.takes.some((t) => t.amount && !KINDS[kind].takes.includes(t.amount.rule)))
    return { ...plain, ownStages };
  if (!only || more.length > 0 || (library.get(placed.block)?.stages.length ?? 0) !== 1) return plain;
  const { key, ...stage }: BlockStage = only;
  void key;
  return { ...plain, stage: { ...stage, ...placed.stage } };
}

/** A block more, after all that by its kind comes before it, with a part where it takes one. The others stay in the order that they have. */
export function withBlock(
  design: Design,
  block: Block,
  library: Library,
  take?: { by: Taken; amount: AmountRule; lies?: Lies | null },
): Design {
  const { design: known, role } = take ? withPart(design, block.kind, take.by) : { design, role: '' };
  const key = freeKey(
    block.stages[0]?.key ?? block.id,
    known.blocks.map((b) => b.key),
  );
  const added: DesignBlock = {
    ...{ key, block: block.id },
    takes: take ? [{ role, amount: take.amount, ...(take.lies && { lies: take.lies }) }] : [],
  };
  const rank = KINDS[block.kind].rank;
  const before = known.blocks.findLastIndex((b) => (rankOf(b, library) ?? 0) <= rank);
  const blocks = [...known.blocks.slice(0, before + 1), added, ...known.blocks.slice(before + 1)];
  return asBlocksSay({ ...known, blocks }, library);
}

function rankOf(placed: DesignBlock, library: Library): number | undefined {
  const kind = library.get(placed.block)?.kind;
  return kind && KINDS[kind].rank;
}

/** Without a block of work, and without what it alone took. */
export const withoutBlock = (design: Design, key: string, library: Library): Design =>
  onlyUsed(asBlocksSay({ ...design, blocks: design.blocks.filter((b) => b.key !== key) }, library));

/** A block earlier or later by one; what that would do is told by `wrongOrders`. */
export function withBlockMoved(design: Design, key: string, by: -1 | 1, library: Library): Design {
  const from = design.blocks.findIndex((b) => b.key === key);
  const to = from + by;
  if (from < 0 || to < 0 || to >= design.blocks.length) return design;
  const blocks = [...design.blocks];
  const [moved] = blocks.splice(from, 1);
  blocks.splice(to, 0, moved!);
  return asBlocksSay({ ...design, blocks }, library);
}

/** How much a block takes of one of its parts. */
export const withAmount = (design: Design, key: string, take: number, amount: AmountRule): Design => ({
  ...design,
  blocks: design.blocks.map((b) =>
    b.key === key ? { ...b, takes: b.takes.map((t, at) => (at === take ? { ...t, amount } : t)) } : b,
  ),
});

/** A block on these pieces only; all of them is on the whole cake. */
export function withBlockOn(design: Design, key: string, pieces: readonly string[]): Design {
  const all = design.pieces.every((p) => pieces.includes(p.key));
  return {
    ...design,
    blocks: design.blocks.map((b) => {
      if (b.key !== key) return b;
      const { pieces: before, ...rest } = b;
      void before;
      return all ? rest : { ...rest, pieces: [...pieces] };
    }),
  };
}

/** What the bench reads at a block besides what it takes: where things go, how many, alternating with what. Empty is what the library says. */
export const withHow = (design: Design, key: string, how: string): Design =>
  withStage(design, key, { how: how === '' ? undefined : how });

/** How long the first work of a block takes by the library and its place in the design, and whether somebody has set it for this cake. */
export function minutesAt(
  design: Design,
  key: string,
  library: Library,
): { likely: number; usual: number; byHand: boolean } | null {
  const placed = design.blocks.find((b) => b.key === key);
  const usual = placed && (placed.ownStages ?? library.get(placed.block)?.stages)?.[0]?.minutes;
  if (!usual) return null;
  const own = placed.stage?.minutes;
  return { likely: (own ?? usual).likely, usual: usual.likely, byHand: own !== undefined };
}

/**
 * How long the first work of a block takes on this cake, likely minutes; the least and the most are as far from it as they are from the usual ones.
 * Null is as usual again.
 */
export function withMinutes(design: Design, key: string, likely: number | null, library: Library): Design {
  const placed = design.blocks.find((b) => b.key === key);
  const usual = placed && (placed.ownStages ?? library.get(placed.block)?.stages)?.[0]?.minutes;
  if (!usual) return design;
  if (likely === null) return withStage(design, key, { minutes: undefined });
  const by = usual.likely > 0 ? likely / usual.likely : 1;
  const scaled = (minutes: number) => Math.round(minutes * by * 10) / 10;
  const minutes = {
    ...usual,
    low: Math.min(likely, scaled(usual.low)),
    likely,
    high: Math.max(likely, scaled(usual.high)),
  };
  return withStage(design, key, { minutes });
}

/** What is otherwise here in the first stage of a block; what is undefined is as the library says. */
function withStage(
  design: Design,
  key: string,
  change: { [K in keyof BlockStage]?: BlockStage[K] | undefined },
): Design {
  return {
    ...design,
    blocks: design.blocks.map((b) => {
      if (b.key !== key) return b;
      const { stage: was, ...rest } = b;
      const all = Object.entries({ ...was, ...change }).filter(([, value]) => value !== undefined);
      return all.length > 0 ? { ...rest, stage: Object.fromEntries(all) } : rest;
    }),
  };
}
