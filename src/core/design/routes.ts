import type { Block, Route } from './block';
import type { Design } from './design';

/** The ways of a design among which the plan or the order chooses: its own, and those of its blocks by their keys. */
export function routesOf(design: Design, library: ReadonlyMap<string, Block>): Route[] {
  return [
    ...(design.routes ?? []),
    ...design.blocks.flatMap(({ key, block, ownStages }) => {
      const route = ownStages ? undefined : library.get(block)?.route;
      return route ? [{ ...route, key }] : [];
    }),
  ];
}
