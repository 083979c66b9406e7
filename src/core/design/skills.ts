import type { Block } from './block';
import { blockOf } from './block-of';
import type { Design } from './design';

/** The skills that the work of a design asks for, each once; a block that is not there asks for none. */
export const skillsOfWork = (design: Design, library: ReadonlyMap<string, Block>): string[] => [
  ...new Set(
    design.blocks
      .filter((b) => library.has(b.block))
      .flatMap((b) => blockOf(b, library).stages.flatMap((s) => s.skill ?? [])),
  ),
];
