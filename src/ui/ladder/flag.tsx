import { percent } from '@/core/measure/percent';
import { say } from '@/core/words/say';
import type { Box } from './lanes';
import { TONE_SHAPES, type Tone } from '../parts/status';

const HEIGHT = 21;
/** Narrower than this a flag has no room for its chance. Pixels. */
const ROOM_FOR_CHANCE = 88;

/** Where a flag flies: above its time where time climbs, below where it falls. */
export function flagBox(y: number, climbs: boolean): Box {
  return climbs ? { top: y - HEIGHT - 1, bottom: y } : { top: y, bottom: y + HEIGHT + 1 };
}

/** "93 %"; never quite sure, never quite hopeless, unless it was so on every single day. */
function chanceText(chance: number): string {
  if (chance === 0 || chance === 1) return percent(chance);
  return percent(Math.min(0.99, Math.max(0.01, chance)));
}

/** The pickup, flown at its time. */
export function Flag({
  top,
  width,
  tone,
  time,
  chance,
  oldChance,
}: {
  top: number;
  /** Of its ladder. Pixels. */
  width: number;
  tone: Tone;
  time: string;
  /** Chance of being ready, 0 to 1; null while it is not known. */
  chance: number | null;
  oldChance: boolean;
}) {
  return (
    <div className={`zl-flag zl-flag-${tone}`} style={{ top: Math.round(top) }}>
      <span aria-hidden>{TONE_SHAPES[tone]}</span> {time}
      {chance !== null && width >= ROOM_FOR_CHANCE && (
        <span
          data-chance
          className="zl-flag-chance"
          title={
            oldChance
              ? say`Being reckoned anew: this is how it was before`
              : say`In time on ${chanceText(chance)} of days like this`
          }
        >
          {oldChance ? '…' : chanceText(chance)}
        </span>
      )}
    </div>
  );
}
