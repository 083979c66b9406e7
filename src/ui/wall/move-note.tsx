import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { durationText } from '@/core/time/duration-text';
import type { Clock } from '@/core/time/clock';
import { dayClockText } from '@/core/time/clock-text';
import type { Move } from './use-move';

/** Says what happens if the rung that is held were set down here. */
export function MoveNote({
  move,
  name,
  clock,
  planning,
}: {
  move: Move;
  name: string;
  clock: Clock;
  /** It has been set down, and the plan is made around it. */
  planning: boolean;
}) {
  const time = (m: number) => dayClockText(m, clock);
  const others = (move.along?.starts.size ?? 1) - 1;
  const wrong = hindranceText(move, time);
  const tone = wrong ? 'misses' : move.late ? 'tight' : 'holds';
  return (
    <Box
      role="status"
      aria-live="polite"
      sx={{
        position: 'absolute',
        left: '50%',
        bottom: 120,
        transform: 'translateX(-50%)',
        maxWidth: 'calc(100% - 32px)',
        px: 2,
        py: 1,
        borderRadius: 2,
        zIndex: 20,
        bgcolor: 'var(--zl-bar)',
        color: 'var(--zl-barText)',
        border: '1px solid var(--zl-muted)',
        borderLeft: `8px solid var(--zl-${tone})`,
        boxShadow: '0 4px 18px rgb(0 0 0 / 30%)',
        pointerEvents: 'none',
      }}
    >
      <b>
        “{name}” {time(move.start)}
        {move.people.length > 0 && `, ${move.people.map((p) => p.name).join(' and ')}`}
      </b>
      <Box sx={{ fontSize: 14 }}>
        {planning
          ? say`Planning…`
          : wrong
            ? say`Not possible: ${wrong}.`
            : move.along === null
              ? say`One moment: the plan is asked…`
              : [
                  others > 0
                    ? say`${others} more ${others === 1 ? 'step moves' : 'steps move'} along`
                    : 'nothing hangs on it',
                  move.late ? say`pickup late by ${durationText(move.late)}` : 'pickup holds',
                ].join(' · ')}
      </Box>
      {move.keys && !planning && (
        <Box
          sx={{ fontSize: 13, opacity: 0.85 }}
        >{say`↑ ↓ five minutes, with Shift thirty · Enter sets it down · Esc lets go`}</Box>
      )}
    </Box>
  );
}

function hindranceText(move: Move, time: (m: number) => string): string | null {
  const h = move.hindrance;
  switch (h?.kind) {
    case undefined:
      return null;
    case 'stays':
      return say`it has been begun`;
    case 'hands':
      return h.text;
    case 'too early':
      return h.step === move.step
        ? say`not before ${time(h.earliest)}`
        : say`“${h.name}” would have to begin before ${time(h.earliest)}`;
    case 'too late':
      return say`“${h.name}” would end after the planned days`;
    case 'wait': {
      const limit =
        h.limit === 'min' ? say`at least ${durationText(h.wait.min)}` : say`at most ${durationText(h.wait.max ?? 0)}`;
      return say`between “${h.first}” and “${h.second}” there must be ${limit}${h.wait.why ? ` (${h.wait.why})` : ''}`;
    }
  }
}
