import { useId, type SVGProps } from 'react';
import { EDGE, USUAL } from './colours';
import { PutDrawn } from './put-drawn';
import { coatOutline, outlineOf, shellsOf, spiralOf, type CutPiece, type CutStratum } from './cut-piece';

/** Something of a piece: by its number among strata, coats, or what is put on it; or the piece itself. */
export type PieceOf = { stratum: number } | { coat: number } | { put: number } | 'piece';

/** What is done with something of a drawing: whether it is the chosen one, and what its shape answers to. */
interface Touch {
  chosen: boolean;
  props: Pick<SVGProps<SVGElement>, 'onClick'> & { 'data-place'?: string };
}

const UNTOUCHED: Touch = { chosen: false, props: {} };

interface PieceDrawnProps {
  piece: CutPiece;
  /** Where the drawing can be touched. */
  touch?: (what: PieceOf) => Touch;
}

/** One piece cut open; the origin is the middle of its foot. What is not agreed yet is dotted. */
export function PieceDrawn({ piece, touch = () => UNTOUCHED }: PieceDrawnProps) {
  const clip = useId();
  const own = touch('piece');
  return (
    <>
      {shellsOf(piece)
        .reverse()
        .map((shell) => {
          const { coat, at } = shell;
          const { chosen, props } = touch({ coat: at });
          return (
            <path
              key={at}
              d={coatOutline(piece, shell)}
              fill={coat.colour ?? USUAL[coat.kind]}
              stroke={chosen || coat.undecided ? 'var(--zl-ink)' : EDGE}
              strokeWidth={chosen ? 2.4 : coat.undecided ? 1.4 : 0.8}
              strokeDasharray={coat.undecided ? '2 4' : undefined}
              strokeLinejoin="round"
              {...props}
            />
          );
        })}
      <path d={outlineOf(piece)} fill={USUAL['final coat']} {...own.props} />
      <clipPath id={clip}>
        <path d={outlineOf(piece)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {piece.form.form === 'roll' ? <Rolled piece={piece} touch={touch} /> : <Strata piece={piece} touch={touch} />}
      </g>
      <path
        d={outlineOf(piece)}
        fill="none"
        stroke={own.chosen ? 'var(--zl-ink)' : EDGE}
        strokeWidth={own.chosen ? 2.4 : 0.8}
        pointerEvents="none"
      />
      {(piece.put ?? []).map((put, i) => (
        <PutDrawn key={i} put={put} piece={piece} {...touch({ put: i })} />
      ))}
    </>
  );
}

function Strata({ piece, touch }: Required<PieceDrawnProps>) {
  const half = piece.width / 2;
  const frame = (s: CutStratum, by: number) => ({
    ...{ x: -half + s.inset + by, width: 2 * (half - s.inset - by), y: -s.from - s.thickness + by / 2 },
    ...{ height: Math.max(0.5, s.thickness - by), fill: 'none', pointerEvents: 'none' as const },
  });
  return (
    <>
      {piece.strata.flatMap((s, i) => {
        const shape = {
          ...{ y: -s.from - s.thickness, height: s.thickness, fill: s.colour ?? USUAL[s.kind] },
          ...touch({ stratum: i }).props,
        };
        if (s.until !== undefined)
          return [-half, half - s.until].map((x) => <rect key={`${i} ${x}`} x={x} width={s.until} {...shape} />);
        return [<rect key={i} x={-half + s.inset} width={2 * (half - s.inset)} {...shape} />];
      })}
      {piece.strata.map((s, i) =>
        s.kind === 'dam' ? null : touch({ stratum: i }).chosen ? (
          <rect key={i} {...frame(s, 1)} stroke="var(--zl-ink)" strokeWidth={2.4} />
        ) : s.undecided ? (
          <rect key={i} {...frame(s, 1)} stroke="var(--zl-ink)" strokeWidth={1.4} strokeDasharray="2 4" />
        ) : null,
      )}
    </>
  );
}

/** A roll shows its spiral: the sheet, and the filling between its turns. */
function Rolled({ piece, touch }: Required<PieceDrawnProps>) {
  const { path, sheet } = spiralOf(piece);
  const at = (kind: CutStratum['kind']) => piece.strata.findIndex((s) => s.kind === kind);
  const colourOf = (i: number, kind: CutStratum['kind']) => piece.strata[i]?.colour ?? USUAL[kind];
  const [layer, filling] = [at('layer'), at('filling')];
  return (
    <>
      <circle
        cx={0}
        cy={-piece.body / 2}
        r={piece.body / 2}
        fill={colourOf(filling, 'filling')}
        {...touch(filling < 0 ? 'piece' : { stratum: filling }).props}
      />
      <path
        d={path}
        fill="none"
        stroke={colourOf(layer, 'layer')}
        strokeWidth={sheet}
        {...touch(layer < 0 ? 'piece' : { stratum: layer }).props}
      />
    </>
  );
}
