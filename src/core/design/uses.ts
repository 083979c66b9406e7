import type { Block } from './block';
import type { Design, DesignBlock, Inside, Piece } from './design';
import { isOfBatch, type Measure } from './measure';
import { KINDS } from './kinds/kinds';
import type { Use, UseRule, Work } from './work';

/**
 * All uses of the parts of a design: what lies inside its pieces, alike things together, then what its blocks take. What is alike is one use:
 * the same part, by the same rule, at the same stage.
 */
export function usesOf(design: Design, library: ReadonlyMap<string, Block>): Pick<Work, 'uses' | 'inside'> {
  const uses: Use[] = [];
  const put = (use: Use): number => {
    const same = uses.findIndex((u) => alike(u, use));
    if (same < 0) return uses.push(use) - 1;
    const known = uses[same]!;
    known.pieces = [...new Set([...known.pieces, ...use.pieces])];
    return same;
  };
  const inside = design.pieces.map((piece, at) =>
    piece.inside.map((item) => {
      const stage = stageOf(item.role, item.is, piece, design, library);
      const use = put({ role: item.role, at: stage, pieces: [at], rule: ruleOf(item) });
      const dam = item.is === 'filling' && item.dam !== undefined ? item.dam : null;
      return {
        use,
        dam: dam === null ? null : put({ role: dam, at: stage, pieces: [at], rule: { rule: 'dam' } }),
      };
    }),
  );
  for (const block of design.blocks) {
    const pieces = piecesOf(block, design, library);
    for (const { role, amount, use: name } of block.takes) {
      if (!amount) continue;
      const onto = library.get(block.block)?.kind === 'topping' ? layersOf(design, pieces) : undefined;
      uses.push({
        ...{ role, at: onto === undefined ? block.key : null, pieces, rule: amount },
        ...(name !== undefined && { name }),
        ...(onto !== undefined && { into: onto }),
      });
    }
  }
  return { uses, inside };
}

/**
 * Places of the pieces that a block works on: those that it names; else what builds works on all that have an inside, and all other work on the
 * pieces that are not cut up for others.
 */
export function piecesOf(block: DesignBlock, design: Design, library: ReadonlyMap<string, Block>): number[] {
  const { pieces } = design;
  const all = pieces.map((_, i) => i);
  if (block.pieces) return all.filter((i) => block.pieces!.includes(pieces[i]!.key));
  if (builds(block, library)) return all.filter((i) => pieces[i]!.inside.length > 0);
  return all.filter((i) => !pieces.some((p) => p.madeOf?.pieces.includes(pieces[i]!.key)));
}

/** Each share of a batch, and each weight, is its own; what is told by its thickness adds up. */
const alike = (a: Use, b: Use) =>
  !isDivided(measureOf(a)) &&
  a.role === b.role &&
  a.at === b.at &&
  a.name === b.name &&
  JSON.stringify(a.rule) === JSON.stringify(b.rule);

const isDivided = (measure: Measure | undefined) =>
  measure !== undefined && (isOfBatch(measure) || (typeof measure === 'object' && 'grams' in measure));

/** How a use says its amount, where it says it by itself. */
export function measureOf({ rule }: Pick<Use, 'rule'>): Measure | undefined {
  if (rule.rule === 'coat' || rule.rule === 'spread on top') return rule.thickness;
  if (rule.rule === 'filling' || rule.rule === 'of the batch') return rule.amount;
  return rule.rule === 'soak' && !(typeof rule.amount === 'object' && 'kind' in rule.amount) ? rule.amount : undefined;
}

function ruleOf(item: Inside): UseRule {
  switch (item.is) {
    case 'layer':
      return { rule: 'layers' };
    case 'soak':
      return { rule: 'soak', amount: item.amount, ...(item.faces !== undefined && { faces: item.faces }) };
    case 'filling':
      return { rule: 'filling', amount: item.amount, dammed: item.dam !== undefined };
    case 'insert':
      return { rule: 'insert', mm: item.mm, inset: item.inset };
    case 'rest':
      return { rule: 'rest' };
  }
}

/**
 * The stage at which something inside a piece goes in: of the blocks on that piece that name its part without an amount, the last for layers, as
 * they are levelled before they are stacked, and the first for all else; where none names it, the one that builds the piece.
 */
function stageOf(
  role: string,
  is: Inside['is'],
  piece: Piece,
  design: Design,
  library: ReadonlyMap<string, Block>,
): string | null {
  const on = design.blocks.filter((b) => !b.pieces || b.pieces.includes(piece.key));
  const named = on.filter((b) => b.takes.some((t) => t.role === role && !t.amount));
  const own = is === 'layer' ? named.at(-1) : named[0];
  return (own ?? on.find((b) => builds(b, library)))?.key ?? null;
}

/** Does a block make a piece of what lies inside it? */
export function builds(block: DesignBlock, library: ReadonlyMap<string, Block>): boolean {
  const kind = library.get(block.block)?.kind;
  return kind !== undefined && KINDS[kind].builds === true;
}

/** The part that the layers of these pieces are made of. */
const layersOf = (design: Design, pieces: readonly number[]): string | undefined =>
  pieces.flatMap((p) => design.pieces[p]!.inside).find((i) => i.is === 'layer')?.role;
