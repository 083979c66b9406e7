'use client';

import { say } from '@/core/words/say';
import { useVirtualizer } from '@tanstack/react-virtual';
import {
  useEffect,
  useImperativeHandle,
  useLayoutEffect,
  useMemo,
  useRef,
  type CSSProperties,
  type ReactNode,
  type Ref,
} from 'react';
import { clockText } from '@/core/time/clock-text';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import type { WallView } from '@/server/wall/wall-view';
import type { Chance } from '@/server/plan/chances';
import { FoldedLadder, OpenLadder } from '../ladder/ladder';
import { NowLine } from '../ladder/now-line';
import { PictureLadder } from '../ladder/picture';
import { useRungKeys } from '../ladder/use-rung-keys';
import { TimeAxis, TimeGrid } from '../ladder/time-axis';
import type { TimeScale } from '../ladder/time-scale';
import { useHydrated } from '../parts/use-hydrated';
import { DragRungs } from './drag-rungs';
import { LadderFoot, PictureFoot } from './ladder-foot';
import { PINCH_LEFT, PINCH_WIDTH, PinchLine, type Pinched } from './pinch-line';
import { StripFeet } from './strip-feet';
import { jobsOf, Strips } from './strips';
import { stripsWidth, stripSizes } from './strip-sizes';
import { useKeptPlace, type Standing } from './use-kept-place';
import { useMoveActions, useMoved } from './moving';

export const AXIS_WIDTH = PINCH_LEFT + PINCH_WIDTH + 4;

/** What the wall can ask of its field. */
export interface FieldHandle {
  /** Brings a time and a ladder into the middle. */
  goTo: (minute: number | null, order?: number | null) => void;
  /** Keeps the time at a height of the window where it is through the next change of scale. */
  hold: (y: number) => void;
  focusRung: (order: number, step: string) => void;
}

export interface FieldProps {
  ref: Ref<FieldHandle>;
  view: WallView;
  ladders: LadderView[];
  standing: Standing[];
  /** Of one ladder, and of all. Pixels. */
  width: number;
  total: number;
  /** As a picture of the whole: rungs are lines. */
  picture: boolean;
  scale: TimeScale;
  minute: number;
  from: { minute: number | null; ladder: number | null };
  opened: ReadonlySet<number>;
  next: ReadonlySet<string>;
  lit: ((rung: RungView) => boolean) | null;
  chances: ReadonlyMap<number, Chance>;
  oldChances: boolean;
  pinches: Pinched[];
  pinched: Pinched | null;
  strips: 'open' | 'folded' | null;
  person: string | null;
  /** It is a copy that is tried: nothing can be moved on it. */
  trial: boolean;
  onMoved: (minute: number, ladder: number | null) => void;
  onZoom: (steps: 1 | -1) => void;
  onSize: (size: { width: number; height: number }) => void;
  onToggle: (order: number) => void;
  onOpen: (step: string) => void;
  onPerson: (id: string | null) => void;
  onPinch: (pinched: Pinched | null) => void;
  onStrips: (open: boolean) => void;
}

/** Ladders are drawn this many beyond what is seen. */
const BEYOND = 2;
/** Before it is known how large the window is: what is sent with the page is to be little. Pixels. */
const USUAL_SIZE = { width: 720, height: 600 };

/** The field of ladders: one time for all, on the left its hours, on the right the hands and things that carry them. */
export function Field(props: FieldProps) {
  const { ref, view, ladders, standing, total, scale, minute, strips, trial, onSize, onOpen } = props;
  const { begin, keyDown: moveByKeys } = useMoveActions();
  const scroller = useRef<HTMLDivElement>(null);
  const field = useRef<HTMLDivElement>(null);
  const { from, onMoved } = props;
  const { hold, goTo } = useKeptPlace({ scroller, field, scale, standing, minute, from, onMoved });
  const { focusRung, keyDown } = useRungKeys({
    scroller,
    ladders,
    scale,
    minute,
    goTo,
    onTake: trial ? undefined : begin,
  });
  useImperativeHandle(ref, () => ({ goTo, hold, focusRung }), [goTo, hold, focusRung]);
  useWheelZoom(scroller, hold, props.onZoom);
  useLayoutEffect(() => {
    const box = scroller.current;
    if (!box) return;
    const tell = () => onSize({ width: box.clientWidth, height: box.clientHeight });
    tell();
    const sized = new ResizeObserver(tell);
    sized.observe(box);
    return () => sized.disconnect();
  }, [onSize]);

  const stripsAt = stripSizes(strips === 'open');
  const right = strips ? stripsWidth(view, stripsAt) : 0;
  // What the library returns cannot be memoised by the compiler; nothing here is.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    ...{ horizontal: true, count: ladders.length, overscan: BEYOND, initialRect: USUAL_SIZE },
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (standing[i + 1]?.x ?? total) - standing[i]!.x,
    getItemKey: (i) => ladders[i]!.order,
  });
  useLayoutEffect(() => virtual.measure(), [virtual, standing]);
  const seen = virtual.getVirtualItems().filter((v) => v.index < ladders.length);
  const hydrated = useHydrated();
  const jobs = useMemo(
    () => jobsOf(hydrated ? view.ladders : view.ladders.map((l) => nearNow(l, view.minute))),
    [hydrated, view],
  );
  const drawn = useMemo(
    () => (hydrated ? ladders : ladders.map((l) => nearNow(l, view.minute))),
    [hydrated, ladders, view.minute],
  );
  const feet = <Feet {...props} seen={seen.map((v) => v.index)} right={right} />;

  return (
    <DragRungs scale={scale} trial={trial}>
      <div
        ref={scroller}
        data-testid="wall"
        tabIndex={0}
        role="region"
        aria-label={
          trial
            ? say`Ladders over time, on a copy of the plan; arrows go from rung to rung`
            : say`Ladders over time; arrows go from rung to rung`
        }
        onKeyDown={(e) => moveByKeys(e, scale.climbs) || keyDown(e)}
        onClick={(e) => {
          const step = (e.target as Element).closest<HTMLElement>('.zl-rung')?.dataset.step;
          if (step) onOpen(step);
        }}
        onMouseOver={(e) => {
          // Its words, for the pointer too: said twice they would be sent twice.
          const rung = (e.target as Element).closest<HTMLElement>('.zl-rung');
          if (rung && !rung.title) rung.title = rung.getAttribute('aria-label') ?? '';
        }}
        className={trial ? 'zl-scroller zl-trial' : 'zl-scroller'}
        // Room for what stays in sight, as a rung is brought into view; as padding of the scroller it would move the strips themselves.
        style={{ '--zl-right': `${right + 8}px`, '--zl-left': `${AXIS_WIDTH + 8}px` } as CSSProperties}
      >
        <div className="zl-sheet">
          {!scale.climbs && feet}
          <div ref={field} className="zl-field" style={{ height: scale.height, marginTop: scale.climbs ? 'auto' : 0 }}>
            <div className="zl-axis" style={{ width: AXIS_WIDTH }}>
              <TimeAxis scale={scale} clock={view.clock} only={hydrated ? null : (m) => isNear(view.minute, m)} />
              <PinchLine groups={props.pinches} scale={scale} chosen={props.pinched} onChoose={props.onPinch} />
              <NowLine y={scale.y(minute)} text={clockText(minute, view.clock)} badge />
            </div>
            <div className="zl-ladders" style={{ minWidth: total }}>
              <TimeGrid scale={scale} clock={view.clock} />
              {seen.map(({ index }) => (
                <OneLadder key={drawn[index]!.order} {...props} ladder={drawn[index]!} at={standing[index]!} />
              ))}
              <NowLine y={scale.y(minute)} />
            </div>
            {strips && (
              <div className="zl-strips" style={{ width: right }}>
                <TimeGrid scale={scale} clock={view.clock} />
                <Strips
                  view={view}
                  jobs={jobs}
                  scale={scale}
                  open={strips === 'open'}
                  pinches={props.pinches}
                  person={props.person}
                  onOpen={onOpen}
                />
                <NowLine y={scale.y(minute)} />
              </div>
            )}
          </div>
          {scale.climbs && feet}
        </div>
      </div>
    </DragRungs>
  );
}

/** Hours before and after now that are sent as a picture with the page; the rest is drawn once the page is alive. */
const [BEFORE, AFTER] = [4 * 60, 12 * 60];

const isNear = (now: number, start: number, end = start) => end > now - BEFORE && start < now + AFTER;

function nearNow(ladder: LadderView, minute: number): LadderView {
  const near = (x: { start: number; end: number }) => isNear(minute, x.start, x.end);
  return { ...ladder, rungs: ladder.rungs.filter(near), rails: ladder.rails.filter(near) };
}

type OneProps = FieldProps & { ladder: LadderView; at: Standing };

function OneLadder({ ladder, at, picture, opened, scale, view, minute, next, lit, ...more }: OneProps) {
  const move = useMoved();
  const moved = useMemo(
    () => move && { held: move.step, starts: move.along?.starts ?? new Map([[move.step, move.start]]) },
    [move],
  );
  const concerned = moved !== null && ladder.rungs.some((r) => moved.starts.has(r.step));
  const late = ladder.rungs.some((r) => r.state === 'overdue');
  const Shape = opened.has(ladder.order) ? OpenLadder : FoldedLadder;
  return (
    <div data-ladder={ladder.order} className="zl-ladder" style={{ left: at.x, width: at.width }}>
      {picture ? (
        <PictureLadder ladder={ladder} scale={scale} width={at.width} lit={lit} />
      ) : (
        <Shape
          ladder={ladder}
          scale={scale}
          clock={view.clock}
          width={more.width}
          minute={late ? minute : null}
          next={ladder.rungs.some((r) => next.has(r.step)) ? next : null}
          lit={lit}
          moved={concerned ? moved : null}
          chance={more.chances.get(ladder.order)?.chance ?? null}
          oldChance={more.oldChances}
        />
      )}
    </div>
  );
}

function Feet(props: FieldProps & { seen: number[]; right: number }) {
  const { ladders, standing, total, picture, scale, opened, seen, right } = props;
  const some = ladders.some((l) => opened.has(l.order));
  return (
    <div className={`zl-feet ${scale.climbs ? 'zl-feet-below' : 'zl-feet-above'}`}>
      <div className="zl-corner" style={{ width: AXIS_WIDTH }} />
      <div className="zl-feet-row" style={{ minWidth: total, height: picture ? 104 : some ? 92 : 62 }}>
        {seen.map((i): ReactNode => {
          const ladder = ladders[i]!;
          return (
            <div
              key={ladder.order}
              className="zl-foot-place"
              style={{ left: standing[i]!.x, width: standing[i]!.width }}
            >
              {picture ? (
                <PictureFoot ladder={ladder} width={standing[i]!.width} />
              ) : (
                <LadderFoot
                  ladder={ladder}
                  width={props.width}
                  open={opened.has(ladder.order)}
                  onToggle={props.onToggle}
                />
              )}
            </div>
          );
        })}
      </div>
      {props.strips && (
        <div className="zl-strips" style={{ width: right }}>
          <StripFeet
            view={props.view}
            open={props.strips === 'open'}
            person={props.person}
            onPerson={props.onPerson}
            onOpen={props.onStrips}
          />
        </div>
      )}
    </div>
  );
}

/** With Ctrl, or two fingers on a pad, the wheel zooms about the pointer. */
function useWheelZoom(
  scroller: React.RefObject<HTMLDivElement | null>,
  hold: (y: number) => void,
  onZoom: (steps: 1 | -1) => void,
): void {
  useEffect(() => {
    const box = scroller.current;
    if (!box) return;
    let turned = 0;
    const wheel = (e: WheelEvent) => {
      if (!e.ctrlKey && !e.metaKey) return;
      e.preventDefault();
      turned += e.deltaY;
      if (Math.abs(turned) < A_STEP) return;
      hold(e.clientY);
      onZoom(turned < 0 ? 1 : -1);
      turned = 0;
    };
    box.addEventListener('wheel', wheel, { passive: false });
    return () => box.removeEventListener('wheel', wheel);
  }, [scroller, hold, onZoom]);
}

/** The wheel is turned by so much for the next zoom. */
const A_STEP = 50;
