import { say, term } from '@/core/words/say';
import { memo } from 'react';
import type { Clock } from '@/core/time/clock';
import { clockText, dayClockText } from '@/core/time/clock-text';
import type { LadderView, RailView, RungView } from '@/server/ladder/ladder-view';
import { toneOf } from '../parts/status';
import { Flag, flagBox } from './flag';
import { Rail } from './rails';
import { isSigned, Rung, overText } from './rung';
import { initialsOf, layOutRungs } from './rung-layout';
import type { TimeScale } from './time-scale';

export interface LadderProps {
  ladder: LadderView;
  scale: TimeScale;
  clock: Clock;
  /** Of one ladder; an open one has one for each of its parts and one for the cake. Pixels. */
  width: number;
  /** Now, where something of this ladder should have begun; else it may be null, and the ladder is not drawn again as time passes. */
  minute?: number | null;
  /** The next rung of each person. */
  next?: ReadonlySet<string> | null;
  /** Which rungs are lit, while the others step back; null lights all. */
  lit?: ((rung: RungView) => boolean) | null;
  /** Where rungs would lie that are being moved: the one in the hand, and those that go along. Minutes. */
  moved?: { held: string; starts: ReadonlyMap<string, number> } | null;
  /** Chance of being ready, 0 to 1. */
  chance?: number | null;
  /** It is that of the plan before: a new one is being reckoned. */
  oldChance?: boolean;
}

/** Room between the ladders of an open one. Pixels. */
export const LADDER_GAP = 8;

export const openWidth = (ladder: LadderView, width: number) =>
  (ladder.components.length + 1) * (width + LADDER_GAP) - LADDER_GAP;

/** A folded ladder: the left rail is what the cake stands on, the right one all that goes into it. */
export const FoldedLadder = memo(function FoldedLadder(props: LadderProps) {
  const { ladder } = props;
  const main = ladder.components[0]?.role ?? null;
  const cake = ladder.rails.filter((r) => r.role === null);
  return (
    <Column
      {...props}
      left={0}
      rungs={ladder.rungs}
      leftRail={[...ladder.rails.filter((r) => r.role === main && main !== null), ...cake]}
      rightRail={[...ladder.rails.filter((r) => r.role !== null && r.role !== main), ...cake]}
      flagged
    />
  );
});

/** An opened ladder: a small ladder for every component, leaning into the main one where it is used. */
export const OpenLadder = memo(function OpenLadder(props: LadderProps) {
  const { ladder, scale, width } = props;
  const x = (column: number) => column * (width + LADDER_GAP);
  return (
    <>
      <Leans ladder={ladder} scale={scale} x={x} width={width} />
      {[...ladder.components.map((c) => c.role), null].map((role, i) => {
        const rails = ladder.rails.filter((r) => r.role === role);
        return (
          <Column
            key={role ?? ''}
            {...props}
            left={x(i)}
            rungs={ladder.rungs.filter((r) => r.role === role)}
            leftRail={rails}
            rightRail={rails}
            flagged={role === null}
          />
        );
      })}
    </>
  );
});

interface ColumnProps extends LadderProps {
  left: number;
  rungs: RungView[];
  leftRail: RailView[];
  rightRail: RailView[];
  flagged: boolean;
}

function Column(props: ColumnProps) {
  const { ladder, scale, clock, width, left, rungs, leftRail, rightRail, flagged } = props;
  const { minute = null, next = null, lit = null, moved = null, chance = null, oldChance = false } = props;
  const tone = toneOf(ladder.status);
  const held = moved ? rungs.map((r) => shifted(r, moved.starts)) : rungs;
  const flag = flagged ? flagBox(scale.y(ladder.pickup), scale.climbs) : null;
  const laid = layOutRungs(held, scale, flag, width, (r) => isSigned(r, ladder.decides));
  return (
    <div style={{ position: 'absolute', top: 0, bottom: 0, left, width }}>
      <Rail rails={leftRail} scale={scale} side="left" />
      <Rail rails={rightRail} scale={scale} side="right" />
      {laid.rungs.map((placed) => {
        const { rung } = placed;
        const over = rung.state === 'overdue' && minute !== null ? minute - rung.start : 0;
        return (
          <Rung
            key={rung.step}
            placed={placed}
            label={labelOf(rung, over, ladder, clock)}
            marks={{
              next: next?.has(rung.step) ?? false,
              decides: rung.step === ladder.decides && tone !== 'holds' && rung.state !== 'done' ? tone : null,
              over,
              lit: lit && lit(rung),
              moving: !moved?.starts.has(rung.step) ? null : moved.held === rung.step ? 'held' : 'along',
            }}
          />
        );
      })}
      {flagged && (
        <Flag
          top={laid.flagTop}
          width={width}
          tone={tone}
          time={width < 130 ? clockText(ladder.pickup, clock) : dayClockText(ladder.pickup, clock)}
          chance={ladder.status.state === 'ready' ? null : chance}
          oldChance={oldChance}
        />
      )}
    </div>
  );
}

/** Everything that a rung shows and more, for who hears it: its name, whose it is, when, by whom, how it stands. */
/** It begins with what is seen on the rung. */
function labelOf(rung: RungView, over: number, ladder: LadderView, clock: Clock): string {
  const state = rung.state === 'planned' ? '' : `, ${term(rung.state)}`;
  const pinned = rung.pinned ? say`, pinned` : '';
  const seen = over > 0 ? `${rung.name}, ${overText(over)}, ${initialsOf(rung)}` : `${rung.name}, ${initialsOf(rung)}`;
  return `${seen}, ${ladder.title}, ${dayClockText(rung.start, clock)}${state}${pinned}`;
}

function shifted(rung: RungView, starts: ReadonlyMap<string, number>): RungView {
  const start = starts.get(rung.step);
  return start === undefined ? rung : { ...rung, start, end: start + rung.end - rung.start };
}

/** From the end of each component's last wait to the rung that takes it. */
function Leans({
  ladder,
  scale,
  x,
  width,
}: Pick<LadderProps, 'ladder' | 'scale' | 'width'> & { x: (column: number) => number }) {
  const middle = (column: number) => x(column) + width / 2;
  return (
    <svg
      aria-hidden
      style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', pointerEvents: 'none', zIndex: 1 }}
    >
      {ladder.leans.map((lean, i) => {
        const from = middle(ladder.components.findIndex((c) => c.role === lean.role));
        const y = scale.y(lean.to);
        return (
          <g key={i} stroke="var(--zl-ink)" fill="var(--zl-ink)">
            <line
              x1={from}
              x2={x(ladder.components.length)}
              y1={y}
              y2={y}
              strokeWidth={1.5}
              strokeDasharray="2 4"
              strokeLinecap="round"
            />
            <circle cx={from} cy={y} r={3.5} stroke="none" />
          </g>
        );
      })}
    </svg>
  );
}
