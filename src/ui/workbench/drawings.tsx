import { say } from '@/core/words/say';
import { counted } from '@/core/measure/counted';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { CalcValues } from '@/core/calculators/calculator';
import type { RowPiece } from '@/core/shape/cutting-scheme';
import { formName, type Form } from '@/core/shape/form';
import { outlineOf, type Point } from '@/core/shape/outline';
import { pieceBox, type PlacedPiece } from '@/core/shape/piece';
import { useInKitchen } from '../kitchens/in-kitchen';

/** A cutting plan to scale: the sheet from above, every piece where it lies. */
export function SheetDrawing({ sheet, placed }: { sheet: { length: number; width: number }; placed: PlacedPiece[] }) {
  const rim = 6;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={say`Sheet of ${sheet.length} × ${sheet.width} mm with ${counted(placed.length, 'piece')}`}
      viewBox={`${-rim} ${-rim} ${sheet.length + 2 * rim} ${sheet.width + 2 * rim}`}
      sx={{ width: '100%', maxHeight: 380, display: 'block' }}
    >
      <rect
        x={0}
        y={0}
        width={sheet.length}
        height={sheet.width}
        fill="var(--zl-bench)"
        stroke="var(--zl-ink)"
        strokeWidth={3}
      />
      {placed.map((p, i) => (
        <path key={i} d={outline(p, sheet.width)} fill="var(--zl-zest)" stroke="var(--zl-ink)" strokeWidth={2.5} />
      ))}
    </Box>
  );
}

/** How a cake is cut in strips, from above: its outline, and every piece that counts. */
export function CutDrawing({ form, pieces }: { form: Form; pieces: RowPiece[] }) {
  const { outline: edge, hole } = outlineOf(form);
  const reach = Math.max(...edge.flatMap(([x, y]) => [Math.abs(x), Math.abs(y)])) + 8;
  const path = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x} ${-y}`).join('L')}Z`;
  return (
    <Box component="figure" sx={{ m: 0, mb: 1.5 }}>
      <Box
        component="svg"
        role="img"
        aria-label={say`${formName(form)}, cut into ${counted(pieces.length, 'piece')}`}
        viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
        sx={{ width: '100%', maxHeight: 320, display: 'block' }}
      >
        {pieces.map((p) => (
          <rect
            key={`${p.x} ${p.y}`}
            x={p.x}
            y={-p.y - p.width}
            width={p.length}
            height={p.width}
            fill={p.share > 0.99 ? 'var(--zl-zest)' : 'var(--zl-bench)'}
            stroke="var(--zl-ink)"
            strokeWidth={1}
          />
        ))}
        <path
          d={path(edge) + (hole ? path(hole) : '')}
          fill="none"
          stroke="var(--zl-ink)"
          strokeWidth={3}
          fillRule="evenodd"
        />
      </Box>
      <Box component="figcaption" sx={{ fontSize: 13, color: 'var(--zl-muted)' }}>
        {counted(pieces.length, 'piece')} {say`cut in strips; pale ones lack a little at the rim`}
      </Box>
    </Box>
  );
}

/** Plans count y upwards, the screen downwards. */
function outline(p: PlacedPiece, height: number): string {
  const { width: w, height: h } = pieceBox(p);
  const [left, right, low, high] = [p.x, p.x + w, height - p.y, height - p.y - h];
  if (p.shape === 'rectangle') return `M${left} ${low}H${right}V${high}H${left}Z`;
  const r = p.diameter / 2;
  if (p.shape === 'disc')
    return `M${left} ${low - r}A${r} ${r} 0 1 1 ${right} ${low - r}A${r} ${r} 0 1 1 ${left} ${low - r}Z`;
  const arc = (to: string) => `A${r} ${r} 0 0 1 ${to}`;
  switch (p.turn) {
    case 0:
      return `M${left} ${low}${arc(`${right} ${low}`)}Z`;
    case 1:
      return `M${right} ${low}${arc(`${right} ${high}`)}Z`;
    case 2:
      return `M${right} ${high}${arc(`${left} ${high}`)}Z`;
    case 3:
      return `M${left} ${high}${arc(`${left} ${low}`)}Z`;
  }
}

interface PanelValue {
  name: string;
  count: number;
  width: number;
  height: number;
  outline: [number, number][];
}

/** Panels side by side, to scale, and the ways to have them at 1 : 1. */
export function PanelDrawing({
  calculator,
  fields,
  values,
}: {
  calculator: string;
  fields: unknown;
  values: CalcValues;
}) {
  const within = useInKitchen();
  const panels = values.panels as unknown as PanelValue[];
  const gap = 18;
  const width = panels.reduce((sum, p) => sum + p.width + gap, gap);
  const height = Math.max(...panels.map((p) => p.height));
  const lefts = panels.map((_, i) => gap + panels.slice(0, i).reduce((sum, p) => sum + p.width + gap, 0));
  const query = `calc=${calculator}&fields=${encodeURIComponent(JSON.stringify(fields))}`;
  return (
    <Box>
      <Box
        component="svg"
        role="img"
        aria-label={panels.map((p) => `${p.count} × ${p.name}`).join(', ')}
        viewBox={`0 0 ${width} ${height + 60}`}
        sx={{ width: '100%', maxHeight: 320, display: 'block' }}
      >
        {panels.map((p, i) => (
          <g key={p.name} transform={`translate(${lefts[i]} ${height - p.height + 6})`}>
            <polygon
              points={p.outline.map(([x, y]) => `${x},${p.height - y}`).join(' ')}
              fill="var(--zl-card)"
              stroke="var(--zl-ink)"
              strokeWidth={2}
            />
            <text x={p.width / 2} y={p.height + 20} textAnchor="middle" fontSize={14} fill="var(--zl-ink)">
              {p.count} × {p.name}
            </text>
            <text x={p.width / 2} y={p.height + 38} textAnchor="middle" fontSize={13} fill="var(--zl-muted)">
              {Number(p.width.toFixed(1))} × {Number(p.height.toFixed(1))} {say`mm`}
            </text>
          </g>
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          color="secondary"
          href={within(`/api/templates?${query}`)}
          target="_blank"
        >{say`PDF at 1 : 1`}</Button>
        {panels.map((p, i) => (
          <Button key={p.name} color="secondary" href={within(`/api/templates?${query}&page=${i}`)} target="_blank">
            {say`SVG`} {p.name}
          </Button>
        ))}
      </Box>
      <Box
        sx={{ mt: 0.5, fontSize: 13.5, color: 'var(--zl-muted)' }}
      >{say`Measure the finished cake first. Print at 100 %: the bar on each page must measure 50 mm.`}</Box>
    </Box>
  );
}
