import { percent } from '@/core/measure/percent';
import { say } from '@/core/words/say';
import { memo } from 'react';
import type { Clock } from '@/core/time/clock';
import { clockText, dayClockText } from '@/core/time/clock-text';
import type { PinchView } from '@/server/wall/pinch-view';
import { textWidth } from '../ladder/fit-name';
import type { TimeScale } from '../ladder/time-scale';

/** Pinches whose hours overlap are touched, and said, as one. */
export interface Pinched {
  start: number;
  end: number;
  pinches: PinchView[];
  /** "hands to decorate, Oven 1" */
  what: string;
  /** The word on the line, as much of it as there is room for: "decorate", "Oven 1" */
  words: string[];
  /** "hands to decorate, Oven 1: Sat 08:00–11:00, up to 96 %" */
  text: string;
}

/** Pinches in groups that overlap in time, the earliest first. */
export function pinchGroups(pinches: PinchView[], clock: Clock): Pinched[] {
  const groups: PinchView[][] = [];
  for (const pinch of [...pinches].sort((a, b) => a.start - b.start)) {
    const last = groups.at(-1);
    if (last && pinch.start < Math.max(...last.map((p) => p.end))) last.push(pinch);
    else groups.push([pinch]);
  }
  return groups.map((group) => {
    const [start, end] = [Math.min(...group.map((p) => p.start)), Math.max(...group.map((p) => p.end))];
    const what = [...new Set(group.map((p) => p.what))].join(', ');
    const fullest = [...group].sort((a, b) => b.share - a.share);
    const words = [...new Set(fullest.flatMap((p) => p.short.split(', ')))];
    const most = percent(Math.max(...group.map((p) => p.share)));
    const [from, to] = [dayClockText(start, clock), clockText(end, clock)];
    return { start, end, pinches: group, what, words, text: say`${what}: ${from}–${to}, up to ${most}` };
  });
}

/** From the hours to the bars, and their breadth in all. Pixels. */
export const PINCH_LEFT = 42;
const [BAR, WORDS] = [10, 16];
export const PINCH_WIDTH = BAR + WORDS;
const SIZE = 12;

/** Beside the hours: where the room is full, with the word for it. Touched, it lights up the rungs that fill it. */
export const PinchLine = memo(function PinchLine({
  groups,
  scale,
  chosen,
  onChoose,
}: {
  groups: Pinched[];
  scale: TimeScale;
  chosen: Pinched | null;
  onChoose: (pinched: Pinched | null) => void;
}) {
  return (
    <>
      {groups.map((group) => {
        const { top, bottom } = extent(scale, group);
        const on = chosen?.text === group.text;
        const word = fitting(group.words, bottom - top);
        const kinds = KINDS.filter((k) => group.pinches.some((p) => p.kind === k));
        return (
          <button
            key={group.text}
            type="button"
            className="zl-pinch"
            aria-pressed={on}
            aria-label={word ? say`${word}: no room, ${group.text}` : say`No room: ${group.text}`}
            title={group.text}
            onClick={() => onChoose(on ? null : group)}
            style={{ left: PINCH_LEFT, top, height: bottom - top, width: PINCH_WIDTH }}
          >
            {group.pinches.map((p, i) => {
              const at = extent(scale, p);
              const wide = BAR / kinds.length;
              const left = wide * kinds.indexOf(p.kind);
              const own = { top: at.top - top, height: at.bottom - at.top, left, width: wide - 1 };
              return <span key={i} className="zl-pinch-bar" style={own} />;
            })}
            {word && <span className="zl-pinch-words">{word}</span>}
          </button>
        );
      })}
    </>
  );
});

/** Hands, ovens and shelves are a bar each. */
const KINDS: PinchView['kind'][] = ['hands', 'oven', 'shelves'];

/** As many of the words as a height has room for, and how many more there are; null where not even one fits. */
function fitting(words: string[], height: number): string | null {
  for (let count = words.length; count > 0; count--) {
    const more = words.length - count;
    const text = words.slice(0, count).join(', ') + (more > 0 ? ` +${more}` : '');
    if (textWidth(text, SIZE) + 6 <= height) return text;
  }
  return null;
}

function extent(scale: TimeScale, { start, end }: { start: number; end: number }) {
  const [a, b] = [scale.y(start), scale.y(end)];
  return { top: Math.min(a, b), bottom: Math.max(Math.max(a, b), Math.min(a, b) + 4) };
}
