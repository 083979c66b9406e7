'use client';

import { say } from '@/core/words/say';
import { dayClockText } from '@/core/time/clock-text';
import type { LadderView, RungView } from '@/server/ladder/ladder-view';
import type { WallView } from '@/server/wall/wall-view';
import { KitchenLink } from '../kitchens/kitchen-link';
import { initialsOf } from '../ladder/rung-layout';
import { statusText, TONE_SHAPES, toneOf } from '../parts/status';
import { useHydrated } from '../parts/use-hydrated';
import type { Problem } from './problems';

interface Shown {
  ladder: LadderView;
  rung: RungView;
}

/** The wall in a hand: what needs a look, what is done now and next, and every flag. Ladders are for larger windows. */
export function PhoneWall({
  view,
  problems,
  next,
  onOpen,
}: {
  view: WallView;
  problems: Problem[];
  next: ReadonlySet<string>;
  onOpen: (step: string) => void;
}) {
  const { ladders, clock, headline } = view;
  const rungs = ladders.flatMap((ladder): Shown[] => ladder.rungs.map((rung) => ({ ladder, rung })));
  const once = (wanted: (r: RungView) => boolean) => {
    const seen = new Set<string>();
    return rungs
      .filter(({ rung }) => wanted(rung) && !seen.has(rung.step) && seen.add(rung.step))
      .sort((a, b) => a.rung.start - b.rung.start);
  };
  const hydrated = useHydrated();
  const time = (minute: number) => dayClockText(minute, clock);
  const needing = [...new Set(problems.map((p) => p.order))].map((o) => ladders.find((l) => l.order === o)!);
  return (
    <div className="zl-phone">
      <h1 className="zl-only-heard">{say`The wall`}</h1>
      <p className={`zl-phone-headline zl-tone-${headline.tone}`}>
        <span aria-hidden>{TONE_SHAPES[headline.tone]}</span> {headline.text}
      </p>
      {view.backup && (
        <p className="zl-phone-headline zl-tone-misses">
          <span aria-hidden>■</span>{' '}
          <KitchenLink href="/kitchen/file" style={{ color: 'inherit' }}>
            {view.backup}
          </KitchenLink>
        </p>
      )}
      {needing.length > 0 && (
        <Part name={say`Needs a look`}>
          {needing.map((l) => (
            <Flagged key={l.order} ladder={l} when={time(l.pickup)} />
          ))}
        </Part>
      )}
      {view.toAgree.length > 0 && (
        <Part name={say`To be agreed`}>
          {view.toAgree.map((u) => (
            <li key={`${u.order} ${u.what}`}>
              <KitchenLink href={`/orders/${u.order}`}>
                <span className="zl-phone-when">{u.by}</span>
                <span className="zl-phone-what">{say`${u.title}: ${u.what}`}</span>
                {u.over && <span className="zl-tone-tight">▲ {say`over`}</span>}
              </KitchenLink>
            </li>
          ))}
        </Part>
      )}
      <Part name={say`Now`}>
        {once((r) => r.state === 'running').map((s) => (
          <Work key={s.rung.step} {...s} when={say`since ${time(s.rung.start)}`} now onOpen={onOpen} />
        ))}
        {once((r) => next.has(r.step)).map((s) => (
          <Work key={s.rung.step} {...s} when={time(s.rung.start)} now={false} onOpen={onOpen} />
        ))}
      </Part>
      <Part name={say`Flags`}>
        {/* On a larger window they are not shown, and are not sent for that. */}
        {[...(hydrated ? ladders : [])]
          .sort((a, b) => a.pickup - b.pickup)
          .map((l) => (
            <Flagged key={l.order} ladder={l} when={time(l.pickup)} />
          ))}
      </Part>
    </div>
  );
}

function Part({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <section aria-label={name}>
      <h2>{name}</h2>
      <ul>{children}</ul>
    </section>
  );
}

function Flagged({ ladder, when }: { ladder: LadderView; when: string }) {
  const tone = toneOf(ladder.status);
  return (
    <li>
      <KitchenLink href={`/orders/${ladder.order}`}>
        <span className="zl-phone-when">{when}</span>
        <span className="zl-phone-what">{ladder.title}</span>
        <span className={`zl-tone-${tone}`}>
          <span aria-hidden>{TONE_SHAPES[tone]}</span> {statusText(ladder.status)}
        </span>
      </KitchenLink>
    </li>
  );
}

function Work({
  ladder,
  rung,
  when,
  now,
  onOpen,
}: Shown & { when: string; now: boolean; onOpen: (step: string) => void }) {
  return (
    <li>
      <button type="button" data-now={now || undefined} onClick={() => onOpen(rung.step)}>
        <span className="zl-phone-when">{when}</span>
        <span className="zl-phone-what">
          {rung.name}
          <small>{ladder.title}</small>
        </span>
        <b>{initialsOf(rung)}</b>
      </button>
    </li>
  );
}
