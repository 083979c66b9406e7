'use client';

import { say, term } from '@/core/words/say';
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import { timeOf } from '@/core/time/clock';
import type { BenchView } from '@/server/bench/bench-view';
import type { BenchStep } from '@/server/bench/bench-reader';
import { extendStepAction, finishStepAction, startStepAction, takeBackStepAction, anywayAction } from '../actions';
import type { CheckAnswer } from '@/core/floor/check-answer';
import { Cautions } from '../parts/caution';
import { useHydrated } from '../parts/use-hydrated';
import { useLive } from '../parts/use-live';
import { useMinute } from '../parts/use-minute';
import { ThemeSwitch } from '../shell/theme-switch';
import { headingFont } from '../theme/theme';
import { Card, Then, Section, Label } from './bench-parts';
import { useEffect, useRef, useState } from 'react';
import { Alone, ToStart } from './alone';
import { BigButton } from '../parts/big-button';
import { CheckGate } from './check-gate';
import { Prepare, Reminders } from './notes';
import { Timer } from './timer';
import { NotYet } from './not-yet';
import { useTaps } from '../parts/use-taps';
import { LostNote } from '../shell/lost-note';
import { PicturesShown } from '../parts/pictures-shown';
import { KitchenLink } from '../kitchens/kitchen-link';

/** What now, how much, in which tin, until what sign, and what next: to be read from two metres. */
export function BenchPage({ view }: { view: BenchView }) {
  const hydrated = useHydrated();
  const minute = useMinute(view.minute);
  const tap = useTaps(view.clock, minute);
  const lost = useLive(true);
  const time = (m: number) => timeOf(m, view.clock).toFormat('HH:mm');
  const { now } = view;
  return (
    <Box data-hydrated={hydrated || undefined} sx={{ minHeight: '100dvh', fontSize: 19 }}>
      <Box
        component="header"
        className="zl-bar"
        sx={{
          bgcolor: 'var(--zl-bar)',
          color: 'var(--zl-barText)',
          display: 'flex',
          alignItems: 'center',
          gap: 2,
          px: 3,
          minHeight: 68,
        }}
      >
        <Box
          component={KitchenLink}
          href="/bench"
          aria-label={say`${view.person.initials}: somebody else`}
          sx={{
            width: 48,
            height: 48,
            borderRadius: '50%',
            bgcolor: 'var(--zl-zest)',
            color: 'var(--zl-onZest)',
            display: 'grid',
            placeItems: 'center',
            fontWeight: 700,
            textDecoration: 'none',
          }}
        >
          {view.person.initials}
        </Box>
        <Box sx={{ flex: 1, fontFamily: headingFont, fontWeight: 700, fontSize: 26 }}>{view.person.name}</Box>
        <Box component={KitchenLink} href="/" sx={{ color: 'inherit', p: 1.5 }}>{say`Wall`}</Box>
        <ThemeSwitch />
        <Box sx={{ fontFamily: headingFont, fontWeight: 700, fontSize: 28 }}>{time(minute)}</Box>
      </Box>
      <LostNote lost={lost} />
      <Box component="main" id="main" sx={{ maxWidth: 860, mx: 'auto', px: 3, py: 2.5 }}>
        {now ? <Now step={now} view={view} minute={minute} tap={tap} time={time} /> : <Nothing view={view} />}
        {view.last && (
          <Box sx={{ mt: 2, display: 'flex', alignItems: 'center', gap: 2, color: 'var(--zl-muted)' }}>
            <Box sx={{ flex: 1, minWidth: 0 }}>{say`Last: “${view.last.name}” ${term(view.last.what)}`}</Box>
            <BigButton
              kind="quiet"
              small
              disabled={tap.busy}
              onClick={() => tap.run((told) => takeBackStepAction(view.last!.step, told.sure), say`Take it back`)}
            >{say`Take it back`}</BigButton>
          </Box>
        )}
        <Box sx={{ mt: 1 }}>
          <Link
            component={KitchenLink}
            href={`/told?bench=${encodeURIComponent(view.person.id)}`}
          >{say`Told today: put something right`}</Link>
        </Box>
        {view.toStart.length > 0 && (
          <Section name={say`Put in now`}>
            {view.toStart.map((a) => (
              <ToStart
                key={a.step}
                item={a}
                time={time}
                busy={tap.busy}
                onStart={() => tap.run((told) => startStepAction(a.step, view.person.id, told), say`It is in`)}
              />
            ))}
          </Section>
        )}
        {view.then.length > 0 && (
          <Section name={say`Then`}>
            {view.then.map((s) => (
              <Then key={s.step} step={s} today={timeOf(minute, view.clock).toFormat('ccc d LLL')} time={time} />
            ))}
          </Section>
        )}
        {view.alone.length > 0 && (
          <Section name={say`Running without you`}>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1.75 }}>
              {view.alone.map((a) => (
                <Alone
                  key={`${a.step} ${a.detail}`}
                  item={a}
                  minute={minute}
                  busy={tap.busy}
                  time={time}
                  onOut={(answer) => tap.run((told) => finishStepAction(a.step, answer, told), say`It is out`)}
                  onMore={(minutes) => tap.run(() => extendStepAction(a.step, minutes), say`Not yet`)}
                />
              ))}
            </Box>
          </Section>
        )}
      </Box>
      {tap.question}
      {tap.message}
    </Box>
  );
}

type Taps = ReturnType<typeof useTaps>;

function Now({
  step,
  view,
  minute,
  tap,
  time,
}: {
  step: BenchStep;
  view: BenchView;
  minute: number;
  tap: Taps;
  time: (m: number) => string;
}) {
  const today = timeOf(minute, view.clock).toFormat('ccc d LLL') === step.day;
  const [asked, setAsked] = useState<{ step: string; what: 'check' | 'minutes' } | null>(null);
  const asking = step.running !== null && asked?.step === step.step ? asked.what : null;
  const ask = (what: 'check' | 'minutes') => setAsked({ step: step.step, what });
  const finish = (answer?: CheckAnswer) => tap.run((told) => finishStepAction(step.step, answer, told), 'Done');
  const done = () => (step.check ? ask('check') : finish());
  const notYet = (minutes: number) => {
    setAsked(null);
    tap.run(() => extendStepAction(step.step, minutes), say`Not yet`);
  };
  // The button that was pressed is gone with what it was for: the keyboard goes on at what is to be done now.
  const heading = useRef<HTMLHeadingElement>(null);
  const at = `${step.step} ${step.running !== null}`;
  const was = useRef(at);
  useEffect(() => {
    const gone = was.current !== at && document.activeElement === document.body;
    was.current = at;
    if (gone) heading.current?.focus({ preventScroll: true });
  }, [at]);
  return (
    <section aria-label={say`Now`}>
      <Label>
        {step.running
          ? say`Now, since ${time(step.running.since)}`
          : say`Next, ${today ? '' : `${step.day}, `}${time(step.start)}`}{' '}
        · {step.order}
      </Label>
      <Box
        component="h1"
        ref={heading}
        tabIndex={-1}
        sx={{
          m: 0,
          outline: 'none',
          fontFamily: headingFont,
          fontWeight: 700,
          fontSize: 48,
          lineHeight: 1.08,
          overflowWrap: 'anywhere',
        }}
      >
        {step.name}
      </Box>
      {step.component && step.component !== step.name && <Box sx={{ color: 'var(--zl-muted)' }}>{step.component}</Box>}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: step.amount && step.sign ? '1fr 1fr' : '1fr' },
          gap: 1.75,
          mt: 2,
        }}
      >
        {step.amount && <Card name={say`how much`} text={step.amount} detail={step.with.join(' · ')} />}
        {step.sign && <Card name={say`until`} text={step.sign} detail={step.amount ? '' : step.with.join(' · ')} />}
      </Box>
      <Box sx={{ mt: 1.75 }}>{step.how}</Box>
      {step.agreed.map((line) => (
        <Box key={line} sx={{ mt: 1, fontWeight: 700, overflowWrap: 'anywhere' }}>
          {line}
        </Box>
      ))}
      {view.pictures.length > 0 && (
        <Box sx={{ mt: 1.5 }}>
          <PicturesShown pictures={view.pictures} height={150} />
        </Box>
      )}
      {step.goesIn.map((line) => (
        <Box key={line} sx={{ mt: 1, fontWeight: 700 }}>
          {say`In goes: ${line}`}
        </Box>
      ))}
      {step.hurry && <Box sx={{ mt: 1, fontWeight: 700, color: 'var(--zl-missesText)' }}>{step.hurry}</Box>}
      {step.running && <Timer told={view.minute} running={step.running} time={time} />}
      <Cautions texts={[...(step.caution ? [step.caution] : []), ...step.contacts]} large />
      {step.stood && (
        <Box role="alert" sx={{ mt: 2, fontWeight: 700, color: 'var(--zl-missesText)' }}>
          {step.stood}
          {say`. Look at it, and ask the lead before it goes on.`}
          <Box sx={{ mt: 1 }}>
            <BigButton
              kind="quiet"
              small
              disabled={tap.busy}
              onClick={() => tap.run(({ why }) => anywayAction(step.step, why ?? ''), say`Use it anyway`, {})}
            >{say`Use it anyway`}</BigButton>
          </Box>
        </Box>
      )}
      {step.blocked && (
        <Box sx={{ mt: 2, fontWeight: 700 }}>
          {say`Not yet:`} {step.blocked}
        </Box>
      )}
      {!step.blocked && step.early && (
        <Box sx={{ mt: 2, fontWeight: 700 }}>
          {say`Waits until`} {step.early}
          {say`. Earlier only if the sign is there.`}
        </Box>
      )}
      {!step.running && <Prepare step={step} minute={minute} time={time} />}
      <Reminders list={step.reminders} minute={minute} time={time} />
      {step.rescues.length > 0 && (
        <Box component="details" sx={{ mt: 1.5 }}>
          <Box component="summary" sx={{ minHeight: 44, display: 'list-item', fontWeight: 700, pt: 1 }}>
            {say`If it goes wrong`}
          </Box>
          {step.rescues.map((line) => (
            <Box key={line} sx={{ mt: 0.5 }}>
              {line}
            </Box>
          ))}
        </Box>
      )}
      {asking === 'check' && (
        <CheckGate check={step.check!} busy={tap.busy} onHolds={finish} onNotYet={() => ask('minutes')} />
      )}
      {asking === 'minutes' && <NotYet busy={tap.busy} onMinutes={notYet} onCancel={() => setAsked(null)} />}
      <Box sx={{ display: asking ? 'none' : 'flex', gap: 1.75, mt: 2 }}>
        {step.running ? (
          <>
            <BigButton kind="main" disabled={tap.busy} onClick={done}>{say`Done`}</BigButton>
            <BigButton kind="quiet" disabled={tap.busy} onClick={() => ask('minutes')}>{say`Not yet`}</BigButton>
          </>
        ) : (
          <BigButton
            kind="main"
            disabled={tap.busy || step.blocked !== null}
            onClick={() => tap.run((told) => startStepAction(step.step, view.person.id, told), say`Begin it`)}
          >
            {step.early && !step.blocked ? say`Start early` : say`Start`}
          </BigButton>
        )}
      </Box>
    </section>
  );
}

function Nothing({ view }: { view: BenchView }) {
  return (
    <section aria-label={say`Now`}>
      <Box component="h1" sx={{ m: 0, fontFamily: headingFont, fontSize: 40 }}>{say`Nothing to do`}</Box>
      <p>
        {say`The plan has no step for ${view.person.name}.`} {view.doneToday > 0 && say`${view.doneToday} done today.`}
      </p>
    </section>
  );
}
