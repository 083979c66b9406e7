'use client';

import { say } from '@/core/words/say';
import { DndContext, MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useCallback, useMemo, useRef, useState } from 'react';
import { mergeSpans } from '@/core/time/spans';
import { timeOf } from '@/core/time/clock';
import type { WallView } from '@/server/wall/wall-view';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import type { TrialView } from '@/server/wall/what-if';
import { BandProvider } from '../ladder/band';
import { FoldedLadder, OpenLadder } from '../ladder/ladder';
import { AXIS_WIDTH, TimeAxis, TimeGrid } from '../ladder/time-axis';
import { timeScale, type TimeScale } from '../ladder/time-scale';
import { useAction } from '../parts/use-action';
import { useChances } from '../parts/use-chances';
import { useMinute } from '../parts/use-minute';
import { useStored } from '../parts/use-stored';
import { StepDrawer } from '../parts/step-drawer';
import { Filter, filterOptions } from './filter';
import { NotAnsweredNote } from '../asking/not-answered';
import { LadderFoot } from './ladder-foot';
import { Legend } from './legend';
import { LoadPanel } from './load-panel';
import { MoveNote } from './move-note';
import { NowLine } from '../ladder/now-line';
import { Seen } from './seen';
import { Strips } from './strips';
import { StripFeet } from './strip-feet';
import { stripsWidth } from './strip-sizes';
import { useKeptTime } from './use-kept-time';
import { GRID, useMove } from './use-move';
import { WallHead, ZOOMS, type Zoom } from './wall-head';
import { WhatIfPanel } from './what-if-panel';

const LADDER_WIDTH = 132;
const FOLD_HEIGHT = 42;
/** Minutes shown around the first and the last thing on the wall. */
const MARGIN = 70;
/** Ladders that are drawn before it is known which are seen. */
const FIRST_DRAWN = 24;

const DIRECTIONS = ['climbs', 'falls'] as const;
/** Narrow screens keep the room for the ladders unless they are told otherwise. */
const STRIPS = ['auto', 'shown', 'hidden'] as const;

/** The wall of ladders: every order on one time, with the hands, ovens and cold that carry them. */
export function Wall({ view: current }: { view: WallView }) {
  const [zoom, setZoom] = useStored<Zoom>('zest-zoom', ZOOMS);
  const [direction, setDirection] = useStored('zest-direction', DIRECTIONS);
  const [stripsChoice, setStrips] = useStored('zest-strips', STRIPS);
  const [person, setPerson] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string[]>([]);
  const [opened, setOpened] = useState<ReadonlySet<number>>(new Set());
  const [step, setStep] = useState<string | null>(null);
  const [panel, setPanel] = useState<'what if' | 'load' | null>(null);
  const [trial, setTrial] = useState<TrialView | null>(null);
  // While something is tried, the wall shows the copy.
  const view = trial?.wall ?? current;
  const minute = useMinute(view.minute);
  const scroller = useRef<HTMLDivElement>(null);
  const field = useRef<HTMLDivElement>(null);
  const action = useAction();
  const { move, begin, to, cancel, commit } = useMove(action);
  const { chances, old: oldChances, asked: askedChances } = useChances(trial ? null : current.plan, minute);

  const climbs = direction === 'climbs';
  const scale = useMemo(() => wallScale(view, Number(zoom), climbs), [view, zoom, climbs]);
  useKeptTime(scroller, field, scale, minute);

  const filter = useMemo(() => new Filter(chosen, view.clock), [chosen, view.clock]);
  const options = useMemo(() => filterOptions(view), [view]);
  const ladders = useMemo(() => view.ladders.filter((l) => filter.shows(l)), [view, filter]);
  const lit = useMemo(() => {
    if (person === null && !filter.lights) return null;
    return (r: RungView) => (person === null || r.who.some((w) => w.id === person)) && filter.lit(r);
  }, [person, filter]);

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

  const take = useCallback((id: string, start: number) => begin(id, start, true), [begin]);
  const nameOf = (id: string) => view.ladders.flatMap((l) => l.rungs).find((r) => r.step === id)?.name ?? '';
  const moved = useMemo(
    () => move && { held: move.step, starts: move.along?.starts ?? new Map([[move.step, move.start]]) },
    [move],
  );
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  const moveByKeys = (e: React.KeyboardEvent) => {
    if (!move?.keys) return;
    const up = scale.climbs ? 1 : -1;
    const by = (e.shiftKey ? 6 : 1) * GRID;
    if (e.key === 'ArrowUp') to(move.start + up * by);
    else if (e.key === 'ArrowDown') to(move.start - up * by);
    else if (e.key === 'Enter') commit();
    else if (e.key === 'Escape') cancel();
    else return;
    e.preventDefault();
    e.stopPropagation();
  };

  const width = (l: LadderView) => (opened.has(l.order) ? (l.components.length + 1) * LADDER_WIDTH : LADDER_WIDTH);
  const columns = ladders
    .map((l) => `minmax(${width(l)}px, ${opened.has(l.order) ? l.components.length + 1 : 1}fr)`)
    .join(' ');
  const wide = useMediaQuery('(min-width: 900px)');
  // A panel takes the room of the strips, unless somebody wants both.
  const shown = stripsChoice === 'auto' ? wide && panel === null : stripsChoice === 'shown';
  const strips = shown ? stripsWidth(view) : 0;
  const feet = (
    <Feet climbs={climbs}>
      <Sticky side="left" width={AXIS_WIDTH} />
      <Ladders columns={columns}>
        {ladders.map((l) => (
          <LadderFoot key={l.order} ladder={l} open={opened.has(l.order)} onToggle={() => toggle(l.order)} />
        ))}
      </Ladders>
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
        view={current}
        zoom={zoom}
        onZoom={setZoom}
        climbs={climbs}
        onTurn={() => setDirection(climbs ? 'falls' : 'climbs')}
        onShow={show}
        strips={shown}
        onStrips={() => setStrips(shown ? 'hidden' : 'shown')}
        panel={panel}
        onPanel={(next) => {
          setPanel(next);
          setTrial(null);
        }}
        filter={{ options, chosen, onChoose: setChosen }}
      />
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex', position: 'relative', borderTop: '1px solid var(--zl-line)' }}>
        {panel === 'what if' && (
          <WhatIfPanel view={current} trial={trial} onTrial={setTrial} onClose={() => setPanel(null)} />
        )}
        {panel === 'load' && <LoadPanel view={view} onClose={() => setPanel(null)} />}
        <DndContext
          sensors={sensors}
          autoScroll={{ threshold: { x: 0, y: 0.12 } }}
          onDragStart={({ active }) => begin(`${active.id}`, active.data.current!.start as number, false)}
          onDragMove={({ active, delta }) =>
            to(scale.minuteAt(scale.y(active.data.current!.start as number) + delta.y))
          }
          onDragEnd={commit}
          onDragCancel={cancel}
        >
          <Box
            ref={scroller}
            data-testid="wall"
            tabIndex={0}
            role="region"
            aria-label={trial ? say`Ladders over time, on a copy of the plan` : say`Ladders over time`}
            onKeyDownCapture={moveByKeys}
            sx={{
              flex: 1,
              minWidth: 0,
              overflow: 'auto',
              position: 'relative',
              ...(trial ? { border: '4px dashed var(--zl-tight)' } : {}),
            }}
          >
            <BandProvider scroller={scroller}>
              <Box
                sx={{
                  display: 'flex',
                  flexDirection: 'column',
                  width: 'max-content',
                  minWidth: '100%',
                  minHeight: '100%',
                }}
              >
                {!climbs && feet}
                <Box
                  ref={field}
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
                    <Ladders columns={columns} high>
                      {ladders.map((l, i) => {
                        const Shape = opened.has(l.order) ? OpenLadder : FoldedLadder;
                        return (
                          <Seen key={l.order} order={l.order} root={scroller} first={i < FIRST_DRAWN}>
                            <Shape
                              ladder={l}
                              scale={scale}
                              clock={view.clock}
                              lit={lit}
                              moved={moved && l.rungs.some((r) => moved.starts.has(r.step)) ? moved : null}
                              chance={chances.get(l.order)?.chance ?? null}
                              oldChance={oldChances}
                              onOpen={setStep}
                              {...(trial ? {} : { onTake: take })}
                            />
                          </Seen>
                        );
                      })}
                    </Ladders>
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
            </BandProvider>
          </Box>
        </DndContext>
        {trial && <CopyBadge />}
        {move && <MoveNote move={move} name={nameOf(move.step)} clock={view.clock} />}
      </Box>
      <Box sx={{ px: 2 }}>
        <NotAnsweredNote asked={askedChances} what={say`How likely each pickup is could not be reckoned`} />
      </Box>
      <Legend climbs={climbs} planned={view.planned} />
      <StepDrawer step={step} onClose={() => setStep(null)} />
      {action.message}
    </Box>
  );
}

/** Says that what is seen is not the plan. */
function CopyBadge() {
  return (
    <Box
      sx={{
        position: 'absolute',
        right: 16,
        top: 10,
        zIndex: 9,
        px: 1.5,
        py: 0.5,
        borderRadius: 1,
        bgcolor: 'var(--zl-tight)',
        color: '#fff',
        fontWeight: 700,
      }}
    >{say`▲ A copy: nothing is decided`}</Box>
  );
}

function Ladders({ columns, high = false, children }: { columns: string; high?: boolean; children: React.ReactNode }) {
  return (
    <Box
      sx={{
        position: 'relative',
        display: 'grid',
        gridTemplateColumns: columns,
        columnGap: '14px',
        px: 1.5,
        ...(high ? { height: '100%' } : { flex: 1, minWidth: 'max-content' }),
      }}
    >
      {children}
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
        zIndex: 7,
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
