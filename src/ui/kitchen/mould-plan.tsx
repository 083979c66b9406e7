import type { MouldTraits } from '@/core/kitchen/item';
import type { Form } from '@/core/shape/form';
import { formBox, HEART } from '@/core/shape/form-box';

/** Pixels of a millimetre. */
const SCALE = 0.28;

/** The tin from above; a ring has no floor, so that it is drawn as its wall. */
export function MouldPlan({ mould: { form, use } }: { mould: MouldTraits }) {
  const [length, width] = formBox(form).map((mm) => mm * SCALE) as [number, number];
  const floor = use === 'ring' ? { fill: 'none', strokeWidth: 4 } : {};
  return (
    <svg width={length} height={width} viewBox={`0 0 ${length} ${width}`} aria-hidden>
      {outline(form, length, width, floor)}
      {form.form === 'ring' && <circle cx={length / 2} cy={width / 2} r={(form.inner * SCALE) / 2} />}
    </svg>
  );
}

function outline(form: Form, length: number, width: number, look: object) {
  switch (form.form) {
    case 'square':
    case 'rectangle':
    case 'loaf':
    case 'roll':
      return <rect width={length} height={width} rx={3} {...look} />;
    case 'hexagon': {
      const points = Array.from({ length: 6 }, (_, i) => {
        const angle = (Math.PI / 3) * i;
        return `${length / 2 + (length / 2) * Math.cos(angle)},${width / 2 + (width / 2) * Math.sin(angle)}`;
      });
      return <polygon points={points.join(' ')} {...look} />;
    }
    case 'heart': {
      // A square on its corner, with a half-disc on each of its two upper sides.
      const side = form.side * SCALE;
      const half = side / Math.SQRT2;
      const r = side / 2;
      const [x, top] = [length / 2, side * HEART.lobes];
      return (
        <path
          d={`M ${x} ${top} A ${r} ${r} 0 0 1 ${x + half} ${top + half} L ${x} ${top + 2 * half} L ${x - half} ${top + half} A ${r} ${r} 0 0 1 ${x} ${top} Z`}
          {...look}
        />
      );
    }
    default:
      return <ellipse cx={length / 2} cy={width / 2} rx={length / 2} ry={width / 2} {...look} />;
  }
}
