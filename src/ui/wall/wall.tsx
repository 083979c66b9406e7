'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import { useCallback, useMemo, useRef, useState, type ComponentProps } from 'react';
import { clockText, dayClockText } from '@/core/time/clock-text';
import type { RungView } from '@/server/ladder/ladder-view';
import type { WallView } from '@/server/wall/wall-view';
import type { TrialView } from '@/server/wall/what-if';
import { readWall, type SentWall } from '@/wire/sent-wall';
import { NotAnsweredNote } from '../asking/not-answered';
import { initialsOf } from '../ladder/rung-layout';
import type { KnownStep } from '../parts/step-drawer';
import { useAction } from '../parts/use-action';
import { useChances } from '../parts/use-chances';
import { useMinute } from '../parts/use-minute';
import { useNarrow } from '../parts/use-narrow';
import { useStored } from '../parts/use-stored';
import { AXIS_WIDTH, Field, type FieldHandle } from './field';
import { Filter, filterOptions } from './filter';
import { standLadders } from './ladder-widths';
import { Legend } from './legend';
import { Moving } from './moving';
import { PhoneWall } from './phone-wall';
import { pinchGroups, type Pinched } from './pinch-line';
import { nextRungs, problemsOf } from './problems';
import { useWallKeys } from './use-wall-keys';
import { useWallPlace } from './use-wall-place';
import { WallHead } from './wall-head';
import { USUAL_ZOOM, zoomBy, type WallLook } from './wall-place';
import { wallScale } from './wall-scale';
import { stripsWidth, stripSizes } from './strip-sizes';

const loadDrawer = () => import('../parts/step-drawer').then((m) => m.StepDrawer);
const StepDrawer = dynamic(loadDrawer, { ssr: false });
const WhatIfPanel = dynamic(() => import('./what-if-panel').then((m) => m.WhatIfPanel), { ssr: false });
const LoadPanel = dynamic(() => import('./load-panel').then((m) => m.LoadPanel), { ssr: false });

const DIRECTIONS = ['climbs', 'falls'] as const;
const STRIPS = ['folded', 'open', 'hidden'] as const;
/** Height of the feet under a picture of the whole. Pixels. */
const PICTURE_FEET = 112;
/** Of the field, before it is known. Pixels. */
const USUAL_SIZE = { width: 1265, height: 600 };

/** The wall of ladders: every order on one time, with the hands, ovens and cold that carry them. */
export function Wall({ sent }: { sent: SentWall }) {
  const current = useMemo(() => readWall(sent), [sent]);
  const [place, look] = useWallPlace(sent);
  const [direction, setDirection] = useStored('zest-direction', DIRECTIONS);
  const [strips, setStrips] = useStored('zest-strips', STRIPS);
  const [size, setSize] = useState(USUAL_SIZE);
  const [person, setPerson] = useState<string | null>(null);
  const [pinched, setPinched] = useState<Pinched | null>(null);
  const [step, setStep] = useState<string | null>(null);
  const [panel, setPanel] = useState<'what if' | 'load' | null>(null);
  const [trial, setTrial] = useState<TrialView | null>(null);
  const field = useRef<FieldHandle>(null);
  // While something is tried, the wall shows the copy.
  const view = trial?.wall ?? current;
  const minute = useMinute(view.minute);
  const narrow = useNarrow();
  const action = useAction();
  const { chances, old: oldChances, asked: askedChances } = useChances(trial ? null : current.plan, minute);

  const climbs = direction === 'climbs';
  const filter = useMemo(() => new Filter(place.only, view.clock), [place.only, view.clock]);
  const options = useMemo(() => filterOptions(view), [view]);
  // An order that has left the wall cannot be looked at alone.
  const alone = place.view === 'order' && view.ladders.some((l) => l.order === place.order);
  const seen: WallLook = place.view === 'order' && !alone ? 'day' : place.view;
  const ladders = useMemo(
    () => view.ladders.filter((l) => (alone ? l.order === place.order : filter.shows(l))),
    [view, filter, alone, place.order],
  );
  const opened = useMemo(() => new Set(alone ? [place.order!] : place.opened), [alone, place.order, place.opened]);
  const shown = strips === 'hidden' || (panel !== null && size.width < 900) ? null : strips;
  const room = size.width - AXIS_WIDTH - (shown ? stripsWidth(view, stripSizes(shown === 'open')) : 0);
  const stands = useMemo(() => standLadders(ladders, opened, seen, room), [ladders, opened, seen, room]);
  const picture = seen === 'week';
  const zoom = place.zoom ?? USUAL_ZOOM;
  const drawnHeight = picture ? size.height - PICTURE_FEET : 0;
  const scale = useMemo(
    () =>
      wallScale(
        alone ? { ladders, hands: [], minute: ladders[0]!.pickup } : view,
        picture ? { height: drawnHeight } : { pixelsPerHour: zoom },
        climbs,
      ),
    [alone, ladders, view, picture, drawnHeight, zoom, climbs],
  );
  const pinches = useMemo(() => pinchGroups(view.pinches, view.clock), [view.pinches, view.clock]);
  const next = useMemo(() => nextRungs(view.ladders, view.minute), [view.ladders, view.minute]);
  const problems = useMemo(() => problemsOf(view.ladders), [view.ladders]);
  const lit = useMemo(() => {
    if (person === null && pinched === null && !filter.lights) return null;
    return (r: RungView) =>
      (person === null || r.who.some((w) => w.id === person)) && fills(r, pinched) && (!filter.lights || filter.lit(r));
  }, [person, pinched, filter]);

  const zoomTo = useCallback(
    (steps: 1 | -1) => {
      // A picture shows all there is: nearer is the day, and there is nothing farther.
      if (!picture) look({ zoom: zoomBy(zoom, steps) });
      else if (steps > 0) look({ view: 'day', zoom: null });
    },
    [look, picture, zoom],
  );
  const lookAt = (to: WallLook) =>
    look({ view: to, ...(to === 'order' ? { order: place.order ?? ladders[0]?.order ?? null } : {}) });
  const toggle = useCallback(
    (order: number) => {
      const { opened: before } = place;
      look({ opened: before.includes(order) ? before.filter((o) => o !== order) : [...before, order] });
    },
    [look, place],
  );
  const moved = useCallback((at: number, ladder: number | null) => look({ minute: at, ladder }), [look]);
  const goToProblem = useWallKeys({
    clock: view.clock,
    scale,
    minute,
    problems,
    field,
    onZoom: zoomTo,
    onLook: lookAt,
  });
  const closeStep = useCallback(() => setStep(null), []);
  const openStrips = useCallback((open: boolean) => setStrips(open ? 'open' : 'folded'), [setStrips]);
  const nameOf = (id: string) => view.ladders.flatMap((l) => l.rungs).find((r) => r.step === id)?.name ?? '';

  return (
    <Box component="main" id="main" className="zl-wall" onPointerEnter={() => void loadDrawer()}>
      {narrow !== false && <PhoneWall view={view} problems={problems} next={next} onOpen={setStep} />}
      <WallHead
        view={current}
        busy={action.busy}
        look={seen}
        onLook={lookAt}
        order={place.order}
        onOrder={(order) => look({ view: 'order', order })}
        zoom={picture ? null : zoom}
        onZoom={zoomTo}
        climbs={climbs}
        onTurn={() => setDirection(climbs ? 'falls' : 'climbs')}
        onShow={(order) => field.current?.goTo(null, order)}
        problems={problems.length}
        onProblem={goToProblem}
        strips={strips !== 'hidden'}
        onStrips={() => setStrips(strips === 'hidden' ? 'folded' : 'hidden')}
        panel={panel}
        onPanel={(to) => {
          setPanel(to);
          setTrial(null);
        }}
        filter={{ options, chosen: place.only, onChoose: (only) => look({ only }) }}
      />
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex', position: 'relative', borderTop: '1px solid var(--zl-line)' }}>
        {panel === 'what if' && (
          <WhatIfPanel view={current} trial={trial} onTrial={setTrial} onClose={() => setPanel(null)} />
        )}
        {panel === 'load' && <LoadPanel plan={current.plan} onClose={() => setPanel(null)} />}
        {narrow !== true && (
          <Moving action={action} clock={view.clock} nameOf={nameOf}>
            <Field
              ref={field}
              view={view}
              ladders={ladders}
              {...stands}
              picture={picture}
              scale={scale}
              minute={minute}
              from={{ minute: place.minute, ladder: place.ladder }}
              opened={opened}
              next={next}
              lit={lit}
              chances={chances}
              oldChances={oldChances}
              pinches={pinches}
              pinched={pinched}
              strips={shown}
              person={person}
              trial={trial !== null}
              onMoved={moved}
              onZoom={zoomTo}
              onSize={setSize}
              onToggle={toggle}
              onOpen={setStep}
              onPerson={setPerson}
              onPinch={setPinched}
              onStrips={openStrips}
            />
          </Moving>
        )}
        {trial && <CopyBadge />}
      </Box>
      <NotAnsweredNote asked={askedChances} what={say`How likely each pickup is could not be reckoned`} />
      {/* Why there is another plan, said once to who listens. */}
      <p role="status" className="zl-only-heard">
        {view.planned}
      </p>
      <Legend climbs={climbs} planned={view.planned} />
      <StepDrawerOnce step={step} known={step === null ? null : knownOf(view, step)} onClose={closeStep} />
      {action.message}
    </Box>
  );
}

/** Does a rung fill what there is no room in? */
function fills(rung: RungView, pinched: Pinched | null): boolean {
  if (pinched === null) return true;
  return pinched.pinches.some(
    (p) =>
      rung.start < p.end &&
      rung.end > p.start &&
      (rung.who.some((w) => p.people.includes(w.id)) || rung.items.some((i) => p.items.includes(i))),
  );
}

/** What the wall knows of a rung that is opened. */
function knownOf({ ladders, clock }: WallView, step: string): KnownStep | null {
  const ladder = ladders.find((l) => l.rungs.some((r) => r.step === step));
  const rung = ladder?.rungs.find((r) => r.step === step);
  if (!ladder || !rung) return null;
  return {
    name: rung.name,
    of: ladder.title,
    when: `${dayClockText(rung.start, clock)}–${clockText(rung.end, clock)} · ${initialsOf(rung)}`,
  };
}

/** The drawer is loaded when it is opened for the first time. */
function StepDrawerOnce(props: ComponentProps<typeof StepDrawer>) {
  const [asked, setAsked] = useState(false);
  if (props.step !== null && !asked) setAsked(true);
  return asked ? <StepDrawer {...props} /> : null;
}

/** Says that what is seen is not the plan. */
function CopyBadge() {
  return <div className="zl-copy">{say`▲ A copy: nothing is decided`}</div>;
}
