import { sideOf, type CutPiece, type CutPut } from './cut-piece';

/** Where one thing is drawn: the middle of its foot, from the middle of the piece's foot, y upwards negative. mm */
interface At {
  x: number;
  y: number;
}

/** No more of one thing is drawn than can be told apart. */
const MOST = 60;
/** No more than this is a few. */
const FEW = 14;
/** What lies scattered lies apart by this angle, as seeds of a sunflower do. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/**
 * Where what is put on a piece is seen when it is cut through its middle: the half in front is away, so that what lies around the rim is seen behind
 * the cut, closer together at its ends; what stands around the foot only beside it.
 */
export function placesOf(put: CutPut, piece: CutPiece): At[] {
  const { size } = put;
  const [nth, of] = put.turn ? [put.turn.nth, put.turn.of] : [0, 1];
  const count = Math.min(MOST, put.count);
  const each = Array.from({ length: count }, (_, k) => k);
  const wall = piece.width / 2 + sideOf(piece);
  const reach = Math.max(0, topReach(piece) - size / 2);
  const top = -piece.height;
  switch (put.where) {
    case 'rim':
      return each
        .map((k) => (2 * Math.PI * (k + nth / of)) / count)
        .filter((angle) => Math.sin(angle) > -0.01)
        .map((angle) => ({ x: reach * Math.cos(angle), y: top }));
    case 'top':
      // A few would look as if they lay on one side: half of them, side by side.
      return count <= FEW
        ? spreadOver(Math.ceil(count / 2), 0.85 * reach).map((x) => ({ x, y: top }))
        : each
            .filter((k) => Math.sin(k * GOLDEN) >= 0)
            .map((k) => ({ x: reach * Math.sqrt((k + 0.5) / count) * Math.cos(k * GOLDEN), y: top }));
    case 'middle':
      return row(Math.min(count, 5), size).map((x) => ({ x, y: top }));
    case 'spot': {
      const about = 0.7 * reach * Math.sin(((put.hour ?? 12) * Math.PI) / 6);
      return row(Math.min(count, 5), size * 0.8).map((x) => ({ x: about + x, y: top }));
    }
    case 'side':
      return onWalls(count).map(([side, share]) => ({ x: side * (wall + size * 0.2), y: -share * piece.height }));
    case 'foot':
      return onWalls(Math.min(count, 2)).map(([side]) => ({ x: side * (wall + size / 2), y: 0 }));
  }
}

/** How far from its middle something can lie on top of a piece: a roof, a roll and a dome have only their highest line. mm */
export const topReach = (piece: CutPiece): number =>
  ['house', 'roll', 'half-sphere'].includes(piece.form.form) ? piece.width * 0.12 : piece.width / 2 + sideOf(piece);

/** So many from one end to the other. */
const spreadOver = (count: number, reach: number): number[] =>
  Array.from({ length: count }, (_, k) => (count === 1 ? 0 : -reach + (2 * reach * k) / (count - 1)));

/** So many beside one another, about 0. */
const row = (count: number, apart: number): number[] =>
  Array.from({ length: count }, (_, k) => (k - (count - 1) / 2) * apart);

/** On the right wall and on the left in turn, at most three on each: which wall, and how high on it. */
const onWalls = (count: number): [-1 | 1, number][] => {
  const rows = Math.min(3, Math.ceil(count / 2));
  return Array.from({ length: Math.min(count, 6) }, (_, k) => [k % 2 === 0 ? 1 : -1, (Math.floor(k / 2) + 0.5) / rows]);
};

/** How far what is put on a piece stands above it. mm */
export const aboveOf = (piece: Pick<CutPiece, 'put' | 'height'>): number =>
  (piece.put ?? []).reduce((most, p) => {
    if (p.as === 'plates') return Math.max(most, p.tall - piece.height);
    return p.where === 'foot' || p.where === 'side' || p.as === 'drops' ? most : Math.max(most, p.tall);
  }, 0);

/** How far what is put on it reaches beyond its wall. mm */
export const besideOf = ({ put = [] }: Pick<CutPiece, 'put'>): number =>
  put.reduce((most, p) => {
    if (p.as === 'plates' || p.as === 'drops') return Math.max(most, p.size);
    return p.where === 'foot' || p.where === 'side' ? Math.max(most, p.size) : most;
  }, 0);
