import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import type { WallView } from '@/server/wall/wall-view';
import type { HandView, OvenView, StoreView } from '@/server/wall/strips-view';
import { headingFont } from '../theme/theme';
import { useBand } from '../ladder/band';
import { placeBackground } from '../ladder/places';
import type { TimeScale } from '../ladder/time-scale';
import { lanes } from '../ladder/lanes';
import { HAND, OVEN, STORE, GAP } from './strip-sizes';

interface StripsProps {
  view: WallView;
  scale: TimeScale;
  person: string | null;
  onOpen: (step: string) => void;
}

/** Hands, ovens and cold, on the same time as the ladders. */
export function Strips({ view, scale, person, onOpen }: StripsProps) {
  const band = useBand();
  const drawn = <T extends { start: number; end: number }>(list: T[]) =>
    list.filter((x) => {
      const { top, height } = extent(scale, x.start, x.end);
      return !band || (top < band.bottom && top + height > band.top);
    });
  return (
    <Box sx={{ display: 'flex', gap: `${GAP}px`, px: 1.25, height: scale.height }}>
      {view.hands.map((h) => (
        <HandStrip
          key={h.id}
          hand={{ ...h, jobs: drawn(h.jobs) }}
          scale={scale}
          lit={person === null || person === h.id}
          onOpen={onOpen}
        />
      ))}
      <Box sx={{ width: 10 }} />
      {view.ovens.map((o) => (
        <OvenStrip key={o.id} oven={{ ...o, loads: drawn(o.loads) }} scale={scale} onOpen={onOpen} />
      ))}
      <Box sx={{ width: 8 }} />
      {view.stores.map((s) => (
        <StoreStrip key={s.kind} store={s} scale={scale} />
      ))}
    </Box>
  );
}

const extent = (scale: TimeScale, start: number, end: number) => {
  const [a, b] = [scale.y(start), scale.y(end)];
  return { top: Math.min(a, b), height: Math.max(2, Math.abs(a - b)) };
};

function HandStrip({
  hand,
  scale,
  lit,
  onOpen,
}: {
  hand: HandView;
  scale: TimeScale;
  lit: boolean;
  onOpen: (step: string) => void;
}) {
  return (
    <Box sx={{ position: 'relative', width: HAND, opacity: lit ? 1 : 0.3 }}>
      {hand.shifts.map(([start, end]) => (
        <div
          key={start}
          style={{
            position: 'absolute',
            left: 3,
            right: 3,
            borderRadius: 4,
            background: 'var(--zl-shift)',
            ...extent(scale, start, end),
          }}
        />
      ))}
      {hand.jobs.map((j) => (
        <button
          key={j.step}
          type="button"
          tabIndex={-1}
          title={`${hand.name}: ${j.name}`}
          onClick={() => onOpen(j.step)}
          style={{
            position: 'absolute',
            left: 3,
            right: 3,
            padding: 0,
            border: '1px solid var(--zl-zestEdge)',
            borderRadius: 2,
            background: 'var(--zl-zest)',
            cursor: 'pointer',
            ...extent(scale, j.start, j.end),
          }}
        />
      ))}
    </Box>
  );
}

/** Ovens are drawn no lighter than at this heat, so that the white number on them can be read (4.5 : 1). °C. */
const LEAST_HEAT = 172;

function OvenStrip({ oven, scale, onOpen }: { oven: OvenView; scale: TimeScale; onOpen: (step: string) => void }) {
  const boxes = oven.loads.map((l) => {
    const { top, height } = extent(scale, l.start, l.end);
    return { top: top + 0.5, bottom: top + height };
  });
  const side = lanes(boxes);
  return (
    <Box
      sx={{
        position: 'relative',
        width: OVEN,
        borderLeft: '1px solid var(--zl-line)',
        borderRight: '1px solid var(--zl-line)',
      }}
    >
      {oven.loads.map((l, i) => {
        const { top, height } = extent(scale, l.start, l.end);
        const { lane, of } = side[i]!;
        return (
          <button
            key={l.step}
            type="button"
            title={say`${oven.name}: ${l.name}, ${l.celsius} °C, ${l.units} of ${oven.slots} slots`}
            aria-label={`${oven.name}: ${l.name}, ${l.celsius} °C`}
            onClick={() => onOpen(l.step)}
            style={{
              position: 'absolute',
              top,
              height,
              left: `${(lane / of) * 100}%`,
              width: `${100 / of}%`,
              padding: 0,
              border: 0,
              borderRadius: 3,
              color: '#fff',
              font: 'inherit',
              fontFamily: headingFont,
              fontWeight: 700,
              fontSize: 11,
              lineHeight: 1,
              cursor: 'pointer',
              overflow: 'hidden',
              ...placeBackground('oven', Math.max(l.celsius, LEAST_HEAT)),
            }}
          >
            {of === 1 && height >= 13 ? `${l.celsius}°` : ''}
          </button>
        );
      })}
    </Box>
  );
}

function StoreStrip({ store, scale }: { store: StoreView; scale: TimeScale }) {
  const most = Math.max(store.shelves, ...store.used, 1);
  const room = STORE - 4;
  return (
    <Box
      role="img"
      aria-label={say`${term(store.kind)}: at most ${Math.max(0, ...store.used)} of ${store.shelves} shelf places used`}
      sx={{ position: 'relative', width: STORE }}
    >
      {store.times.map((t, i) => {
        const used = store.used[i]!;
        const until = store.times[i + 1];
        if (used === 0 || until === undefined) return null;
        const { top, height } = extent(scale, t, until);
        return (
          <div
            key={t}
            style={{
              position: 'absolute',
              left: 0,
              top,
              height,
              width: (used / most) * room,
              ...placeBackground(store.kind),
            }}
          />
        );
      })}
      <Box
        sx={{
          position: 'absolute',
          top: 0,
          bottom: 0,
          left: (store.shelves / most) * room,
          borderLeft: '2px dashed var(--zl-misses)',
        }}
      />
    </Box>
  );
}
