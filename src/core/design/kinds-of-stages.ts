import type { Block } from './block';
import { blockOf, stageKey } from './block-of';
import type { Design } from './design';
import type { BlockKind } from './kinds/kind';

/** What kind of work each stage of a design is, by the stage's key, and whether it writes what the cake says. */
export function kindsOfStages(
  design: Design,
  library: ReadonlyMap<string, Block>,
): Map<string, { kind: BlockKind; inscribes: boolean }> {
  return new Map(
    design.blocks.flatMap((placed) => {
      const block = blockOf(placed, library);
      return block.stages.map((s) => [
        stageKey(placed, block, s.key),
        { kind: block.kind, inscribes: s.inscribes === true },
      ]);
    }),
  );
}
