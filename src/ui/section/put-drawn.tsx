import type { SVGProps } from 'react';
import { EDGE, USUAL_PUT } from './colours';
import { outlineOf, sideOf, type CutPiece, type CutPut } from './cut-piece';
import { placesOf, topReach } from './put-places';

interface PutDrawnProps {
  put: CutPut;
  piece: CutPiece;
  chosen: boolean;
  /** What it answers to when it is touched. */
  props: Pick<SVGProps<SVGElement>, 'onClick'> & { 'data-place'?: string };
}

/** Something that is put on a piece, where it lies. The origin is the middle of the piece's foot. */
export function PutDrawn({ put, piece, chosen, props }: PutDrawnProps) {
  const look = {
    fill: put.colour ?? USUAL_PUT,
    stroke: chosen || put.undecided ? 'var(--zl-ink)' : EDGE,
    // Grains are too small for a broad line.
    strokeWidth: chosen ? (put.as === 'strewn' ? 1.2 : 2.4) : put.undecided ? 1.4 : 0.8,
    strokeDasharray: put.undecided ? '2 4' : undefined,
    strokeLinejoin: 'round' as const,
  };
  return (
    <g {...look} {...props}>
      <Shape put={put} piece={piece} chosen={chosen} />
    </g>
  );
}

function Shape({ put, piece, chosen }: Pick<PutDrawnProps, 'put' | 'piece' | 'chosen'>) {
  const wall = piece.width / 2 + sideOf(piece);
  const { size, tall } = put;
  switch (put.as) {
    case 'items':
    case 'dabs':
      return placesOf(put, piece).map(({ x, y }, i) => (
        <path key={i} d={put.as === 'dabs' ? dab(size) : knob(size)} transform={`translate(${x} ${y})`} />
      ));
    case 'line': {
      // What is piped in one place is set down there.
      if (put.where === 'middle' || put.where === 'spot')
        return placesOf({ ...put, count: 3 }, piece).map(({ x, y }) => (
          <path key={x} d={dab(size)} transform={`translate(${x} ${y})`} />
        ));
      const along = put.where === 'foot' ? [-wall - size / 2, wall + size / 2] : scallops(topReach(piece), size);
      const y = put.where === 'foot' ? 0 : -piece.height;
      return along.map((x) => <path key={x} d={knob(size)} transform={`translate(${x} ${y})`} />);
    }
    case 'strewn':
      return put.where === 'foot'
        ? [-1, 1].map((side) => <Band key={side} x={side * wall} out={side * size} tall={tall} />)
        : grains(topReach(piece), size).map(([x, y]) => <circle key={x} cx={x} cy={-piece.height - y} r={size / 2} />);
    case 'drops':
      return [
        [-1, 1],
        [1, 0.75],
      ].map(([side, share]) => (
        <rect
          key={side}
          x={side! * wall - (side! < 0 ? size * 0.7 : size * 0.3)}
          y={-piece.height}
          width={size}
          height={tall * share!}
          rx={size / 2}
        />
      ));
    case 'plates':
      return piece.form.form === 'house' ? (
        <path
          d={outlineOf(piece, sideOf(piece) + size, piece.height - piece.body + size)}
          fillOpacity={0.001}
          stroke={chosen ? undefined : (put.colour ?? USUAL_PUT)}
          strokeWidth={size}
        />
      ) : (
        [-1, 1].map((side) => (
          <rect key={side} x={side < 0 ? -wall - size : wall} y={-tall} width={size} height={tall} />
        ))
      );
  }
}

/** Something round that sits on its foot. */
const knob = (size: number): string => {
  const r = size / 2;
  return `M${-r * 0.8} 0A${r} ${r} 0 1 1 ${r * 0.8} 0Z`;
};

/** What a star nozzle sets down: broad below, drawn to a point. */
const dab = (size: number): string => {
  const r = size / 2;
  return `M${-r} 0Q${-r} ${-r} ${-r * 0.3} ${-r * 1.1}L0 ${-size * 0.85}L${r * 0.3} ${-r * 1.1}Q${r} ${-r} ${r} 0Z`;
};

/** Middles of the knobs of a line from one end of the top to the other. */
function scallops(reach: number, size: number): number[] {
  const count = Math.max(1, Math.round((2 * reach) / size));
  return Array.from({ length: count }, (_, k) => -reach + ((k + 0.5) * 2 * reach) / count);
}

/** Grains over the top, in no order that the eye finds. */
function grains(reach: number, size: number): [number, number][] {
  const count = Math.min(90, Math.max(6, Math.round((2 * reach) / (size * 1.3))));
  return Array.from({ length: count }, (_, k) => [
    -reach + ((k + 0.5) * 2 * reach) / count,
    size * (0.2 + ((k * 0.618) % 1) * 0.7),
  ]);
}

function Band({ x, out, tall }: { x: number; out: number; tall: number }) {
  const rows = Math.max(1, Math.round(tall / 4));
  return Array.from({ length: rows }, (_, k) => (
    <circle key={k} cx={x + out * (0.25 + ((k * 0.618) % 1) * 0.5)} cy={-(k + 0.5) * (tall / rows)} r={2} />
  ));
}
