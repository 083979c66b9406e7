import type { Block } from '../design/block';
import type { Design, DesignBlock, Piece } from '../design/design';
import { stacksOf } from '../shape/stacks';
import { say } from '../words/say';
import type { Place } from './place';

/** What a piece is called: by its own name, by where it stands, or by its number. */
export function pieceCalled(key: string, { pieces }: Design): string {
  const piece = pieces.find((p) => p.key === key);
  if (!piece) return '';
  if (piece.name) return piece.name;
  const eaten = pieces.filter((p) => !pieces.some((x) => x.madeOf?.pieces.includes(p.key)));
  if (eaten.length < 2 || !eaten.includes(piece)) return pieces.length < 2 ? say`The cake` : numbered(piece, pieces);
  const stack = stacksOf(eaten, (p) => p.form).find((s) => s.includes(piece))!;
  if (stack.length < 2) return numbered(piece, pieces);
  const high = stack.indexOf(piece);
  if (high === 0) return say`Lower tier`;
  if (high === stack.length - 1) return say`Upper tier`;
  return stack.length === 3 ? say`Middle tier` : say`Tier ${high + 1}`;
}

const numbered = (piece: Piece, pieces: readonly Piece[]) =>
  pieces.some((p) => p.madeOf) ? say`Piece ${pieces.indexOf(piece) + 1}` : say`Cake ${pieces.indexOf(piece) + 1}`;

/** What a place inside a piece is called: "layer 2", "gap 1". */
export function insideCalled({ piece, at }: Extract<Place, { on: 'inside' }>, design: Design): string {
  const inside = design.pieces.find((p) => p.key === piece)?.inside ?? [];
  const item = inside[at];
  const before = inside.slice(0, at + 1);
  const layers = before.filter((i) => i.is === 'layer').length;
  switch (item?.is) {
    case 'layer':
      return say`layer ${layers}`;
    case 'soak':
      return say`soak on layer ${layers}`;
    case 'filling':
      return layers === 0 ? say`under the first layer` : say`gap ${layers}`;
    case 'insert':
      return say`insert`;
    case 'rest':
      return say`what fills it up`;
    case undefined:
      return '';
  }
}

/** What a block of work is called; parts that it is named after stand in brackets in its rung, and are left out here. */
export function blockCalled(placed: DesignBlock, library: ReadonlyMap<string, Block>): string {
  const name = placed.stage?.name ?? placed.ownStages?.[0]?.name ?? library.get(placed.block)?.name ?? placed.block;
  return name.replace(/\[[^:\]]*:([^\]]*)\]/g, '$1');
}
