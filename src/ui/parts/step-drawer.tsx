'use client';

import { say } from '@/core/words/say';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import CircularProgress from '@mui/material/CircularProgress';
import Drawer from '@mui/material/Drawer';
import IconButton from '@mui/material/IconButton';
import Link from '@mui/material/Link';
import type { ReactNode } from 'react';
import type { StepView } from '@/server/steps/step-view';
import { NotAnsweredNote } from '../asking/not-answered';
import { stepDetails } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { Caution } from './caution';
import { useReading } from './reading';
import { StepSteering } from './step-steering';
import { KitchenLink } from '../kitchens/kitchen-link';

/** What a page knows of a step before it has asked for the rest. */
export interface KnownStep {
  name: string;
  of: string;
  when: string;
}

/** The details of a rung, from the side: what is known of it at once, the rest as soon as it is there. */
export function StepDrawer({
  step,
  known = null,
  onClose,
}: {
  step: string | null;
  known?: KnownStep | null;
  onClose: () => void;
}) {
  const asked = useAsked(step === null ? null : stepDetails(step));
  return (
    <Drawer
      anchor="right"
      open={step !== null}
      onClose={onClose}
      slotProps={{
        paper: {
          sx: { width: { xs: '100%', sm: 400 }, bgcolor: 'var(--zl-paper)', borderLeft: '2px solid var(--zl-ink)' },
          'aria-label': say`Details of the step`,
        },
      }}
    >
      <Box sx={{ p: 2.5 }}>
        <IconButton aria-label={say`Close`} onClick={onClose} sx={{ float: 'right', width: 44, height: 44 }}>
          <Close />
        </IconButton>
        {!asked.answer && asked.problem === null && <Awaited known={known} />}
        <NotAnsweredNote asked={asked} what={say`The step could not be read`} />
        {asked.answer && (
          <Details view={asked.answer}>
            {asked.answer.state === 'planned' && <StepSteering step={asked.answer.step} onDone={onClose} />}
          </Details>
        )}
      </Box>
    </Drawer>
  );
}

function Awaited({ known }: { known: KnownStep | null }) {
  return (
    <>
      {known && (
        <>
          <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>{known.of}</Box>
          <Box component="h2" sx={{ typography: 'h1', m: 0, mt: 0.5 }}>
            {known.name}
          </Box>
          <Box sx={{ fontWeight: 700, mt: 0.5, mb: 2 }}>{known.when}</Box>
        </>
      )}
      <CircularProgress size={28} aria-label={say`Loading`} />
    </>
  );
}

const STATES = { planned: null, overdue: say`should have begun`, running: say`under way`, done: say`done` };

function Details({ view, children }: { view: StepView; children: ReactNode }) {
  const { tell } = useReading();
  return (
    <>
      <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>
        <Link component={KitchenLink} href={`/orders/${view.order}`}>
          {view.orderTitle}
        </Link>
        {view.component && ` · ${view.component}`}
        {STATES[view.state] && ` · ${STATES[view.state]}`}
      </Box>
      <Box component="h2" sx={{ typography: 'h1', m: 0, mt: 0.5 }}>
        {view.name}
      </Box>
      <Box sx={{ fontWeight: 700, mt: 0.5 }}>{view.when}</Box>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 13.5 }}>{view.minutes}</Box>
      {children}
      {view.caution && <Caution text={view.caution} />}
      <Fact name={say`How much`}>{view.amount && tell(view.amount)}</Fact>
      <Reasons name={say`In goes`} lines={view.goesIn} />
      <Fact name={say`How`}>{tell(view.how)}</Fact>
      <Fact name={say`Until`}>{view.sign && tell(view.sign)}</Fact>
      <Fact name={say`Before it is done`}>
        {view.check
          ? say`${view.check.text}. If not: ${view.check.otherwise}${view.check.beyond ? ` ${say`Too far: ${view.check.beyond}`}` : ''}`
          : null}
      </Fact>
      <Reasons name={say`Before it begins`} lines={view.prepare} />
      <Reasons name={say`Reminders`} lines={view.reminders} />
      <Reasons name={say`If it goes wrong`} lines={view.rescues} />
      <Fact name={say`Who`}>
        {view.who.length > 0 ? `${view.who.join(' and ')}${view.skill ? ` (${view.skill})` : ''}` : null}
      </Fact>
      <Fact name={say`With`}>{view.with.length > 0 ? view.with.join(' · ') : null}</Fact>
      <Reasons name={say`Why not later`} lines={view.notLater} />
      <Reasons name={say`Why not earlier`} lines={view.notEarlier} />
      <Reasons name={say`Afterwards`} lines={view.waits} />
    </>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  if (!children) return null;
  return (
    <Box sx={{ mt: 1.75 }}>
      <Label>{name}</Label>
      <div>{children}</div>
    </Box>
  );
}

function Reasons({ name, lines }: { name: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box sx={{ mt: 1.75 }}>
      <Label>{name}</Label>
      <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
        {lines.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </Box>
    </Box>
  );
}

function Label({ children }: { children: ReactNode }) {
  return <Box sx={{ fontSize: 12.5, fontWeight: 700, color: 'var(--zl-muted)' }}>{children}</Box>;
}
