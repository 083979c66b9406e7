import type { SectionView } from '@/server/orders/section-view';

/** mm around the cake in the drawing. */
const MARGIN = 14;
const BOARD = 8;

/** The cake cut open, to scale: layers, fillings, coat, board. A roll shows its spiral. */
export function CrossSection({ section }: { section: SectionView }) {
  const widest = Math.max(...section.tiers.map((t) => t.width));
  const rolls = section.tiers[0]?.round ?? false;
  const width = rolls ? section.tiers.length * (widest + 12) : widest + 50;
  const height = rolls
    ? Math.max(...section.tiers.map((t) => t.height))
    : section.tiers.reduce((sum, t) => sum + t.height, 0);
  const scaleBar = width > 200 ? 100 : 50;
  return (
    <figure style={{ margin: 0 }}>
      <svg
        role="img"
        aria-label={`Cross-section: ${section.summary}`}
        viewBox={`${-MARGIN} ${-MARGIN} ${width + 2 * MARGIN} ${height + BOARD + 2 * MARGIN + 16}`}
        style={{ width: '100%', maxHeight: 250, display: 'block' }}
      >
        {rolls ? (
          <Rolls section={section} height={height} />
        ) : (
          <Tiers section={section} centre={width / 2} height={height} />
        )}
        <rect x={0} y={height} width={width} height={BOARD} rx={2} fill="var(--zl-muted)" opacity={0.55} />
        <g stroke="var(--zl-muted)" strokeWidth={1.2}>
          <line x1={0} x2={scaleBar} y1={height + BOARD + 14} y2={height + BOARD + 14} />
          <line x1={0} x2={0} y1={height + BOARD + 11} y2={height + BOARD + 17} />
          <line x1={scaleBar} x2={scaleBar} y1={height + BOARD + 11} y2={height + BOARD + 17} />
        </g>
        <text x={scaleBar + 5} y={height + BOARD + 18} fontSize={11} fill="var(--zl-muted)">
          {scaleBar / 10} cm
        </text>
      </svg>
      <figcaption style={{ fontSize: 13, color: 'var(--zl-muted)', marginTop: 4 }}>
        {section.summary}, drawn to scale
      </figcaption>
    </figure>
  );
}

const CRUMB = '#D9A05B';
const FILLING = '#F3D34A';
const COAT = '#FFF3D6';

function Tiers({ section, centre, height }: { section: SectionView; centre: number; height: number }) {
  const { layers, layerHeight, filling, finish } = section;
  const bottoms = section.tiers.map((_, i) => height - section.tiers.slice(0, i).reduce((sum, t) => sum + t.height, 0));
  return section.tiers.map((tier, i) => {
    const bottom = bottoms[i]!;
    const coat = section.coated ? Math.min(7, finish || 2) : 0;
    const left = centre - tier.width / 2;
    return (
      <g key={i}>
        <rect
          x={left}
          y={bottom - tier.height}
          width={tier.width}
          height={tier.height}
          rx={4}
          fill={section.coated ? COAT : 'none'}
          stroke="#B89A5A"
          strokeWidth={1}
        />
        {Array.from({ length: layers }, (_, k) => {
          const y = bottom - (k + 1) * layerHeight - k * filling;
          return (
            <g key={k}>
              <rect x={left + coat} y={y} width={tier.width - 2 * coat} height={layerHeight} fill={CRUMB} />
              {k < layers - 1 && (
                <rect x={left + coat} y={y - filling} width={tier.width - 2 * coat} height={filling} fill={FILLING} />
              )}
            </g>
          );
        })}
      </g>
    );
  });
}

function Rolls({ section, height }: { section: SectionView; height: number }) {
  return section.tiers.map((tier, i) => {
    const radius = tier.height / 2;
    const x = 6 + radius + i * (tier.height + 12);
    const y = height - radius;
    return (
      <g key={i}>
        <circle cx={x} cy={y} r={radius} fill={FILLING} stroke="#B89A5A" />
        <path
          d={spiral(x, y, radius, section.layerHeight, section.filling)}
          fill="none"
          stroke={CRUMB}
          strokeWidth={section.layerHeight}
        />
      </g>
    );
  });
}

/** An Archimedean spiral whose turns lie a sheet and a filling apart. */
function spiral(x: number, y: number, radius: number, sheet: number, filling: number): string {
  const pitch = sheet + filling;
  const outer = radius - sheet / 2;
  const turns = outer / pitch;
  const points: string[] = [];
  for (let turn = 0; turn <= turns; turn += 1 / 40) {
    const r = outer - turn * pitch;
    const angle = turn * 2 * Math.PI;
    points.push(`${(x + r * Math.cos(angle)).toFixed(1)} ${(y + r * Math.sin(angle)).toFixed(1)}`);
  }
  return `M${points.join('L')}`;
}
