import type { Design, Inside } from '../../design/design';
import type { Place } from '../place';
import { withInside } from './parts';

type Soak = Extract<Inside, { is: 'soak' }>;
type SoakAmount = Soak['amount'];

/** The soak in a place; null of all else. */
export function soakAt(design: Design, place: Place): Soak | null {
  if (place.on !== 'inside') return null;
  const item = design.pieces.find((p) => p.key === place.piece)?.inside[place.at];
  return item?.is === 'soak' ? item : null;
}

/** The same soak with another amount: by its kind's figure for each cm², in grams, as a share of its batch, or the rest of it. */
export const withSoakAmount = (design: Design, place: Place, amount: SoakAmount): Design =>
  withSoakAs(design, place, (soak) => ({ ...soak, amount }));

/** So many faces of the layer under it are soaked. */
export const withFaces = (design: Design, place: Place, faces: 1 | 2): Design =>
  withSoakAs(design, place, ({ faces: before, ...soak }) => {
    void before;
    return faces === 1 ? soak : { ...soak, faces };
  });

function withSoakAs(design: Design, place: Place, edit: (soak: Soak) => Soak): Design {
  if (place.on !== 'inside') return design;
  return withInside(design, place.piece, (inside) =>
    inside.map((i, at) => (at === place.at && i.is === 'soak' ? edit(i) : i)),
  );
}
