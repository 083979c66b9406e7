import type { Coat, Stratum } from '@/core/breakdown/strata/stratum';
import type { PutOn } from '@/core/compose/put-on';
import type { Texture } from '@/core/design/texture';
import type { Form } from '@/core/shape/form';

/** The colour of what something is made by, where one was chosen, and whether it is agreed yet. */
interface Looks {
  colour?: string;
  undecided?: boolean;
}

export type CutStratum = Pick<Stratum, 'kind' | 'from' | 'thickness' | 'inset' | 'until'> & Looks;
export type CutCoat = Pick<Coat, 'kind' | 'thickness' | 'side' | 'beside'> & Looks & { texture?: Texture };

/** What is put on a piece, as it is drawn. */
export type CutPut = Omit<PutOn, 'place' | 'role'>;

/** A piece cut open, as it is drawn. mm */
export interface CutPiece {
  form: Form;
  width: number;
  body: number;
  height: number;
  strata: readonly CutStratum[];
  coats: readonly CutCoat[];
  /** What is put on it. */
  put?: readonly CutPut[];
}

/** How far what stands on the wall reaches beyond the form. mm */
export const sideOf = ({ coats }: Pick<CutPiece, 'coats'>): number =>
  coats.reduce((sum, c) => sum + (c.side > 0 ? c.thickness : 0), 0);

/** How far out and up each coat reaches, from the inside out. mm */
export function shellsOf({ coats }: Pick<CutPiece, 'coats'>): { coat: CutCoat; at: number; out: number; up: number }[] {
  return coats.map((coat, at) => {
    const under = coats.slice(0, at + 1);
    const up = under.reduce((sum, c) => sum + (c.beside ? 0 : c.thickness), 0);
    return { coat, at, out: sideOf({ coats: under }), up };
  });
}

/** The outline of a coat: around the piece; or of one that is on the wall alone, beside it as high as it stands. mm. */
export function coatOutline(piece: CutPiece, { coat, out, up }: ReturnType<typeof shellsOf>[number]): string {
  if (!coat.beside) return outlineOf(piece, out, up, coat.texture);
  const [inner, outer] = [piece.width / 2 + out - coat.thickness, piece.width / 2 + out];
  return [-1, 1]
    .map((s) => `M${s * inner} 0V${-coat.side}H${s * outer}${wall(s * outer, -coat.side, 0, s, coat.texture)}Z`)
    .join('');
}

/** How deep and how far apart the marks of a tool are on a coat, mm. */
const MARKS: Record<Texture, { deep: number; apart: number } | null> = {
  smooth: null,
  combed: { deep: 1.4, apart: 5 },
  forked: { deep: 1.8, apart: 9 },
  swirled: { deep: 2.4, apart: 16 },
};

/** A wall from one height to another at x, marked by a tool; `side` is which way is out. */
function wall(x: number, from: number, to: number, side: number, texture: Texture = 'smooth'): string {
  const marks = MARKS[texture];
  if (!marks) return `L${x} ${to}`;
  const count = Math.max(1, Math.round(Math.abs(to - from) / marks.apart));
  return Array.from({ length: count }, (_, k) => {
    const [a, b] = [from + ((to - from) * k) / count, from + ((to - from) * (k + 1)) / count];
    const into = x - side * marks.deep;
    return texture === 'swirled' ? `Q${into} ${(a + b) / 2} ${x} ${b}` : `L${into} ${(a + b) / 2}L${x} ${b}`;
  }).join('');
}

/** The outline of a piece that is cut open, with coats so far out and so far up: a house has its gable, a dome its round. mm. */
export function outlineOf({ form, width, body }: CutPiece, out = 0, up = 0, texture?: Texture): string {
  const x = width / 2 + out;
  const top = -body - up;
  if (form.form === 'house') return `M${-x} 0V${-form.wall - up}L0 ${top}L${x} ${-form.wall - up}V0Z`;
  if (form.form === 'half-sphere') return `M${-x} 0A${x} ${-top} 0 0 1 ${x} 0Z`;
  if (form.form === 'roll') {
    const r = body / 2;
    return `M${-r - up} ${-r}A${r + up} ${r + up} 0 1 1 ${r + up} ${-r}A${r + up} ${r + up} 0 1 1 ${-r - up} ${-r}Z`;
  }
  if (texture && texture !== 'smooth')
    return `M${-x} 0${wall(-x, 0, top, -1, texture)}H${x}${wall(x, top, 0, 1, texture)}Z`;
  return `M${-x} 0V${top}H${x}V0Z`;
}

/** A spiral whose turns lie a sheet and a filling apart, about the middle of a roll. mm */
export function spiralOf({ body, strata }: CutPiece): { path: string; sheet: number } {
  const sheet = strata.find((s) => s.kind === 'layer')?.thickness ?? 0;
  const filling = strata.filter((s) => s.kind === 'filling').reduce((sum, s) => sum + s.thickness, 0);
  const [pitch, outer] = [sheet + filling, body / 2 - sheet / 2];
  if (pitch <= 0) return { path: '', sheet };
  const points: string[] = [];
  for (let turn = 0; turn <= outer / pitch; turn += 1 / 40) {
    const [r, angle] = [outer - turn * pitch, turn * 2 * Math.PI];
    points.push(`${(r * Math.cos(angle)).toFixed(1)} ${(-body / 2 + r * Math.sin(angle)).toFixed(1)}`);
  }
  return { path: `M${points.join('L')}`, sheet };
}
