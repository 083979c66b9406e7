import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import { memo } from 'react';
import { type Clock, timeOf } from '@/core/time/clock';
import type { LadderView, RailView, RungView } from '@/server/ladder/ladder-view';
import { toneOf } from '../parts/status';
import { useBand } from './band';
import { Flag, flagBox } from './flag';
import { Rail } from './rails';
import { Rung } from './rung';
import { LONG_NAME, LONG_NAME_OPEN, layOutRungs } from './rung-layout';
import type { TimeScale } from './time-scale';

export interface LadderProps {
  ladder: LadderView;
  scale: TimeScale;
  clock: Clock;
  /** Which rungs are lit, while the others step back; null lights all. */
  lit?: ((rung: RungView) => boolean) | null;
  /** Where rungs would lie that are being moved: the one in the hand, and those that go along. Minutes. */
  moved?: { held: string; starts: ReadonlyMap<string, number> } | null;
  /** Chance of being ready, 0 to 1. */
  chance?: number | null;
  /** It is that of the plan before: a new one is being reckoned. */
  oldChance?: boolean;
  onOpen: (step: string) => void;
  onTake?: (step: string, start: number) => void;
}

/** A folded ladder: the left rail is what the cake stands on, the right one all that goes into it. */
export const FoldedLadder = memo(function FoldedLadder(props: LadderProps) {
  const { ladder } = props;
  const main = ladder.components[0]?.role ?? null;
  const cake = ladder.rails.filter((r) => r.role === null);
  return (
    <Column
      {...props}
      rungs={ladder.rungs}
      left={[...ladder.rails.filter((r) => r.role === main && main !== null), ...cake]}
      right={[...ladder.rails.filter((r) => r.role !== null && r.role !== main), ...cake]}
      flagged
      longName={LONG_NAME}
    />
  );
});

/** An opened ladder: a small ladder for every component, leaning into the main one where it is used. */
export const OpenLadder = memo(function OpenLadder(props: LadderProps) {
  const { ladder, scale } = props;
  const columns = ladder.components.length + 1;
  return (
    <Box sx={{ position: 'relative', display: 'flex', height: '100%', gap: '10px' }}>
      <Leans ladder={ladder} scale={scale} columns={columns} />
      {ladder.components.map((c) => {
        const rails = ladder.rails.filter((r) => r.role === c.role);
        return (
          <Column
            key={c.role}
            {...props}
            rungs={ladder.rungs.filter((r) => r.role === c.role)}
            left={rails}
            right={rails}
          />
        );
      })}
      <Column
        {...props}
        rungs={ladder.rungs.filter((r) => r.role === null)}
        left={ladder.rails.filter((r) => r.role === null)}
        right={ladder.rails.filter((r) => r.role === null)}
        flagged
      />
    </Box>
  );
});

function Column({
  ladder,
  scale,
  clock,
  lit = null,
  moved = null,
  chance = null,
  oldChance = false,
  onOpen,
  onTake,
  rungs,
  left,
  right,
  flagged = false,
  longName = LONG_NAME_OPEN,
}: LadderProps & { rungs: RungView[]; left: RailView[]; right: RailView[]; flagged?: boolean; longName?: number }) {
  const band = useBand();
  const time = (minute: number) => timeOf(minute, clock).toFormat('ccc HH:mm');
  const pickup = scale.y(ladder.pickup);
  const held = moved ? rungs.map((r) => shifted(r, moved.starts)) : rungs;
  const laid = layOutRungs(held, scale, flagged ? flagBox(pickup, scale.climbs) : null, longName);
  return (
    <Box sx={{ position: 'relative', flex: '1 1 0', minWidth: 0, height: '100%' }}>
      <Rail rails={left} scale={scale} side="left" band={band} />
      <Rail rails={right} scale={scale} side="right" band={band} />
      {laid.rungs
        .filter((p) => !band || (p.top < band.bottom && p.top + p.height > band.top))
        .map((placed) => (
          <Rung
            key={placed.rung.step}
            placed={placed}
            pixelsPerMinute={scale.pixelsPerMinute}
            lit={lit && lit(placed.rung)}
            moving={!moved?.starts.has(placed.rung.step) ? null : moved.held === placed.rung.step ? 'held' : 'along'}
            onTake={onTake}
            label={`${placed.rung.name}, ${ladder.title}, ${time(placed.rung.start)}, ${placed.rung.who.map((w) => w.initials).join(' ')}${placed.rung.state === 'planned' ? '' : `, ${term(placed.rung.state)}`}${placed.rung.pinned ? say`, pinned` : ''}`}
            onOpen={onOpen}
          />
        ))}
      {flagged && (
        <Flag
          top={laid.flagTop}
          tone={toneOf(ladder.status)}
          time={timeOf(ladder.pickup, clock).toFormat('ccc HH:mm')}
          chance={ladder.status.state === 'ready' ? null : chance}
          oldChance={oldChance}
        />
      )}
    </Box>
  );
}

function shifted(rung: RungView, starts: ReadonlyMap<string, number>): RungView {
  const start = starts.get(rung.step);
  return start === undefined ? rung : { ...rung, start, end: start + rung.end - rung.start };
}

/** From the end of each component's last wait to the rung that takes it. */
function Leans({ ladder, scale, columns }: { ladder: LadderView; scale: TimeScale; columns: number }) {
  const x = (column: number) => ((column + 0.5) / columns) * 100;
  return (
    <Box
      component="svg"
      aria-hidden
      sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%', pointerEvents: 'none', zIndex: 1 }}
    >
      {ladder.leans.map((lean, i) => {
        const column = ladder.components.findIndex((c) => c.role === lean.role);
        const y = scale.y(lean.to);
        return (
          <g key={i} stroke="var(--zl-ink)" fill="var(--zl-ink)">
            <line
              x1={`${x(column)}%`}
              x2={`${x(columns - 1) - 40 / columns}%`}
              y1={y}
              y2={y}
              strokeWidth={1.5}
              strokeDasharray="2 4"
              strokeLinecap="round"
            />
            <circle cx={`${x(column)}%`} cy={y} r={3.5} stroke="none" />
          </g>
        );
      })}
    </Box>
  );
}
