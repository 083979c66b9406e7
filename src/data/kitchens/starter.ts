import type { Build } from '../../core/design/build';
import type { Block } from '../../core/design/block';
import type { Formula, Ingredient } from '../../core/formula/formula';
import { nothingKnown, readKitchenFile } from '../../core/kitchen-file/read';
import type { KitchenFile } from '../../core/kitchen-file/shape';
import type { KeptIngredient } from '../../core/kitchen/kept-ingredient';
import { blockCodec } from '../../core/stored/block';
import { buildCodec } from '../../core/stored/build';
import { formulaCodec } from '../../core/stored/formula';
import { REGISTERS } from '../../core/stored/registers';
import { readStored } from '../stored';
import blocks from './blocks.json' with { type: 'json' };
import starter from './starter.json' with { type: 'json' };

/** What can be done to a cake, by its id. */
export const starterBlocks: ReadonlyMap<string, Block> = new Map(
  blocks.map(({ id, ...b }) => [id, { id, ...readStored(blockCodec, id, b) }]),
);

/** A file that ships with the program; it was tested, so that one that cannot be read is a fault of ours. */
export function shipped(raw: unknown): KitchenFile {
  const read = readKitchenFile(raw, nothingKnown(starterBlocks));
  if (!read.ok) throw new Error(read.problems.map((p) => `${p.path}: ${p.message}`).join(' '));
  return read.file;
}

/** The starter library. */
export const starterFile = shipped(starter);

export const starterFormulas: Formula[] = starterFile.formulas!.map((f) =>
  readStored(formulaCodec, f.id, f.versions[0]!.body),
);
export const starterBuilds: Build[] = starterFile.builds!.map((b) => readStored(buildCodec, b.id, b.body));
export const starterIngredients: (Ingredient & KeptIngredient)[] = starterFile.ingredients!.map((i) => ({
  id: i.id,
  ...readStored(REGISTERS.ingredients, i.id, i.body),
}));
