'use client';

import useMediaQuery from '@mui/material/useMediaQuery';
import { useRef, type PointerEvent } from 'react';
import { say } from '@/core/words/say';
import type { DrawnPiece } from '@/core/compose/drawn';
import { samePlace, type Place } from '@/core/compose/place';
import { formName } from '@/core/shape/form';
import { sideOf } from '../section/cut-piece';
import { PieceDrawn, type PieceOf } from '../section/piece-drawn';
import { placedIn, type Placed } from '../section/placed';
import { aboveOf } from '../section/put-places';

/** Here the section is drawn small, and words in it larger. */
const NARROW = '(max-width: 699px)';
/** So many letters of what is written on it have room beside it. */
const SHOWN = { narrow: 10, wide: 18 };
/** Where the words of the foot stand, from the left end of the board. */
const BESIDE = 50;

interface SectionEditorProps {
  pieces: readonly DrawnPiece[];
  chosen: Place | null;
  /** How long it took to reckon, ms: told on the drawing for whoever measures. */
  ms: number | null;
  nameOf: (piece: string) => string;
  /** Pieces with which something is wrong; null of what is in no one piece. */
  wrong: readonly (string | null)[];
  onChoose: (place: Place) => void;
  /** The upper edge of what is chosen is dragged so far from where it was, mm; `goesOn` after the first move. */
  onDrag: (place: Place, from: number, by: number, goesOn: boolean) => void;
}

/** The cake cut open, to scale: everything on it can be touched, and the edge of what is chosen can be dragged. */
export function SectionEditor({ pieces, chosen, ms, nameOf, wrong, onChoose, onDrag }: SectionEditorProps) {
  const drag = useRef<{ y: number; scale: number; from: number; moved: boolean } | null>(null);
  const { placed, width, height } = placedIn(pieces);
  const narrow = useMediaQuery(NARROW);
  const shown = narrow ? SHOWN.narrow : SHOWN.wide;
  const left = narrow ? 72 : 118;
  const board = 8;
  // Words are as large on a wide cake as on a high one.
  const letters = (narrow ? 1.5 : 1.2) * Math.max(0.55, width / 430, height / 300);
  const uppermost = placed.filter((p) => p.names).at(-1) ?? placed[0]!;
  const above = aboveOf(uppermost.piece);
  const view = [-left * letters, -30 * letters, width + (left + 20) * letters, height + board + 66 * letters];
  const bar = width > 220 ? 100 : 50;

  const touchOf = (piece: DrawnPiece) => (what: PieceOf) => {
    const place = placeOf(piece, what);
    return { chosen: samePlace(place, chosen), props: { 'data-place': '', onClick: () => onChoose(place) } };
  };

  const begin = (from: number) => (e: PointerEvent<SVGElement>) => {
    const svg = e.currentTarget.ownerSVGElement!;
    e.currentTarget.setPointerCapture(e.pointerId);
    const matrix = svg.getScreenCTM();
    drag.current = { y: e.clientY, scale: matrix?.a ?? 1, from, moved: false };
  };
  const move = (place: Place) => (e: PointerEvent<SVGElement>) => {
    const d = drag.current;
    if (!d) return;
    const by = (d.y - e.clientY) / d.scale;
    if (!d.moved && Math.abs(by) < 0.5) return;
    onDrag(place, d.from, by, d.moved);
    d.moved = true;
  };
  const end = () => {
    drag.current = null;
  };

  return (
    // What can be touched here stands in words in the list of places, which keyboards and screen readers use.
    <svg
      className="zl-section"
      viewBox={view.join(' ')}
      aria-hidden="true"
      data-testid="section"
      data-ms={ms ?? undefined}
    >
      {placed.map((p) => (
        <g key={p.piece.key} transform={`translate(${p.x} ${height - p.bottom})`}>
          <PieceDrawn piece={p.piece} touch={touchOf(p.piece)} />
          {p.piece.count > 1 && (
            <text x={0} y={board + 13 * letters} fontSize={12 * letters} textAnchor="middle">
              {say`${p.piece.count} of these`}
            </text>
          )}
        </g>
      ))}
      <rect x={0} y={height} width={width} height={board} rx={2} fill="var(--zl-muted)" opacity={0.55} />
      <FreeSpace
        name={say`+ on top`}
        {...{ x: uppermost.x, y: height - uppermost.bottom - uppermost.piece.height - above - 12 * letters }}
        letters={letters}
        chosen={samePlace(chosen, { on: 'space', where: 'top' })}
        onChoose={() => onChoose({ on: 'space', where: 'top' })}
      />
      <FreeSpace
        name={say`+ at the foot`}
        {...{ x: BESIDE * letters, y: height + board + 20 * letters }}
        letters={letters}
        chosen={samePlace(chosen, { on: 'space', where: 'foot' })}
        onChoose={() => onChoose({ on: 'space', where: 'foot' })}
      />
      {placed.map((p) => (
        <g
          key={p.piece.key}
          data-place=""
          onClick={() => onChoose({ on: 'piece', piece: p.piece.key })}
          transform={`translate(${-left * letters + 4} ${height - p.bottom - p.piece.height / 2})`}
        >
          {p.names && (
            <>
              <text fontSize={12.5 * letters} fontWeight={700}>
                {wrong.includes(p.piece.key) && <tspan fill="var(--zl-missesText)">■ </tspan>}
                {nameOf(p.piece.key)}
              </text>
              {!narrow && (
                <>
                  <text y={14 * letters} fontSize={11 * letters} style={{ fill: 'var(--zl-muted)' }}>
                    {formName(p.piece.form)}
                  </text>
                  <text y={27 * letters} fontSize={11 * letters} style={{ fill: 'var(--zl-muted)' }}>
                    {say`${Math.round(p.piece.height)} mm`}
                  </text>
                </>
              )}
              {p.piece.says && (
                <text y={(narrow ? 14 : 42) * letters} fontSize={11.5 * letters} fontStyle="italic">
                  {p.piece.says.length > shown ? `“${p.piece.says.slice(0, shown - 1)}…”` : `“${p.piece.says}”`}
                </text>
              )}
            </>
          )}
        </g>
      ))}
      <g
        stroke="var(--zl-muted)"
        strokeWidth={1.2}
        transform={`translate(${width - bar} ${height + board + 22 * letters})`}
      >
        <line x1={0} x2={bar} />
        <line x1={0} x2={0} y1={-3} y2={3} />
        <line x1={bar} x2={bar} y1={-3} y2={3} />
        <text x={bar / 2} y={-4} fontSize={10 * letters} textAnchor="middle" stroke="none">
          {say`${bar / 10} cm`}
        </text>
      </g>
      {placed.flatMap((p) =>
        edgesOf(p).map(({ place, x, y, thickness }) =>
          samePlace(place, chosen) ? (
            <circle
              key={JSON.stringify(place)}
              className="zl-handle"
              cx={p.x + x}
              cy={height - p.bottom - y}
              r={6 * letters}
              fill="var(--zl-zest)"
              stroke="var(--zl-ink)"
              strokeWidth={1.4}
              style={{ cursor: 'ns-resize' }}
              onPointerDown={begin(thickness)}
              onPointerMove={move(place)}
              onPointerUp={end}
              onPointerCancel={end}
            />
          ) : null,
        ),
      )}
    </svg>
  );
}

interface FreeSpaceProps {
  name: string;
  x: number;
  y: number;
  letters: number;
  chosen: boolean;
  onChoose: () => void;
}

/** Where something more can go on: touched, it is asked what. */
function FreeSpace({ name, x, y, letters, chosen, onChoose }: FreeSpaceProps) {
  const [wide, high] = [92 * letters, 22 * letters];
  return (
    <g data-place="" onClick={onChoose} transform={`translate(${x} ${y})`}>
      <rect
        x={-wide / 2}
        y={-high / 2}
        width={wide}
        height={high}
        rx={high / 2}
        fill="var(--zl-card)"
        stroke={chosen ? 'var(--zl-ink)' : 'var(--zl-muted)'}
        strokeWidth={chosen ? 2 : 0.8}
        strokeDasharray={chosen ? undefined : '2 3'}
      />
      <text fontSize={11 * letters} textAnchor="middle" dominantBaseline="central">
        {name}
      </text>
    </g>
  );
}

/** Where something of a piece is in the design. */
function placeOf(piece: DrawnPiece, what: PieceOf): Place {
  if (what === 'piece') return { on: 'piece', piece: piece.key };
  if ('put' in what) return piece.put[what.put]!.place;
  return ('stratum' in what ? piece.strata[what.stratum]! : piece.coats[what.coat]!).place;
}

/** Edges that can be dragged: of what has a thickness of its own. */
function edgesOf({ piece }: Placed): { place: Place; x: number; y: number; thickness: number }[] {
  const half = piece.width / 2;
  const strata = piece.strata
    .filter((s) => s.place.on === 'inside' && (s.kind === 'layer' || s.kind === 'base' || s.kind === 'filling'))
    .map((s) => ({ place: s.place, x: half * 0.7, y: s.from + s.thickness, thickness: s.thickness }));
  const coats = piece.coats.map((c, i) => {
    const out = sideOf({ coats: piece.coats.slice(0, i + 1) });
    const up = piece.coats.slice(0, i + 1).reduce((sum, x) => sum + (x.beside ? 0 : x.thickness), 0);
    return c.beside
      ? { place: c.place, x: -half - out, y: c.side, thickness: c.thickness }
      : { place: c.place, x: -half * 0.5, y: piece.body + up, thickness: c.thickness };
  });
  return piece.form.form === 'roll' ? [] : [...strata, ...coats];
}
