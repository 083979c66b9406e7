import PushPin from '@mui/icons-material/PushPin';
import { Fragment, memo, type CSSProperties } from 'react';
import { durationText } from '@/core/time/duration-text';
import { TONE_SHAPES } from '../parts/status';
import { RAIL_WIDTH } from './rails';
import { initialsOf, type PlacedRung } from './rung-layout';

/** What makes a rung stand out among the quiet ones. */
export interface RungMarks {
  /** It is the next of whoever does it. */
  next: boolean;
  /** It decides that its cake is late, or has little to spare. */
  decides: 'misses' | 'tight' | null;
  /** Minutes by which it should have begun. */
  over: number;
  /** A lit rung stands out, the others step back; null lights all. */
  lit: boolean | null;
  /** Held in the hand, or moving along with the one that is. */
  moving: 'held' | 'along' | null;
}

const INSET = RAIL_WIDTH + 1;

/** Work for hands: wide enough to carry its name, as high as it is long. What is pressed or moved is heard by the field that it lies in. */
export const Rung = memo(
  function Rung({ placed, marks, label }: { placed: PlacedRung; marks: RungMarks; label: string }) {
    const { rung, top, height, lane, of, name, who } = placed;
    const { next, decides, over, lit, moving } = marks;
    const own: CSSProperties = { top: Math.round(top), height: Math.max(2, Math.round(height) - 1) };
    if (of > 1) {
      const wide = `(100% - ${2 * INSET}px) / ${of}`;
      Object.assign(own, { left: `calc(${INSET}px + ${lane} * ${wide})`, width: `calc(${wide} - 1px)` });
    }
    const sign = signOf(placed, marks);
    return (
      <button
        type="button"
        tabIndex={-1}
        className={name === null && !who ? 'zl-rung zl-rung-mark' : 'zl-rung'}
        aria-label={label}
        data-step={rung.step}
        data-start={rung.start}
        data-state={rung.state}
        data-work={rung.work}
        data-next={next || undefined}
        data-decides={decides ?? undefined}
        data-lit={lit ?? undefined}
        data-moving={moving ?? undefined}
        data-pinned={rung.pinned || undefined}
        data-cut={name?.cut || undefined}
        style={own}
      >
        {sign}
        {name?.lines.map((line, i) => (
          <Fragment key={i}>
            {i > 0 && (
              <>
                {' '}
                <br />
              </>
            )}
            {line}
          </Fragment>
        ))}
        {who && ' '}
        {who && <span className="zl-rung-who">{over > 0 ? overText(over) : initialsOf(rung)}</span>}
      </button>
    );
  },
  (a, b) => a.label === b.label && sameMarks(a.marks, b.marks) && samePlace(a.placed, b.placed),
);

/** Is there a sign before the name? */
export const isSigned = (rung: PlacedRung['rung'], decides: string | null) =>
  rung.pinned || rung.state === 'done' || rung.state === 'overdue' || rung.step === decides;

function signOf({ rung }: PlacedRung, { decides }: RungMarks) {
  if (rung.state === 'done') return '✓ ';
  if (rung.state === 'overdue') return `${TONE_SHAPES.misses} `;
  if (decides) return `${TONE_SHAPES[decides]} `;
  if (!rung.pinned) return null;
  return <PushPin style={{ fontSize: 12, marginRight: 2, verticalAlign: '-2px' }} />;
}

/** By how much it is over its time: "+1 h 20". */
export const overText = (minutes: number) => `+${durationText(minutes)}`;

const sameMarks = (a: RungMarks, b: RungMarks) =>
  a.next === b.next && a.decides === b.decides && a.over === b.over && a.lit === b.lit && a.moving === b.moving;

function samePlace(a: PlacedRung, b: PlacedRung): boolean {
  const [r, q] = [a.rung, b.rung];
  return (
    a.top === b.top &&
    a.height === b.height &&
    a.lane === b.lane &&
    a.of === b.of &&
    a.who === b.who &&
    a.name?.lines.join() === b.name?.lines.join() &&
    (r === q ||
      (r.step === q.step &&
        r.start === q.start &&
        r.work === q.work &&
        r.state === q.state &&
        r.pinned === q.pinned &&
        initialsOf(r) === initialsOf(q)))
  );
}
