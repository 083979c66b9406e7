import type { Block } from './block';
import { blockOf, stageKey } from './block-of';
import type { Design, DesignBlock } from './design';
import { liesSaid } from './lies-said';
import { waitsOf } from './order-of-work';
import { routesOf } from './routes';
import { builds, piecesOf, usesOf } from './uses';
import type { Stage, Work } from './work';

/**
 * What a design asks to be done. Throws if it names a block that the kitchen has not: `problemsOf` says so in words. Everything that lies inside a
 * piece goes in where it is built, unless a block names it.
 */
export function compile(design: Design, library: ReadonlyMap<string, Block>): Work {
  const { uses, inside } = usesOf(design, library);
  const all = design.pieces.map((_, i) => i);
  const stages = design.blocks.flatMap((b) => stagesOf(b, design, library, uses));
  const { ringHold } = design;
  const holds = design.blocks.flatMap((b) => holdOf(b, design, library) ?? []);
  return {
    ...{ design, uses, inside, stages },
    waits: waitsOf(design, library),
    holds: ringHold ? [{ ...ringHold, pieces: all }] : holds,
    routes: routesOf(design, library),
  };
}

/** What a block holds its pieces in: until its last stage, or where it has only one until they are lifted out. */
function holdOf(placed: DesignBlock, design: Design, library: ReadonlyMap<string, Block>) {
  const block = blockOf(placed, library);
  if (!block.holds) return undefined;
  const pieces = piecesOf(placed, design, library);
  const lifts = (b: DesignBlock) =>
    library.get(b.block)?.kind === 'lift' && piecesOf(b, design, library).some((p) => pieces.includes(p));
  const until =
    block.stages.length > 1 ? stageKey(placed, block, block.stages.at(-1)!.key) : design.blocks.find(lifts)?.key;
  return { from: placed.key, until: until ?? placed.key, pieces };
}

function stagesOf(
  placed: DesignBlock,
  design: Design,
  library: ReadonlyMap<string, Block>,
  uses: Work['uses'],
): Stage[] {
  const block = blockOf(placed, library);
  const pieces = piecesOf(placed, design, library);
  const inside = builds(placed, library) ? uses.filter((u) => u.at === placed.key).map((u) => u.role) : [];
  const takes = [...new Set([...placed.takes.map((t) => t.role), ...inside])];
  const lies = liesSaid(placed, design);
  return block.stages.map((stage, i): Stage => ({
    ...stage,
    ...(i === 0 && lies.length > 0 && { how: [stage.how, ...lies].filter((s) => s !== '').join(' ') }),
    ...{ key: stageKey(placed, block, stage.key), pieces, takes: i === 0 ? takes : [] },
    ...(placed.when && { when: placed.when }),
  }));
}
