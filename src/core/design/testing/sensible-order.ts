import type { Block } from '../block';
import type { DesignBlock } from '../design';
import { KINDS } from '../kinds/kinds';

/** The same blocks in a sensible order: by what their kinds are, those of one kind as they were. */
export function inSensibleOrder(blocks: readonly DesignBlock[], library: ReadonlyMap<string, Block>): DesignBlock[] {
  const rank = (b: DesignBlock) => {
    const kind = library.get(b.block)?.kind;
    return kind ? KINDS[kind].rank : 0;
  };
  return [...blocks].sort((a, b) => rank(a) - rank(b));
}
