import { say, term } from '@/core/words/say';
import { memo } from 'react';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import type { OvenView, StandingView, StoreView } from '@/server/wall/strips-view';
import type { WallView } from '@/server/wall/wall-view';
import { lanes } from '../ladder/lanes';
import { placeLook } from '../ladder/places';
import type { TimeScale } from '../ladder/time-scale';
import type { Pinched } from './pinch-line';
import { stripLefts, stripSizes } from './strip-sizes';

/** A rung in the strip of whoever does it. */
type Job = Pick<RungView, 'step' | 'name' | 'start' | 'end' | 'state'>;

/** What each person has to do: a batch for several cakes once. */
export function jobsOf(ladders: LadderView[]): Map<string, Job[]> {
  const seen = new Set<string>();
  const jobs = new Map<string, Job[]>();
  for (const rung of ladders.flatMap((l) => l.rungs)) {
    if (seen.has(rung.step)) continue;
    seen.add(rung.step);
    for (const { id } of rung.who) jobs.set(id, [...(jobs.get(id) ?? []), rung]);
  }
  return jobs;
}

/** Hands, ovens and cold, on the same time as the ladders. */
export const Strips = memo(function Strips({
  view,
  jobs,
  scale,
  open,
  pinches,
  person,
  onOpen,
}: {
  view: WallView;
  jobs: ReadonlyMap<string, Job[]>;
  scale: TimeScale;
  open: boolean;
  pinches: Pinched[];
  person: string | null;
  onOpen: (step: string) => void;
}) {
  const sizes = stripSizes(open);
  const left = stripLefts(view, sizes);
  return (
    <>
      {view.hands.map((h, i) => (
        <HandStrip
          key={h.id}
          id={h.id}
          name={h.name}
          shifts={h.shifts}
          standing={h.standing}
          jobs={jobs.get(h.id) ?? []}
          pinches={pinches}
          scale={scale}
          left={left.hand + i * sizes.hand}
          width={sizes.hand}
          lit={person === null || person === h.id}
          onOpen={onOpen}
        />
      ))}
      {view.ovens.map((o, i) => (
        <OvenStrip
          key={o.id}
          oven={o}
          scale={scale}
          left={left.oven + i * sizes.oven}
          width={sizes.oven}
          open={open}
          onOpen={onOpen}
        />
      ))}
      {view.stores.map((s, i) => (
        <StoreStrip key={s.kind} store={s} scale={scale} left={left.store + i * sizes.store} width={sizes.store} />
      ))}
    </>
  );
});

const extent = (scale: TimeScale, start: number, end: number) => {
  const [a, b] = [scale.y(start), scale.y(end)];
  return { top: Math.round(Math.min(a, b)), height: Math.max(2, Math.round(Math.abs(a - b))) };
};

/** What lies on a strip, and what is opened where it is touched. */
interface Lying {
  step: string;
  start: number;
  end: number;
}

/** Things of one colour on a strip. */
interface Shape {
  of: { start: number; end: number }[];
  fill: string;
  stroke?: string;
}

/** A strip as a picture: one shape for all of a colour, so that a fortnight is three, not three hundred; touched, it opens what lies there. */
function FoldedStrip({
  label,
  lying,
  shapes,
  scale,
  left,
  width,
  standing = [],
  opacity = 1,
  onOpen,
}: {
  label: string;
  lying: Lying[];
  shapes: Shape[];
  scale: TimeScale;
  left: number;
  width: number;
  standing?: readonly StandingView[];
  opacity?: number;
  onOpen: (step: string) => void;
}) {
  const block = ({ start, end }: Shape['of'][number]) => {
    const { top, height } = extent(scale, start, end);
    return `M2 ${top}h${width - 4}v${Math.max(2, height - 1)}h${4 - width}z`;
  };
  return (
    <svg
      role="img"
      aria-label={label}
      width={width}
      height={scale.height}
      className="zl-strip"
      style={{ left, opacity }}
      onClick={(e) => {
        const minute = scale.minuteAt(e.clientY - e.currentTarget.getBoundingClientRect().top);
        const there = lying.find((l) => l.start <= minute && minute < l.end);
        if (there) onOpen(there.step);
      }}
    >
      {shapes.map(({ of, fill, stroke }) => (
        <path key={fill} d={of.map(block).join('')} style={{ fill, stroke }} />
      ))}
      {standing.map((s) => (
        <path key={`${s.name} ${s.start}`} d={block(s)} className="zl-standing">
          <title>{s.name}</title>
        </path>
      ))}
    </svg>
  );
}

const HandStrip = memo(function HandStrip({
  id,
  name,
  shifts,
  standing,
  jobs,
  pinches,
  scale,
  left,
  width,
  lit,
  onOpen,
}: {
  id: string;
  name: string;
  shifts: [number, number][];
  standing: StandingView[];
  jobs: Job[];
  pinches: Pinched[];
  scale: TimeScale;
  left: number;
  width: number;
  lit: boolean;
  onOpen: (step: string) => void;
}) {
  const full = pinches.flatMap((p) => p.pinches).filter((p) => p.people.includes(id));
  const pinched = (j: Job) => full.some((p) => j.start < p.end && j.end > p.start);
  const open = jobs.filter((j) => j.state === 'planned' || j.state === 'overdue');
  return (
    <FoldedStrip
      label={say`${name}: ${jobs.length} steps`}
      lying={jobs}
      shapes={[
        { of: shifts.map(([start, end]) => ({ start, end })), fill: 'var(--zl-shift)' },
        { of: jobs.filter((j) => j.state === 'done'), fill: 'var(--zl-line)' },
        { of: open.filter((j) => !pinched(j)), fill: 'var(--zl-rest)' },
        { of: open.filter(pinched), fill: 'var(--zl-misses)' },
        { of: jobs.filter((j) => j.state === 'running'), fill: 'var(--zl-zest)', stroke: 'var(--zl-zestEdge)' },
      ]}
      {...{ scale, left, width, onOpen, standing }}
      opacity={lit ? 1 : 0.3}
    />
  );
});

/** Ovens are drawn no lighter than at this heat, so that the white number on them can be read (4.5 : 1). °C. */
const LEAST_HEAT = 172;
/** Room for "170°". Pixels. */
const ROOM_FOR_HEAT = 30;

interface OvenProps {
  oven: OvenView;
  scale: TimeScale;
  left: number;
  width: number;
  open: boolean;
  onOpen: (step: string) => void;
}

/** An oven’s loads: folded two shapes, the hotter the darker; opened each of them with its heat, to be reached by keys. */
const OvenStrip = memo(function OvenStrip(props: OvenProps) {
  const { open, oven, ...drawn } = props;
  if (open) return <OpenOven {...props} />;
  const hot = (l: OvenView['loads'][number]) => l.celsius > LEAST_HEAT;
  return (
    <FoldedStrip
      label={say`${oven.name}: ${oven.loads.length} loads`}
      lying={oven.loads}
      standing={oven.standing}
      shapes={[
        { of: oven.loads.filter((l) => !hot(l)), fill: heat(LEAST_HEAT) },
        { of: oven.loads.filter(hot), fill: heat(LEAST_HEAT + 30) },
      ]}
      {...drawn}
    />
  );
});

const heat = (celsius: number) => placeLook('oven', celsius).style.background!;

function OpenOven({ oven, scale, left, width, onOpen }: OvenProps) {
  const boxes = oven.loads.map((l) => {
    const { top, height } = extent(scale, l.start, l.end);
    return { top: top + 0.5, bottom: top + height };
  });
  const side = lanes(boxes);
  return (
    <div className="zl-strip zl-strip-oven" style={{ left, width: width - 2, height: scale.height }}>
      {oven.standing.map((s) => (
        <div
          key={`${s.name} ${s.start}`}
          className="zl-standing-load"
          title={s.name}
          style={extent(scale, s.start, s.end)}
        />
      ))}
      {oven.loads.map((l, i) => {
        const { top, height } = extent(scale, l.start, l.end);
        const { lane, of } = side[i]!;
        const own = { top, height, left: `${(lane / of) * 100}%`, width: `${100 / of}%` };
        return (
          <button
            key={l.step}
            type="button"
            className="zl-load"
            title={say`${oven.name}: ${l.name}, ${l.celsius} °C, ${l.units} of ${oven.slots} slots`}
            aria-label={`${oven.name}: ${l.name}, ${l.celsius} °C`}
            onClick={() => onOpen(l.step)}
            style={{ ...own, background: heat(Math.max(l.celsius, LEAST_HEAT)) }}
          >
            {width / of >= ROOM_FOR_HEAT && height >= 14 ? `${l.celsius}°` : ''}
          </button>
        );
      })}
    </div>
  );
}

const StoreStrip = memo(function StoreStrip({
  store,
  scale,
  left,
  width,
}: {
  store: StoreView;
  scale: TimeScale;
  left: number;
  width: number;
}) {
  const most = Math.max(store.shelves, ...store.used, 1);
  const room = width - 4;
  const x = (used: number) => Math.round((used / most) * room * 10) / 10;
  // One outline along the time axis and back.
  const steps = store.times.map((t, i) => `V${Math.round(scale.y(t))}H${x(store.used[i]!)}`);
  const area = `M0 ${Math.round(scale.y(store.times[0] ?? 0))}${steps.join('')}H0z`;
  return (
    <svg
      role="img"
      aria-label={say`${term(store.kind)}: at most ${Math.max(0, ...store.used)} of ${store.shelves} shelf places used`}
      width={width}
      height={scale.height}
      className="zl-strip"
      style={{ left }}
    >
      <path d={area} fill={`var(--zl-${store.kind === 'freezer' ? 'freezerLine' : 'fridgeLine'})`} fillOpacity={0.6} />
      <line
        x1={x(store.shelves)}
        x2={x(store.shelves)}
        y1={0}
        y2={scale.height}
        stroke="var(--zl-missesText)"
        strokeWidth={1.5}
        strokeDasharray="5 4"
      />
    </svg>
  );
});
