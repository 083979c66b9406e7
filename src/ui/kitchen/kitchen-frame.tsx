'use client';

import { say } from '@/core/words/say';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useRef, type ReactNode } from 'react';
import { SETUP_STEPS, stepAfter, type SetupStep } from '@/core/kitchen/setup-steps';
import type { LastChange as Change, KitchenFrame as Frame } from '@/server/kitchen/kitchen-sections';
import { saveSetUpAction } from '../actions';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { useAction } from '../parts/use-action';
import { isTyping } from '../parts/is-typing';
import { saveOpenForms } from '../parts/open-forms';
import { usePutBack } from './use-put-back';
import './kitchen.css';

const SECTIONS: readonly { key: string; name: string; counted?: true }[] = [
  { key: '', name: say`Overview` },
  { key: 'people', name: say`People`, counted: true },
  { key: 'opening', name: say`Pickup hours` },
  { key: 'ovens', name: say`Ovens`, counted: true },
  { key: 'machines', name: say`Machines`, counted: true },
  { key: 'tins', name: say`Tins`, counted: true },
  { key: 'places', name: say`Cold and dry places`, counted: true },
  { key: 'ingredients', name: say`Ingredients`, counted: true },
  { key: 'suppliers', name: say`Suppliers`, counted: true },
  { key: 'standing-work', name: say`Standing work`, counted: true },
  { key: 'builds', name: say`Builds`, counted: true },
  { key: 'work', name: say`Work on cakes`, counted: true },
  { key: 'how', name: say`How we do it` },
  { key: 'library', name: say`Starter library` },
  { key: 'tables', name: say`Tables` },
  { key: 'file', name: say`Kitchen file` },
  { key: 'changes', name: say`What was changed` },
];

const STEP_NAMES: Record<SetupStep, string> = {
  people: say`People and hours`,
  opening: say`Pickup hours`,
  ovens: say`Ovens`,
  machines: say`Machines`,
  tins: say`Tins`,
  places: say`Cold places`,
  how: say`How we do it`,
  library: say`Formulas`,
  order: say`A first order`,
};

const placeOf = (key: string) => (key === 'order' ? '/orders/new' : key === '' ? '/kitchen' : `/kitchen/${key}`);

/** Around every page of the kitchen’s own: its sections, and while it is set up the way through them. */
export function KitchenFrame({ frame, children }: { frame: Frame; children: ReactNode }) {
  const path = usePathname();
  const within = useInKitchen();
  const here = SECTIONS.find((s) => s.key !== '' && path.startsWith(within(placeOf(s.key))))?.key ?? '';
  const sections = useRef<HTMLElement>(null);
  // In a narrow window they are a row that scrolls: the one that is open is in sight.
  useEffect(() => {
    const nav = sections.current;
    const open = nav?.querySelector<HTMLElement>('[aria-current]');
    if (nav && open) nav.scrollLeft = open.offsetLeft - (nav.clientWidth - open.offsetWidth) / 2;
  }, [here]);
  return (
    <div className="zl-kitchen">
      {frame.setUp && <SetUp done={frame.setUp} here={here} />}
      <nav ref={sections} className="zl-kitchen-sections" aria-label={say`Sections of the kitchen`}>
        {SECTIONS.map((s) => (
          <KitchenLink key={s.key} href={placeOf(s.key)} aria-current={s.key === here ? 'page' : undefined}>
            {s.name}
            {s.counted && <span>{frame.counts[s.key] ?? 0}</span>}
          </KitchenLink>
        ))}
        {frame.lastChange && <LastChange change={frame.lastChange} />}
      </nav>
      {children}
    </div>
  );
}

/** What was changed last, to be taken back: also by Ctrl/⌘ Z, unless a field is being typed in. */
function LastChange({ change }: { change: Change }) {
  const { busy, putBack, message } = usePutBack();
  const { event } = change;
  useEffect(() => {
    const undo = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.shiftKey || e.key.toLowerCase() !== 'z' || isTyping(e.target)) return;
      e.preventDefault();
      if (!busy) putBack(event);
    };
    window.addEventListener('keydown', undo);
    return () => window.removeEventListener('keydown', undo);
  });
  return (
    <div className="zl-last-change">
      <span>
        {change.by === null ? say`${change.what}, ${change.when}` : say`${change.what} by ${change.by}, ${change.when}`}
      </span>
      <button type="button" className="zl-button zl-quiet" disabled={busy} onClick={() => putBack(event)}>
        {say`Undo`}
      </button>
      {message}
    </div>
  );
}

/** The steps of setting up, in any order; each is useful by itself. */
function SetUp({ done, here }: { done: SetupStep[]; here: string }) {
  const router = useRouter();
  const within = useInKitchen();
  const action = useAction();
  const step = SETUP_STEPS.find((s) => s === here);
  const next = step ? stepAfter(step) : (SETUP_STEPS.find((s) => !done.includes(s)) ?? null);
  const goOn = () =>
    action.run(async () => {
      // What is typed on the page is a part of its step.
      if (!(await saveOpenForms()))
        return {
          ok: false,
          message: say`What is typed here cannot be saved yet: it is marked. Nothing of it was lost.`,
        };
      const through = step && !done.includes(step) ? [...done, step] : done;
      const saved = await saveSetUpAction(next === null ? null : through);
      if (saved.ok && next !== null) router.push(within(placeOf(next)));
      return saved;
    });
  const leave = () => action.run(() => saveSetUpAction(null));
  return (
    <section className="zl-setup" aria-label={say`Set up your kitchen`}>
      <b>{say`Set up your kitchen`}</b>
      <ol>
        {SETUP_STEPS.map((s) => (
          <li key={s}>
            <KitchenLink
              href={placeOf(s)}
              aria-current={s === here ? 'step' : undefined}
              data-done={done.includes(s) || undefined}
            >
              {STEP_NAMES[s]}
            </KitchenLink>
          </li>
        ))}
      </ol>
      {next && (
        <Button variant="contained" disabled={action.busy} onClick={goOn}>
          {step ? say`On to: ${STEP_NAMES[next]}` : say`Go on: ${STEP_NAMES[next]}`}
        </Button>
      )}
      <Button color="secondary" disabled={action.busy} onClick={leave}>{say`I am through with it`}</Button>
      {action.message}
    </section>
  );
}

/** What a good plan lacks, as one sentence with one button; the rest on the overview. */
export function MissingNote({ frame, section }: { frame: Frame; section: string }) {
  const own = frame.missing.filter((m) => m.section === section);
  if (own.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mb: 2, bgcolor: 'var(--zl-tightBack)', color: 'inherit' }}>
      {own.map((m) => (
        <Box key={m.say}>{m.say}</Box>
      ))}
    </Alert>
  );
}
