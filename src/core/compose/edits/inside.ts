import type { Design, Inside } from '../../design/design';
import { onlyUsed } from './only-used';
import { withInside, withPart, type Taken } from './parts';

/** How thick something inside a piece may be, mm. */
export const THICKNESS = { least: 1, most: 120 };

const bounded = (mm: number) => Math.min(THICKNESS.most, Math.max(THICKNESS.least, Math.round(mm * 2) / 2));

/** Something inside a piece so thick; a soak has no thickness, and what fills a ring has what is left. mm. */
export const withThickness = (design: Design, piece: string, at: number, mm: number): Design =>
  withInside(design, piece, (inside) => inside.map((i, k) => (k === at ? thick(i, bounded(mm)) : i)));

function thick(item: Inside, mm: number): Inside {
  if (item.is === 'layer' || item.is === 'insert') return { ...item, mm };
  return item.is === 'filling' ? { ...item, amount: { mm } } : item;
}

/** A layer with the soak that lies on it: what ends at its upper face. */
const layerEnd = (inside: readonly Inside[], layer: number): number => {
  let end = layer;
  while (inside[end + 1]?.is === 'soak') end++;
  return end;
};

/** Places of the layers of a piece, from the board up. */
const layersOf = (inside: readonly Inside[]): number[] => inside.flatMap((i, at) => (i.is === 'layer' ? [at] : []));

/** One gap and one layer more on top, as the uppermost are. Without two layers there is no gap to copy: the layer lies on the other. */
export function withLayerMore(design: Design, piece: string): Design {
  return withInside(design, piece, (inside) => {
    const layers = layersOf(inside);
    const top = layers.at(-1);
    if (top === undefined) return inside;
    const end = layerEnd(inside, top);
    const below = layers.at(-2);
    const gap = below === undefined ? [] : inside.slice(layerEnd(inside, below) + 1, top);
    return [...inside.slice(0, end + 1), ...gap, ...inside.slice(top, end + 1), ...inside.slice(end + 1)];
  });
}

/** Without a layer and the gap that goes with it: that below it, of the lowest that above. The last layer stays. */
function withoutLayer(design: Design, piece: string, at: number): Design {
  const changed = withInside(design, piece, (inside) => {
    const layers = layersOf(inside);
    const n = layers.indexOf(at);
    if (n < 0 || layers.length < 2) return inside;
    const end = layerEnd(inside, at);
    const from = n === 0 ? at : layerEnd(inside, layers[n - 1]!) + 1;
    const until = n === 0 ? layers[1]! - 1 : end;
    return [...inside.slice(0, from), ...inside.slice(until + 1)];
  });
  return onlyUsed(changed);
}

/** Without one thing: a filling, a soak, an insert. A layer goes with its gap. */
export function withoutInside(design: Design, piece: string, at: number): Design {
  const item = design.pieces.find((p) => p.key === piece)?.inside[at];
  if (!item) return design;
  if (item.is === 'layer') return withoutLayer(design, piece, at);
  return onlyUsed(withInside(design, piece, (inside) => inside.filter((_, k) => k !== at)));
}

/** A second thing in the same gap, right above another one. mm. */
export function withFillingAbove(design: Design, piece: string, at: number, by: Taken, mm = 5): Design {
  const { design: known, role } = withPart(design, 'filling', by);
  return withInside(known, piece, (inside) => [
    ...inside.slice(0, at + 1),
    { is: 'filling', role, amount: { mm } },
    ...inside.slice(at + 1),
  ]);
}

/** A soak on a layer, by its kind's figure. */
export function withSoak(design: Design, piece: string, at: number, by: Taken, kind: 'butter' | 'foam'): Design {
  const { design: known, role } = withPart(design, 'soak', by);
  return withInside(known, piece, (inside) => [
    ...inside.slice(0, at + 1),
    { is: 'soak', role, amount: { kind } },
    ...inside.slice(at + 1),
  ]);
}

/** A firm ring around a filling that would run, of a part of the cake; null takes it away. */
export const withDam = (design: Design, piece: string, at: number, role: string | null): Design =>
  onlyUsed(
    withInside(design, piece, (inside) =>
      inside.map((i, k) => {
        if (k !== at || i.is !== 'filling') return i;
        const plain: Inside = { is: 'filling', role: i.role, amount: i.amount };
        return role === null ? plain : { ...plain, dam: role };
      }),
    ),
  );
