'use client';

import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { mergeSpans } from '@/core/planner/model';
import { timeOf } from '@/core/planner/calendars';
import type { LadderView, WallView } from '@/server/views/wall-view';
import { FoldedLadder, OpenLadder } from '../ladder/ladder';
import { AXIS_WIDTH, TimeAxis, TimeGrid } from '../ladder/time-axis';
import { timeScale, type TimeScale } from '../ladder/time-scale';
import { useMinute } from '../parts/use-minute';
import { useStored } from '../parts/use-stored';
import { StepDrawer } from '../parts/step-drawer';
import { LadderFoot } from './ladder-foot';
import { Legend } from './legend';
import { NowLine } from './now-line';
import { StripFeet, Strips, stripsWidth } from './strips';
import { WallHead, ZOOMS, type Zoom } from './wall-head';

const LADDER_WIDTH = 112;
const FOLD_HEIGHT = 42;
/** Minutes shown around the first and the last thing on the wall. */
const MARGIN = 70;

const DIRECTIONS = ['climbs', 'falls'] as const;
/** Narrow screens keep the room for the ladders unless they are told otherwise. */
const STRIPS = ['auto', 'shown', 'hidden'] as const;

/** The wall of ladders: every order on one time, with the hands, ovens and cold that carry them. */
export function Wall({ view }: { view: WallView }) {
  const [zoom, setZoom] = useStored<Zoom>('zest-zoom', ZOOMS);
  const [direction, setDirection] = useStored('zest-direction', DIRECTIONS);
  const [stripsChoice, setStrips] = useStored('zest-strips', STRIPS);
  const [person, setPerson] = useState<string | null>(null);
  const [opened, setOpened] = useState<ReadonlySet<number>>(new Set());
  const [step, setStep] = useState<string | null>(null);
  const minute = useMinute(view.minute);
  const scroller = useRef<HTMLDivElement>(null);

  const climbs = direction === 'climbs';
  const scale = useMemo(() => wallScale(view, Number(zoom), climbs), [view, zoom, climbs]);
  useKeptTime(scroller, scale, minute);

  const toggle = useCallback((order: number) => {
    setOpened((now) => {
      const next = new Set(now);
      if (!next.delete(order)) next.add(order);
      return next;
    });
  }, []);
  const show = (order: number) =>
    scroller.current
      ?.querySelector(`[data-ladder="${order}"]`)
      ?.scrollIntoView({ inline: 'center', block: 'nearest', behavior: 'smooth' });

  const width = (l: LadderView) => (opened.has(l.order) ? (l.components.length + 1) * LADDER_WIDTH : LADDER_WIDTH);
  const columns = view.ladders
    .map((l) => `minmax(${width(l)}px, ${opened.has(l.order) ? l.components.length + 1 : 1}fr)`)
    .join(' ');
  const wide = useMediaQuery('(min-width: 900px)');
  const shown = stripsChoice === 'auto' ? wide : stripsChoice === 'shown';
  const strips = shown ? stripsWidth(view) : 0;
  const feet = (
    <Feet climbs={climbs}>
      <Sticky side="left" width={AXIS_WIDTH} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: columns,
          columnGap: '14px',
          px: 1.5,
          flex: 1,
          minWidth: 'max-content',
        }}
      >
        {view.ladders.map((l) => (
          <LadderFoot key={l.order} ladder={l} open={opened.has(l.order)} onToggle={() => toggle(l.order)} />
        ))}
      </Box>
      <Sticky side="right" width={strips}>
        {shown && <StripFeet view={view} person={person} onPerson={setPerson} />}
      </Sticky>
    </Feet>
  );

  return (
    <Box
      component="main"
      sx={{ flex: '0 0 auto', display: 'flex', flexDirection: 'column', height: 'calc(100dvh - 52px)', minHeight: 420 }}
    >
      <WallHead
        view={view}
        zoom={zoom}
        onZoom={setZoom}
        climbs={climbs}
        onTurn={() => setDirection(climbs ? 'falls' : 'climbs')}
        onShow={show}
        strips={shown}
        onStrips={() => setStrips(shown ? 'hidden' : 'shown')}
      />
      <Box
        ref={scroller}
        data-testid="wall"
        tabIndex={0}
        role="region"
        aria-label="Ladders over time"
        sx={{ flex: 1, overflow: 'auto', position: 'relative', borderTop: '1px solid var(--zl-line)' }}
      >
        <Box
          sx={{ display: 'flex', flexDirection: 'column', width: 'max-content', minWidth: '100%', minHeight: '100%' }}
        >
          {!climbs && feet}
          <Box
            sx={{
              display: 'flex',
              position: 'relative',
              height: scale.height,
              flex: '0 0 auto',
              mt: climbs ? 'auto' : 0,
            }}
          >
            <Sticky side="left" width={AXIS_WIDTH}>
              <TimeAxis scale={scale} clock={view.clock} />
              <NowLine y={scale.y(minute)} text={timeOf(minute, view.clock).toFormat('HH:mm')} badge />
            </Sticky>
            <Box sx={{ position: 'relative', flex: 1, minWidth: 'max-content' }}>
              <TimeGrid scale={scale} clock={view.clock} />
              <Box
                sx={{
                  position: 'relative',
                  display: 'grid',
                  gridTemplateColumns: columns,
                  columnGap: '14px',
                  px: 1.5,
                  height: '100%',
                }}
              >
                {view.ladders.map((l) => {
                  const Shape = opened.has(l.order) ? OpenLadder : FoldedLadder;
                  return (
                    <Box key={l.order} data-ladder={l.order} sx={{ position: 'relative', height: '100%' }}>
                      <Shape ladder={l} scale={scale} clock={view.clock} person={person} onOpen={setStep} />
                    </Box>
                  );
                })}
              </Box>
              <NowLine y={scale.y(minute)} />
            </Box>
            <Sticky side="right" width={strips}>
              {shown && (
                <>
                  <TimeGrid scale={scale} clock={view.clock} />
                  <Strips view={view} scale={scale} person={person} onOpen={setStep} />
                  <NowLine y={scale.y(minute)} />
                </>
              )}
            </Sticky>
          </Box>
          {climbs && feet}
        </Box>
      </Box>
      <Legend climbs={climbs} />
      <StepDrawer step={step} onClose={() => setStep(null)} />
    </Box>
  );
}

function Feet({ climbs, children }: { climbs: boolean; children: React.ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        flex: '0 0 auto',
        position: 'sticky',
        zIndex: 8,
        bgcolor: 'var(--zl-paper)',
        ...(climbs
          ? { bottom: 0, borderTop: '2px solid var(--zl-ink)' }
          : { top: 0, borderBottom: '2px solid var(--zl-ink)' }),
      }}
    >
      {children}
    </Box>
  );
}

function Sticky({ side, width, children }: { side: 'left' | 'right'; width: number; children?: React.ReactNode }) {
  return (
    <Box
      sx={{
        position: 'sticky',
        [side]: 0,
        width,
        flex: '0 0 auto',
        zIndex: 6,
        bgcolor: 'var(--zl-paper)',
        ...(side === 'right' ? { borderLeft: '1px solid var(--zl-line)' } : {}),
      }}
    >
      {children}
    </Box>
  );
}

function wallScale(view: WallView, pixelsPerHour: number, climbs: boolean): TimeScale {
  const busy = view.ladders.flatMap((l) => [
    ...l.rungs.map((r): [number, number] => [r.start - 20, r.end + 20]),
    ...l.rails.filter((r) => r.place === 'oven').map((r): [number, number] => [r.start, r.end]),
    [l.pickup - 20, l.pickup + 50] as [number, number],
  ]);
  const open = mergeSpans([...busy, [view.minute - 30, view.minute + 30], ...view.hands.flatMap((h) => h.shifts)]);
  const times = [...busy.flat(), view.minute];
  return timeScale({
    from: Math.min(...times) - MARGIN,
    to: Math.max(...times) + MARGIN,
    open,
    pixelsPerMinute: pixelsPerHour / 60,
    foldHeight: FOLD_HEIGHT,
    climbs,
  });
}

/** Brings now into view at first, and keeps the time in the middle where it was when the scale changes. */
function useKeptTime(scroller: React.RefObject<HTMLDivElement | null>, scale: TimeScale, minute: number): void {
  const last = useRef<TimeScale | null>(null);
  const ref = useRef(scroller);
  useLayoutEffect(() => {
    const box = ref.current.current;
    if (!box) return;
    const before = last.current;
    last.current = scale;
    const middle = box.clientHeight / 2;
    if (!before) box.scrollTo({ top: scale.y(minute) - box.clientHeight * (scale.climbs ? 0.66 : 0.2) });
    else if (before.pixelsPerMinute !== scale.pixelsPerMinute || before.climbs !== scale.climbs)
      box.scrollTo({ top: scale.y(before.minuteAt(box.scrollTop + middle)) - middle });
  }, [scale, minute]);
}
