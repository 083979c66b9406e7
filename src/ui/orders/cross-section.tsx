import { say } from '@/core/words/say';
import type { SectionView, TierSection } from '@/server/orders/section-view';

/** mm around the cake, between cakes, and of the board, in the drawing. */
const MARGIN = 14;
const BETWEEN = 34;
const BOARD = 8;
const BOARD_BEYOND = 25;

/** The cake cut open, to scale: strata, coats, board. A roll shows its spiral. */
export function CrossSection({ section }: { section: SectionView }) {
  const drawn = section.stacks.map((s) => ({
    ...s,
    width: Math.max(...s.tiers.map((t) => t.width + 2 * sideOf(t))) + 2 * BOARD_BEYOND,
    height: s.tiers.reduce((sum, t) => sum + t.height, 0),
  }));
  const width = drawn.reduce((sum, s) => sum + s.width + BETWEEN, -BETWEEN);
  const height = Math.max(...drawn.map((s) => s.height));
  const lefts = drawn.map((_, i) => drawn.slice(0, i).reduce((sum, s) => sum + s.width + BETWEEN, 0));
  const scaleBar = width > 200 ? 100 : 50;
  return (
    <figure style={{ margin: 0 }}>
      <svg
        role="img"
        aria-label={say`Cross-section: ${section.summary}`}
        viewBox={`${-MARGIN} ${-MARGIN} ${width + 2 * MARGIN} ${height + BOARD + 2 * MARGIN + 18}`}
        style={{ width: '100%', maxHeight: 250, display: 'block' }}
      >
        {drawn.map((s, i) => (
          <g key={s.name} transform={`translate(${lefts[i]} ${height})`}>
            <Stack tiers={s.tiers} centre={s.width / 2} />
            <rect x={0} y={0} width={s.width} height={BOARD} rx={2} fill="var(--zl-muted)" opacity={0.55} />
            {s.count > 1 && (
              <text
                x={s.width / 2}
                y={BOARD + 20}
                fontSize={18}
                fontWeight={700}
                textAnchor="middle"
                fill="var(--zl-ink)"
              >
                {s.count} {say`of these`}
              </text>
            )}
          </g>
        ))}
        <g stroke="var(--zl-muted)" strokeWidth={1.2}>
          <line x1={0} x2={scaleBar} y1={height + BOARD + 14} y2={height + BOARD + 14} />
          <line x1={0} x2={0} y1={height + BOARD + 11} y2={height + BOARD + 17} />
          <line x1={scaleBar} x2={scaleBar} y1={height + BOARD + 11} y2={height + BOARD + 17} />
        </g>
        <text x={scaleBar + 5} y={height + BOARD + 18} fontSize={11} fill="var(--zl-muted)">
          {scaleBar / 10} {say`cm`}
        </text>
      </svg>
      <figcaption style={{ fontSize: 13, color: 'var(--zl-muted)', marginTop: 4 }}>
        {section.summary}
        {say`, drawn to scale`}
        {section.note && <strong style={{ display: 'block', color: 'var(--zl-tightText)' }}>{section.note}</strong>}
      </figcaption>
    </figure>
  );
}

const STRATA: Record<TierSection['strata'][number]['kind'], string> = {
  base: '#B98A55',
  layer: '#D9A05B',
  filling: '#F3D34A',
  dam: '#FFF3D6',
  insert: '#E58F3C',
  'ring filling': '#F6E3A8',
};
const COATS: Record<TierSection['coats'][number]['kind'], string> = {
  'crumb coat': '#FBE9C2',
  'final coat': '#FFF3D6',
  cover: '#FFFFFF',
  glaze: '#E9B44C',
  'flooded top': '#8A5A2B',
};
const EDGE = '#B89A5A';

/** How far what stands on the wall reaches beyond the form, mm. */
const sideOf = (t: TierSection) => t.coats.reduce((sum, c) => sum + (c.side > 0 ? c.thickness : 0), 0);

/** Tiers on one another; the origin is the middle of the board's upper face. */
function Stack({ tiers, centre }: { tiers: TierSection[]; centre: number }) {
  return tiers.map((tier, i) => {
    const bottom = -tiers.slice(0, i).reduce((sum, t) => sum + t.height, 0);
    return (
      <g key={i} transform={`translate(${centre} ${bottom})`}>
        {tier.form.form === 'roll' ? <Roll tier={tier} /> : <Tier tier={tier} />}
      </g>
    );
  });
}

function Tier({ tier }: { tier: TierSection }) {
  const half = tier.width / 2;
  // Each coat from the outside in: what is under it is drawn over it.
  const shells = tier.coats.map((coat, i) => {
    const under = tier.coats.slice(0, i + 1);
    const out = under.reduce((sum, c) => sum + (c.side > 0 ? c.thickness : 0), 0);
    const up = under.reduce((sum, c) => sum + c.thickness, 0);
    return { ...coat, out, up };
  });
  return (
    <>
      {[...shells].reverse().map((c) => (
        <rect
          key={`${c.kind} ${c.up}`}
          x={-half - c.out}
          y={-tier.body - c.up}
          width={2 * (half + c.out)}
          height={tier.body + c.up}
          rx={3}
          fill={COATS[c.kind]}
          stroke={EDGE}
          strokeWidth={0.8}
        />
      ))}
      <rect x={-half} y={-tier.body} width={2 * half} height={tier.body} fill={COATS['final coat']} />
      {tier.strata.flatMap((s, i) => {
        const y = -s.from - s.thickness;
        const fill = STRATA[s.kind];
        if (s.until !== undefined)
          return [-half, half - s.until].map((x) => (
            <rect key={`${i} ${x}`} x={x} y={y} width={s.until} height={s.thickness} fill={fill} />
          ));
        return [
          <rect key={i} x={-half + s.inset} y={y} width={2 * (half - s.inset)} height={s.thickness} fill={fill} />,
        ];
      })}
      <rect x={-half} y={-tier.body} width={2 * half} height={tier.body} fill="none" stroke={EDGE} strokeWidth={0.8} />
    </>
  );
}

function Roll({ tier }: { tier: TierSection }) {
  const radius = tier.height / 2;
  const sheet = tier.strata.find((s) => s.kind === 'layer')?.thickness ?? 0;
  const filling = tier.strata.filter((s) => s.kind === 'filling').reduce((sum, s) => sum + s.thickness, 0);
  return (
    <>
      <circle cx={0} cy={-radius} r={radius} fill={STRATA.filling} stroke={EDGE} />
      <path d={spiral(0, -radius, radius, sheet, filling)} fill="none" stroke={STRATA.layer} strokeWidth={sheet} />
    </>
  );
}

/** An Archimedean spiral whose turns lie a sheet and a filling apart. */
function spiral(x: number, y: number, radius: number, sheet: number, filling: number): string {
  const pitch = sheet + filling;
  if (pitch <= 0) return '';
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
