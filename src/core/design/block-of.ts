import type { Block } from './block';
import type { DesignBlock } from './design';

/** A block of the kitchen as it is in one place of a design, with what is otherwise there. Throws where the kitchen has none. */
export function blockOf(placed: DesignBlock, library: ReadonlyMap<string, Block>): Block {
  const found = library.get(placed.block);
  if (!found) throw new Error(`There is no block “${placed.block}”.`);
  const { after, stage, ownStages } = placed;
  const { between, route, holds, thaw, ...plain } = found;
  const [first, ...others] = ownStages ?? found.stages;
  return {
    ...plain,
    ...(!ownStages && {
      ...(between && { between }),
      ...(route && { route }),
      ...(holds && { holds }),
      ...(thaw && { thaw }),
    }),
    ...(after && { after }),
    stages: first ? [{ ...first, ...stage }, ...others] : [],
  };
}

/** The first stage of a block has the block's key in the design; the others add their own. */
export const stageKey = ({ key }: DesignBlock, { stages }: Block, stage: string): string =>
  stages[0]?.key === stage ? key : `${key}-${stage}`;
