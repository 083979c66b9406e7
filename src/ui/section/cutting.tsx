import { counted } from '@/core/measure/counted';
import type { CutCake } from '@/core/shape/cutting-scheme';
import type { Form } from '@/core/shape/form';
import { outlineOf, type Point } from '@/core/shape/outline';
import { say } from '@/core/words/say';

const NAMES: Record<CutCake['scheme'], string> = {
  wedges: say`Wedges to the middle`,
  strips: say`Strips across, each cut into pieces`,
};

/** How a tier is cut, seen from above, to scale: the cuts of one scheme, and how many portions they give. */
export function CuttingDrawing({ form, cut, size = 132 }: { form: Form; cut: CutCake; size?: number }) {
  const { outline, hole } = outlineOf(form);
  const reach = Math.max(...outline.flatMap(([x, y]) => [Math.abs(x), Math.abs(y)]));
  const words = say`${NAMES[cut.scheme]}: ${counted(cut.count, 'portion')}`;
  const line = { stroke: '#16302b', strokeWidth: reach / 90, fill: 'none' };
  return (
    <figure style={{ margin: 0, width: size }}>
      <svg role="img" aria-label={words} viewBox={`${-reach - 4} ${-reach - 4} ${2 * reach + 8} ${2 * reach + 8}`}>
        <path d={pathOf(outline) + (hole ? pathOf(hole) : '')} fillRule="evenodd" fill="#F6E3A8" stroke="none" />
        {cut.scheme === 'strips'
          ? cut.pieces.map((p) => (
              <rect key={`${p.x} ${p.y}`} x={p.x} y={-p.y - p.width} width={p.length} height={p.width} {...line} />
            ))
          : Array.from({ length: cut.wedges }, (_, i) => {
              const angle = (2 * Math.PI * i) / cut.wedges;
              const inner = hole ? Math.max(...hole.map(([x]) => x)) : 0;
              return (
                <line
                  key={i}
                  x1={inner * Math.cos(angle)}
                  y1={inner * Math.sin(angle)}
                  x2={reach * Math.cos(angle)}
                  y2={reach * Math.sin(angle)}
                  {...line}
                />
              );
            })}
        <path d={pathOf(outline) + (hole ? pathOf(hole) : '')} {...line} strokeWidth={reach / 45} />
      </svg>
      <figcaption style={{ fontSize: 13, color: 'var(--zl-muted)' }}>{words}</figcaption>
    </figure>
  );
}

/** From above, y upwards. */
const pathOf = (points: readonly Point[]) => `M${points.map(([x, y]) => `${x} ${-y}`).join('L')}Z`;
